package elsko.core.plan.explain;

import elsko.core.frost.FrostWords;
import elsko.core.plan.model.PlanWords;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.play.Board;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.Told;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Which rules lists break, in words. */
final class Broken {
  private final Board board;
  private final Told told;
  private final Lists lists;

  Broken(Board board, Told told, Lists lists) {
    this.board = board;
    this.told = told;
    this.lists = lists;
  }

  List<String> words() {
    List<String> words = new ArrayList<>();
    DayPlay play = new DayPlay(board);
    for (int day = 0; day < board.days; day++) {
      play.play(day, lists.parts[day], lists.size[day]);
      if (!play.keepsTheRules()) {
        day(play, day, words);
      }
    }
    for (int v = 0; v < board.visits; v++) {
      if (lists.isPlannedVisit(v)) {
        visit(v, words);
      }
    }
    return words;
  }

  private void day(DayPlay play, int day, List<String> words) {
    String when = FrostWords.day(date(day));
    for (int p = 0; p < board.people; p++) {
      int n = lists.size[day][p];
      if (n == 0) {
        continue;
      }
      String name = board.season.workers().get(p).name();
      if (!board.works(p, day)) {
        words.add("%s has no working hours left on %s.".formatted(name, when));
        continue;
      }
      int last = board.taskOf[lists.parts[day][p][n - 1]];
      if (play.hasPlayed(last) && play.end[last] > board.to[p][day]) {
        words.add(
            "%s would work until %s on %s, %d min over."
                .formatted(
                    name,
                    PlanWords.clock(play.end[last]),
                    when,
                    play.end[last] - board.to[p][day]));
      }
    }
    if (play.stuck > 0) {
      words.add("On %s stops wait for each other and can never begin.".formatted(when));
    }
    if (play.soakBreach > 0) {
      words.add("On %s a soak would last %d min too long.".formatted(when, play.soakBreach));
    }
    if (play.liftsOver > 0) {
      words.add("On %s the lift has no slot for %d more.".formatted(when, play.liftsOver));
    }
  }

  private void visit(int v, List<String> words) {
    Visit visit = board.season.visits().get(v);
    int first = board.firstTask[v];
    for (int task = first; task < first + board.taskCount[v]; task++) {
      int lead = board.leadPart[task];
      int day = lists.dayOf[lead];
      if (day < 0) {
        words.add("%s: %s would not be done.".formatted(visit.name(), board.task(task).title()));
        continue;
      }
      String name = board.season.workers().get(lists.personOf[lead]).name();
      if (!board.can[lists.personOf[lead]][board.skill[task]]) {
        words.add("%s does not do %s.".formatted(name, Skill.values()[board.skill[task]].words()));
      }
      if (day < board.release[v]) {
        words.add(
            "%s is released on %s."
                .formatted(visit.name(), FrostWords.day(date(board.release[v]))));
      }
      if (task > first && lists.day(task - 1) > day) {
        words.add(
            "%s: %s would come before %s."
                .formatted(visit.name(), board.task(task).title(), board.task(task - 1).title()));
      }
      if (task > first && board.sameDayAsBefore[task] && lists.day(task - 1) < day) {
        words.add(
            "%s: the soak after %s would last over night."
                .formatted(visit.name(), board.task(task - 1).title()));
      }
      if (told.pinned()[task] && !told.isKept(board, lists, task)) {
        words.add("%s: %s is held fast.".formatted(visit.name(), board.task(task).title()));
      }
    }
  }

  private LocalDate date(int day) {
    return board.season.first().plusDays(day);
  }
}
