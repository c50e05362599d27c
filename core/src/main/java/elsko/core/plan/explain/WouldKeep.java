package elsko.core.plan.explain;

import elsko.core.frost.FrostWords;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What would keep a promise or a frost deadline that the plan at hand does not keep. */
public final class WouldKeep {
  private static final int HOUR = 60;

  private WouldKeep() {}

  /**
   * In words, the least first; empty when nothing of what is tried would.
   *
   * @param effort for each of the things that are tried
   */
  public static List<String> words(Planning planning, UUID boat, Effort effort) {
    Season season = planning.season();
    int by = lastDay(season, boat);
    int before = Otherwise.planned(planning, season, effort).late().size();
    List<String> words = new ArrayList<>();
    for (int hours = 1; hours <= 2; hours++) {
      if (keeps(Otherwise.longer(planning, hours * HOUR, by, effort), boat, before)) {
        words.add(
            "Everybody stays %s longer until %s."
                .formatted(
                    hours == 1 ? "an hour" : "two hours",
                    FrostWords.day(season.first().plusDays(by))));
        break;
      }
    }
    for (int day = 0; day <= by; day++) {
      if (isDayOff(season, day) && keeps(Otherwise.alsoOn(planning, day, effort), boat, before)) {
        words.add(
            "Everybody works on %s too.".formatted(FrostWords.day(season.first().plusDays(day))));
        break;
      }
    }
    for (Equipment kind : used(season, boat)) {
      if (keeps(Otherwise.withOneMore(planning, kind, effort), boat, before)) {
        words.add("There is one more %s.".formatted(kind.words()));
      }
    }
    return words;
  }

  /** Not by making another late in its place. */
  private static boolean keeps(Otherwise then, UUID boat, int before) {
    return !then.isLate(boat) && then.late().size() < before;
  }

  private static int lastDay(Season season, UUID boat) {
    return season.visits().stream()
        .filter(visit -> visit.boat().equals(boat))
        .mapToInt(visit -> Math.max(said(visit.safeByDay()), said(visit.promisedDay())))
        .map(day -> Math.max(0, Math.min(day, season.days() - 1)))
        .findFirst()
        .orElse(0);
  }

  private static int said(@Nullable Integer day) {
    return day == null ? 0 : day;
  }

  private static boolean isDayOff(Season season, int day) {
    return season.workers().stream().map(Worker::hours).anyMatch(hours -> hours.get(day) == null);
  }

  private static List<Equipment> used(Season season, UUID boat) {
    return season.visits().stream()
        .filter(visit -> visit.boat().equals(boat))
        .map(Visit::tasks)
        .flatMap(List::stream)
        .flatMap(stop -> stop.tasks().stream())
        .map(task -> task.equipment())
        .filter(kind -> kind != null)
        .distinct()
        .sorted()
        .toList();
  }
}
