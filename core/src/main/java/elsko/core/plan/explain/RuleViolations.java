package elsko.core.plan.explain;

import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.PlanWords;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Which rules lists break, in words. */
final class RuleViolations {
  private final SeasonArrays arrays;
  private final Published told;
  private final WalkLists lists;

  RuleViolations(SeasonArrays arrays, Published told, WalkLists lists) {
    this.arrays = arrays;
    this.told = told;
    this.lists = lists;
  }

  List<String> words() {
    List<String> words = new ArrayList<>();
    DayPlay play = new DayPlay(arrays);
    for (int day = 0; day < arrays.days; day++) {
      play.play(day, lists.parts[day], lists.size[day]);
      if (!play.keepsTheRules()) {
        day(play, day, words);
      }
    }
    for (int v = 0; v < arrays.visits; v++) {
      if (lists.isPlannedVisit(v)) {
        visit(v, words);
      }
    }
    return words;
  }

  private void day(DayPlay play, int day, List<String> words) {
    String when = FrostWords.day(date(day));
    for (int p = 0; p < arrays.people; p++) {
      int n = lists.size[day][p];
      if (n == 0) {
        continue;
      }
      String name = arrays.season.workers().get(p).name();
      if (!arrays.works(p, day)) {
        words.add("%s has no working hours left on %s.".formatted(name, when));
        continue;
      }
      int last = arrays.taskOf[lists.parts[day][p][n - 1]];
      if (play.hasPlayed(last) && play.end[last] > arrays.to[p][day]) {
        words.add(
            "%s would work until %s on %s, %d min over."
                .formatted(
                    name,
                    PlanWords.clock(play.end[last]),
                    when,
                    play.end[last] - arrays.to[p][day]));
      }
    }
    closed(day, when, words);
    if (play.stuck > 0) {
      words.add("On %s its steps would block each other.".formatted(when));
    }
    if (play.soakBreach > 0) {
      words.add("On %s a soak would last %d min too long.".formatted(when, play.soakBreach));
    }
    if (play.liftsOver > 0) {
      words.add("On %s the lift has no slot for %d more.".formatted(when, play.liftsOver));
    }
  }

  /** What cannot be begun that day whenever somebody comes. */
  private void closed(int day, String when, List<String> words) {
    for (int p = 0; p < arrays.people; p++) {
      for (int i = 0; i < lists.size[day][p]; i++) {
        int part = lists.parts[day][p][i];
        int task = arrays.taskOf[part];
        if (!arrays.gives[part] && !arrays.canOpen(task, day, arrays.from[p][day])) {
          words.add(
              "%s: %s does not fit into %s on %s."
                  .formatted(
                      arrays.visit(task).name(),
                      arrays.task(task).title(),
                      Words.list(
                          arrays.openings(task).stream().map(Opening::words).sorted().toList()),
                      when));
        }
      }
    }
  }

  private void visit(int v, List<String> words) {
    Visit visit = arrays.season.visits().get(v);
    int first = arrays.firstTask[v];
    for (int task = first; task < first + arrays.taskCount[v]; task++) {
      int lead = arrays.leadPart[task];
      int day = lists.dayOf[lead];
      if (day < 0) {
        words.add("%s: %s would not be done.".formatted(visit.name(), arrays.task(task).title()));
        continue;
      }
      String name = arrays.season.workers().get(lists.personOf[lead]).name();
      if (!arrays.can[lists.personOf[lead]][task]) {
        words.add("%s does not do %s.".formatted(name, Skill.words(arrays.task(task).skills())));
      }
      if (day < arrays.release[v]) {
        words.add(
            "%s is released on %s."
                .formatted(visit.name(), FrostWords.day(date(arrays.release[v]))));
      }
      if (task > first && lists.day(task - 1) > day) {
        words.add(
            "%s: %s would come before %s."
                .formatted(visit.name(), arrays.task(task).title(), arrays.task(task - 1).title()));
      }
      if (task > first && arrays.sameDayAsBefore[task] && lists.day(task - 1) < day) {
        words.add(
            "%s: the soak after %s would last over night."
                .formatted(visit.name(), arrays.task(task - 1).title()));
      }
      if (told.pinned()[task] && !told.isKept(arrays, lists, task)) {
        words.add("%s: %s is held fast.".formatted(visit.name(), arrays.task(task).title()));
      }
    }
  }

  private LocalDate date(int day) {
    return arrays.season.first().plusDays(day);
  }
}
