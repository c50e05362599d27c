package elsko.core.plan.explain;

import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** How many more boats can still be promised by a day, without anything being late for them. */
public final class MorePromises {
  /** More than that nobody is asked for at once. */
  public static final int MOST = 64;

  private MorePromises() {}

  /** A boat that asks as much as half of those that are here. */
  public static Visit usual(Season season) {
    List<Visit> byMinutes =
        season.visits().stream().sorted(Comparator.comparingInt(MorePromises::minutes)).toList();
    return byMinutes.get(byMinutes.size() / 2);
  }

  private static int minutes(Visit visit) {
    return visit.tasks().stream().mapToInt(VisitTask::minutes).sum();
  }

  /**
   * Boats like {@link #usual} that could come today and be done by a day: the most for which all
   * are, and nothing else is late that is not late anyhow; at most {@link #MOST}.
   */
  public static int by(Planning planning, int day, Effort effort) {
    Set<UUID> lateAnyhow = late(planning, 0, day, effort);
    int can = 0;
    int cannot = 1;
    while (cannot <= MOST && fits(planning, cannot, day, effort, lateAnyhow)) {
      can = cannot;
      cannot *= 2;
    }
    cannot = Math.min(cannot, MOST + 1);
    while (cannot - can > 1) {
      int half = (can + cannot) / 2;
      if (fits(planning, half, day, effort, lateAnyhow)) {
        can = half;
      } else {
        cannot = half;
      }
    }
    return can;
  }

  private static boolean fits(
      Planning planning, int more, int day, Effort effort, Set<UUID> lateAnyhow) {
    return lateAnyhow.containsAll(late(planning, more, day, effort));
  }

  private static Set<UUID> late(Planning planning, int more, int day, Effort effort) {
    Season season = planning.season();
    Visit usual = usual(season);
    List<Visit> all = new ArrayList<>(season.visits());
    for (int i = 0; i < more; i++) {
      all.add(
          new Visit(
              new UUID(0x70726f6d697365L, i),
              "promised " + i,
              usual.place(),
              "",
              0,
              day,
              usual.tasks(),
              usual.tasks().size() - 1,
              usual.safeAfter(),
              List.of()));
    }
    return Otherwise.planned(planning, season.with(all), effort).late().stream()
        .map(Otherwise.Late::boat)
        .collect(Collectors.toCollection(HashSet::new));
  }
}
