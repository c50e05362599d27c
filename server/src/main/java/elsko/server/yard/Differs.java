package elsko.server.yard;

import elsko.core.Units;
import elsko.server.yard.Yards.YardView;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Pattern;

/** What was changed of the yard's settings, in words: each with what it was and what it is. */
final class Differs {
  private Differs() {}

  /** Empty where nothing was. */
  static String words(YardView before, YardView after) {
    List<String> words = new ArrayList<>();
    for (RecordComponent part : YardView.class.getRecordComponents()) {
      if (!part.getName().equals("version")) {
        Object was = value(part, before);
        Object is = value(part, after);
        if (!Objects.equals(was, is)) {
          words.add("%s: %s, was %s".formatted(plain(part.getName()), said(is), said(was)));
        }
      }
    }
    return String.join("; ", words);
  }

  private static Object said(Object value) {
    return value instanceof Units units ? units.words() : value;
  }

  /** "designLowC" as "design low C". */
  private static String plain(String name) {
    return Pattern.compile("(?<=[a-z])[A-Z](?=[a-z])")
        .matcher(name)
        .replaceAll(found -> " " + found.group().toLowerCase(Locale.ROOT))
        .replaceAll("(?<=[a-z])([A-Z])$", " $1");
  }

  private static Object value(RecordComponent part, YardView of) {
    try {
      return part.getAccessor().invoke(of);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
