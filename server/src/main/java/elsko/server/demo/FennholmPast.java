package elsko.server.demo;

import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import java.time.Period;
import java.util.List;
import java.util.Map;

/** What the book says of earlier years, of the boats that have been here so long. */
final class FennholmPast {
  private static final int YEARS = 5;
  private static final double HOURS_AT_FIRST = 410;
  private static final double HOURS_A_SEASON = 46;
  private static final List<Interval> EVERY_SPRING =
      List.of(Interval.ANODES, Interval.SIPHON_BREAK);
  private static final List<Interval> EVERY_AUTUMN =
      List.of(Interval.ENGINE_OIL, Interval.FUEL_FILTER, Interval.SPARK_PLUGS);

  /**
   * Where the gauge held each autumn, °C, and after how long water came each spring, s.
   *
   * @param wears whether its impeller was found worn last spring
   */
  private record Course(List<Double> plateausC, List<Integer> secondsToFlow, boolean wears) {}

  private static final Map<String, Course> COURSES =
      Map.of(
          // Its raw-water side narrows: 4.6 K over its own median.
          "Old Lapwing",
          new Course(List.of(72.6, 73.1, 72.9, 73.4, 77.6), List.of(9, 8, 9, 12, 17), false),
          "Smew",
          new Course(List.of(77.8, 78.1, 77.6, 78.0, 78.3), List.of(11, 10, 12, 11, 11), true),
          "Glasswort",
          new Course(List.of(73.4, 73.9, 73.1, 73.6, 74.0), List.of(14, 13, 14, 12, 13), false),
          "Oarweed",
          new Course(List.of(75.2, 74.8, 75.0, 75.5, 74.9), List.of(10, 12, 9, 11, 10), false));

  private FennholmPast() {}

  /** Tells it; nothing of a boat that is new here. */
  static void tell(String name, DemoStory story) {
    Course course = COURSES.get(name);
    if (course == null) {
      return;
    }
    String plateau =
        GaugeLimits.plateau(story.boat().engine(story.boat().engineCircuit(Position.CENTER))).key();
    for (int year = 0; year < YEARS; year++) {
      int ago = YEARS - year;
      spring(story.before(Period.ofYears(ago).plusMonths(-5)).by("technician"), course, year);
      autumn(story.before(Period.ofYears(ago - 1).plusDays(20)), course, year, plateau);
    }
    story.now();
  }

  private static void spring(DemoStory story, Course course, int year) {
    EVERY_SPRING.forEach(interval -> done(story, interval, ""));
    story.say(new Fact.ServiceDone(null, Interval.HOSES.key(), ""));
    if (year == 0) {
      done(story, Interval.VALVES, "");
    }
    if (year == 0 || year == 3) {
      done(story, Interval.GEAR_OIL, "");
    }
    if (year == 2) {
      done(story, Interval.COOLANT, "");
      done(story, Interval.ELBOW, "light scale, ground seat good");
    }
    if (year == 1 || year == 3) {
      done(story, Interval.IMPELLER, year == 1 ? "two vanes set" : "");
    }
    if (year == YEARS - 1) {
      done(story, Interval.ELBOW, "");
      done(story, Interval.IMPELLER_LOOK, course.wears() ? "one vane begins to crack" : "");
      if (course.wears()) {
        // Good for one more season, no longer.
        story.by("coordinator").say(new Fact.DuePlanned(Position.CENTER, Interval.IMPELLER.key()));
      }
    }
    // Started once all of it is done.
    story.say(
        new Fact.ReadingTaken(
            Position.CENTER, Limits.WATER_AT_EXHAUST.key(), course.secondsToFlow().get(year)));
  }

  private static void autumn(DemoStory story, Course course, int year, String plateau) {
    story.by("technician");
    story.say(
        new Fact.ReadingTaken(
            Position.CENTER, Limits.ENGINE_HOURS.key(), HOURS_AT_FIRST + HOURS_A_SEASON * year));
    EVERY_AUTUMN.forEach(interval -> done(story, interval, ""));
    story.say(
        new Fact.ConditionSeen(Position.CENTER, "oil-look", year % 2 == 0 ? "dark" : "amber"));
    story.say(new Fact.ReadingTaken(Position.CENTER, plateau, course.plateausC().get(year)));
  }

  private static void done(DemoStory story, Interval interval, String found) {
    story.say(new Fact.ServiceDone(Position.CENTER, interval.key(), found));
  }
}
