package elsko.core.plan.model;

import java.util.List;
import java.util.Set;

/**
 * Whether those who can do everything are asked too much: work is given to whoever can do it and
 * has least to do so far, as the part of their hours in the season.
 */
final class SkillLoads {
  /**
   * Nobody is given more than so many times what all have on average: days do not fill up whole.
   */
  private static final double MORE_THAN_OTHERS = 1.0;

  private final Season season;
  private final double[] hours;
  private final double[] given;
  private final double fair;

  SkillLoads(Season season) {
    this.season = season;
    int people = season.workers().size();
    hours = new double[people];
    given = new double[people];
    double all = 0;
    for (int p = 0; p < people; p++) {
      for (Worker.Hours day : season.workers().get(p).hours()) {
        hours[p] += day == null ? 0 : day.to() - day.from();
      }
      all += hours[p];
    }
    double work =
        season.visits().stream()
            .flatMap(visit -> visit.tasks().stream())
            .mapToDouble(task -> task.minutes() * task.people())
            .sum();
    fair = all == 0 ? 0 : MORE_THAN_OTHERS * work / all;
  }

  /** Whether somebody can lead each of these without having more to do than others. */
  boolean hasRoomFor(List<VisitTask> stops) {
    return stops.stream()
        .allMatch(
            stop -> {
              int lead = leastBusy(stop.skills());
              return lead < 0 || part(lead, stop.minutes()) <= fair;
            });
  }

  void add(List<VisitTask> stops) {
    for (VisitTask stop : stops) {
      int lead = leastBusy(stop.skills());
      if (lead >= 0) {
        given[lead] += stop.minutes();
      }
      if (stop.people() == 2) {
        int hand = leastBusyBut(lead);
        if (hand >= 0) {
          given[hand] += stop.handTo() - stop.handFrom();
        }
      }
    }
  }

  private double part(int person, int more) {
    return (given[person] + more) / hours[person];
  }

  private int leastBusy(Set<Skill> skills) {
    int found = -1;
    for (int p = 0; p < hours.length; p++) {
      if (hours[p] > 0
          && season.workers().get(p).skills().containsAll(skills)
          && (found < 0 || part(p, 0) < part(found, 0))) {
        found = p;
      }
    }
    return found;
  }

  private int leastBusyBut(int lead) {
    int found = -1;
    for (int p = 0; p < hours.length; p++) {
      if (p != lead && hours[p] > 0 && (found < 0 || part(p, 0) < part(found, 0))) {
        found = p;
      }
    }
    return found;
  }
}
