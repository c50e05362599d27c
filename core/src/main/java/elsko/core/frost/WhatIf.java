package elsko.core.frost;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a change around a boat would do to its deadline.
 *
 * @param words what is changed
 * @param deadline with it; null when no day looked at is too late
 * @param gainedDays against now; null where the deadline falls away altogether or none was
 */
public record WhatIf(
    Change change, String words, @Nullable LocalDate deadline, @Nullable Integer gainedDays) {

  /** What can be changed. */
  public enum Change {
    COVER,
    SHED,
    HEATER_ONE_NIGHT,
    HEATER_FAILS
  }

  /** All that can be tried with a boat that stands like this. */
  public static List<WhatIf> of(
      FrostClock clock, Enclosure enclosure, List<CircuitWater> waters, Outlook now) {
    List<WhatIf> tried = new ArrayList<>();
    if (now.deadline() == null && enclosure.kind() != Enclosure.Kind.HEATED_SHED) {
      return tried;
    }
    switch (enclosure.kind()) {
      case OPEN -> {
        tried.add(tryOut(clock, Change.COVER, "under a tarp", Enclosure.Kind.TARP, waters, now));
        tried.add(inShed(clock, waters, now));
      }
      case TARP -> {
        tried.add(
            tryOut(clock, Change.COVER, "in shrink-wrap", Enclosure.Kind.SHRINK_WRAP, waters, now));
        tried.add(inShed(clock, waters, now));
      }
      case SHRINK_WRAP -> tried.add(inShed(clock, waters, now));
      case HEATED_SHED ->
          tried.add(
              of(
                  Change.HEATER_FAILS,
                  "if the shed's heater failed",
                  clock.outlook(enclosure.heaterFailed(), waters),
                  now));
      default -> {}
    }
    if (now.deadline() != null) {
      LocalDate today = clock.ensemble().first();
      // The night after the last good day is the one that does it.
      int evening = (int) Math.max(0, now.deadline().toEpochDay() - today.toEpochDay());
      tried.add(
          of(
              Change.HEATER_ONE_NIGHT,
              "with a heater in it in the night to " + dayAfter(today.plusDays(evening)),
              clock.outlook(enclosure.heated(new Enclosure.HeaterNight(evening)), waters),
              now));
    }
    return List.copyOf(tried);
  }

  private static String dayAfter(LocalDate evening) {
    return FrostWords.day(evening.plusDays(1));
  }

  private static WhatIf inShed(FrostClock clock, List<CircuitWater> waters, Outlook now) {
    return tryOut(clock, Change.SHED, "in a cold shed", Enclosure.Kind.COLD_SHED, waters, now);
  }

  private static WhatIf tryOut(
      FrostClock clock,
      Change change,
      String words,
      Enclosure.Kind kind,
      List<CircuitWater> waters,
      Outlook now) {
    return of(change, words, clock.outlook(Enclosure.of(kind), waters), now);
  }

  private static WhatIf of(Change change, String words, Outlook then, Outlook now) {
    Integer gained =
        then.deadline() == null || now.deadline() == null
            ? null
            : (Integer) (int) (then.deadline().toEpochDay() - now.deadline().toEpochDay());
    return new WhatIf(change, words, then.deadline(), gained);
  }
}
