package elsko.server.names;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What {@code names.txt} lists.
 *
 * @param kinds of entries, by the name they are stored and sent by
 * @param parts fields of what stored facts are made of, by Java's simple name
 * @param steps of cards, without the circuit and the number of a repetition
 * @param asks fields of each kind of ask, by its name
 * @param envelope fields every entry may have beside its kind
 * @param order of all fields when an entry's fingerprint is taken
 */
public record Names(
    Map<String, Kind> kinds,
    Map<String, List<Field>> parts,
    Set<String> steps,
    Map<String, List<Field>> asks,
    List<String> envelope,
    List<String> order) {
  private static final Names LISTED = read();

  /** All of them. */
  public static Names listed() {
    return LISTED;
  }

  /**
   * One kind of entry.
   *
   * @param java simple name of the record
   * @param sent null where it is not sent as an entry
   */
  public record Kind(String name, String java, List<Field> kept, @Nullable List<Field> sent) {}

  /**
   * One field.
   *
   * @param java name of the record's component
   * @param former what it was called when sent before; null where that was the same
   */
  public record Field(String name, String java, @Nullable String former) {
    /** {@code name=java(former)}, the last two where they differ. */
    static Field of(String listed) {
      String rest = listed;
      String former = null;
      int bracket = rest.indexOf('(');
      if (bracket >= 0) {
        former = rest.substring(bracket + 1, rest.length() - 1);
        rest = rest.substring(0, bracket);
      }
      int equals = rest.indexOf('=');
      return equals < 0
          ? new Field(rest, rest, former)
          : new Field(rest.substring(0, equals), rest.substring(equals + 1), former);
    }

    static List<Field> all(String listed) {
      return words(listed).stream().map(Field::of).toList();
    }

    public String formerly() {
      return former == null ? name : former;
    }
  }

  /** The listed name of a step, of its key on a card: {@code engine-port.prove-2} is a prove. */
  public static String stepOf(String key) {
    return key.substring(key.lastIndexOf('.') + 1).replaceAll("-[0-9]+$", "");
  }

  private static Names read() {
    Map<String, Kind> kinds = new LinkedHashMap<>();
    Map<String, List<Field>> parts = new LinkedHashMap<>();
    Set<String> steps = new TreeSet<>();
    Map<String, List<Field>> asks = new LinkedHashMap<>();
    List<String> envelope = new ArrayList<>();
    List<String> order = new ArrayList<>();
    String section = "";
    for (String line : lines()) {
      if (line.startsWith("[")) {
        section = line;
        continue;
      }
      String[] columns = line.split("\\|", -1);
      switch (section) {
        case "[kinds]" -> {
          String sent = columns[3].strip();
          Kind kind =
              new Kind(
                  columns[0].strip(),
                  columns[1].strip(),
                  Field.all(columns[2]),
                  sent.equals("-") ? null : Field.all(sent));
          kinds.put(kind.name(), kind);
        }
        case "[parts]" -> parts.put(columns[0].strip(), Field.all(columns[1]));
        case "[steps]" -> steps.addAll(words(line));
        case "[asks]" -> asks.put(columns[0].strip(), Field.all(columns[2]));
        case "[envelope]" -> envelope.addAll(words(line));
        case "[order]" -> order.addAll(words(line));
        default -> throw new IllegalStateException("names.txt has no section " + section);
      }
    }
    return new Names(kinds, parts, steps, asks, envelope, order);
  }

  private static List<String> lines() {
    InputStream file = Names.class.getResourceAsStream("/names.txt");
    try (BufferedReader reader =
        new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
      return reader.lines().filter(line -> !line.isBlank() && !line.startsWith("#")).toList();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static List<String> words(String line) {
    return Arrays.stream(line.strip().split("\\s+")).filter(word -> !word.isEmpty()).toList();
  }
}
