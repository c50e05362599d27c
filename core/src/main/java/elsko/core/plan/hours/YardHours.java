package elsko.core.plan.hours;

import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.Worker;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The hours a yard keeps to beside those of its people; what is null has none.
 *
 * @param daylight where it is: work in the open is done between sunrise and sunset
 * @param doors in which the doors of its sheds may stand open, so that an engine may run
 * @param lift in which its lift works
 * @param highWater around which boats float to the lift
 * @param hands in which a second person comes, where they come in one fixed hour
 */
public record YardHours(
    @Nullable Daylight daylight,
    Worker.@Nullable Hours doors,
    Worker.@Nullable Hours lift,
    @Nullable HighWater highWater,
    Worker.@Nullable Hours hands) {
  /** Nobody has said any. */
  public static final YardHours NONE = new YardHours(null, null, null, null, null);

  /** A second person comes late in the morning, unless the yard says otherwise. */
  public static final Worker.Hours USUAL_HANDS = new Worker.Hours(10 * 60, 11 * 60);

  /**
   * What is open on each day of a season.
   *
   * @param inOneHour whether a second person comes in one fixed hour
   */
  public Openings openings(LocalDate first, int days, ZoneId zone, boolean inOneHour) {
    Map<Opening, List<List<Worker.Hours>>> open = new EnumMap<>(Opening.class);
    if (daylight != null) {
      put(open, Opening.DAYLIGHT, first, days, day -> listed(daylight.on(day, zone)));
    }
    if (doors != null) {
      put(open, Opening.DOORS, first, days, day -> List.of(doors));
    }
    if (lift != null || highWater != null) {
      put(open, Opening.LIFT_HOURS, first, days, this::lifts);
    }
    if (inOneHour) {
      Worker.Hours hour = hands == null ? USUAL_HANDS : hands;
      put(open, Opening.SECOND_HANDS, first, days, day -> List.of(hour));
    }
    return new Openings(open);
  }

  private static void put(
      Map<Opening, List<List<Worker.Hours>>> open,
      Opening kind,
      LocalDate first,
      int days,
      Function<LocalDate, List<Worker.Hours>> hours) {
    List<List<Worker.Hours>> byDay = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      byDay.add(hours.apply(first.plusDays(day)));
    }
    open.put(kind, byDay);
  }

  private static List<Worker.Hours> listed(Worker.@Nullable Hours hours) {
    return hours == null ? List.of() : List.of(hours);
  }

  private List<Worker.Hours> lifts(LocalDate day) {
    Worker.Hours works = lift == null ? new Worker.Hours(0, 1440) : lift;
    List<Worker.Hours> tides = highWater == null ? List.of(works) : highWater.on(day);
    return tides.stream()
        .map(
            tide ->
                new Worker.Hours(
                    Math.max(tide.from(), works.from()),
                    Math.max(Math.max(tide.from(), works.from()), Math.min(tide.to(), works.to()))))
        .filter(both -> both.to() > both.from())
        .toList();
  }
}
