package elsko.core.plan.model;

import elsko.core.Refused;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * When there is what work waits for, by day of the season; what is not said is there at any minute.
 *
 * @param byDay for each day the hours, in their order, minutes after midnight; none where it is
 *     never there that day
 */
public record Openings(Map<Opening, List<List<Worker.Hours>>> byDay) {
  /** Nothing has hours. */
  public static final Openings ALWAYS = new Openings(Map.of());

  public Openings {
    Map<Opening, List<List<Worker.Hours>>> copy = new EnumMap<>(Opening.class);
    byDay.forEach((kind, days) -> copy.put(kind, days.stream().map(List::copyOf).toList()));
    copy.values().forEach(days -> days.forEach(Openings::inOrder));
    byDay = Collections.unmodifiableMap(copy);
  }

  private static void inOrder(List<Worker.Hours> day) {
    for (int i = 1; i < day.size(); i++) {
      if (day.get(i).from() < day.get(i - 1).to()) {
        throw Refused.value("openings", "Hours follow one another.");
      }
    }
  }

  /** The hours of one day; null where they are all. */
  public @Nullable List<Worker.Hours> on(Opening kind, int day) {
    List<List<Worker.Hours>> days = byDay.get(kind);
    return days == null ? null : day < days.size() ? days.get(day) : List.of();
  }
}
