package elsko.core.plan.explain;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.PlanWords;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Why one stop of a plan is when it is, why with that person, and what it would cost to move it.
 *
 * @param then why not earlier, why not later
 * @param who why this person
 * @param moves what other days and people would cost
 * @param learned how long it takes here, where that is not what the handbook says
 */
public record Why(List<String> then, List<String> who, List<String> moves, List<String> learned) {

  /** The same, with what was learned here of how long it takes. */
  public Why learned(List<String> words) {
    return new Why(then, who, moves, words);
  }

  /** About one stop. */
  public static Why of(Planning planning, Plan plan, UUID boat, String task) {
    SeasonArrays arrays = new SeasonArrays(planning.season());
    Integer found = arrays.tasksByKey().getOrDefault(boat, Map.of()).get(task);
    WalkLists lists = PlanReader.lists(arrays, plan);
    if (found == null || lists.day(found) < 0) {
      throw Refused.value("task", "This plan has no such stop.");
    }
    return new Asking(planning, plan, arrays, lists, found).answer();
  }

  private static final class Asking {
    private final Planning planning;
    private final Plan plan;
    private final SeasonArrays arrays;
    private final WalkLists lists;
    private final int task;
    private final int day;
    private final int person;
    private final Visit visit;
    private final DayPlay play;

    Asking(Planning planning, Plan plan, SeasonArrays arrays, WalkLists lists, int task) {
      this.planning = planning;
      this.plan = plan;
      this.arrays = arrays;
      this.lists = lists;
      this.task = task;
      day = lists.day(task);
      person = lists.personOf[arrays.leadPart[task]];
      visit = arrays.visit(task);
      play = new DayPlay(arrays);
      play.play(day, lists.parts[day], lists.size[day]);
    }

    Why answer() {
      return new Why(then(), who(), moves(), List.of());
    }

    private List<String> then() {
      List<String> words = new ArrayList<>();
      int v = arrays.visitOf[task];
      if (visit.safeAfter() >= 0 && task <= arrays.safeTask[v]) {
        double now = visit.lossOn(day);
        double later = visit.lossOn(Math.min(arrays.days, day + 3));
        words.add(
            later - now < 0.05
                ? "No rush: three more days add no frost risk."
                : "Frost is close: in three days its expected frost damage is %s repairs instead of %s."
                    .formatted(Words.number(later, 1), Words.number(now, 1)));
      } else {
        words.add("It is safe from frost before this stop.");
      }
      if (day == arrays.release[v]) {
        words.add("It is not released before " + FrostWords.day(date(day)) + ".");
      }
      if (!arrays.isFirst[task] && lists.day(task - 1) == day) {
        int end = play.end[task - 1];
        words.add(
            "%s comes first and ends at %s%s."
                .formatted(
                    arrays.task(task - 1).title(),
                    PlanWords.clock(end),
                    arrays.waitFrom[task] > 0
                        ? ", then it soaks for %d min at least".formatted(arrays.waitFrom[task])
                        : ""));
      }
      int kind = arrays.equipment[task];
      if (kind >= 0) {
        words.add(
            "It takes %s %s; there %s."
                .formatted(
                    arrays.stock[kind] == 1 ? "the" : "a",
                    Equipment.values()[kind].words(),
                    arrays.stock[kind] == 1 ? "is one" : "are " + arrays.stock[kind]));
      }
      arrays
          .openings(task)
          .forEach(opening -> words.add("It keeps to %s.".formatted(opening.words())));
      return words;
    }

    private List<String> who() {
      List<String> words = new ArrayList<>();
      List<String> others = new ArrayList<>();
      for (int p = 0; p < arrays.people; p++) {
        if (p != person && arrays.can[p][task] && arrays.works(p, day)) {
          others.add(name(p));
        }
      }
      String skill = Skill.words(arrays.task(task).skills());
      words.add(
          others.isEmpty()
              ? "Nobody else who does %s works that day.".formatted(skill)
              : "%s could do it too.".formatted(Words.list(others)));
      int index = lists.indexOf(arrays.leadPart[task]);
      if (index > 0) {
        int before = arrays.taskOf[lists.parts[day][person][index - 1]];
        int walk = arrays.walk[arrays.place[before]][arrays.place[task]];
        words.add(
            walk == 0
                ? "%s is aboard already.".formatted(name(person))
                : "%s comes from %s, %d min walking."
                    .formatted(name(person), arrays.visit(before).name(), walk));
      }
      return words;
    }

    private List<String> moves() {
      List<String> words = new ArrayList<>();
      tryMove("A day later", person, day + 1, words);
      tryMove("A day earlier", person, day - 1, words);
      for (int p = 0; p < arrays.people; p++) {
        if (p != person && arrays.can[p][task] && arrays.works(p, day)) {
          tryMove("With " + name(p), p, day, words);
        }
      }
      return words;
    }

    private void tryMove(String what, int p, int to, List<String> words) {
      if (to < planning.firstOpenDay() || to >= arrays.days) {
        return;
      }
      Move best = null;
      for (int index = 0; index <= lists.size[to][p]; index++) {
        Move move =
            Move.of(planning, plan, visit.boat(), arrays.task(task).key(), name(p), to, index);
        if (best == null
            || move.broken().size() < best.broken().size()
            || move.broken().isEmpty()
                && best.broken().isEmpty()
                && move.plan().figures().walkingMinutes()
                    < best.plan().figures().walkingMinutes()) {
          best = move;
        }
      }
      if (!best.broken().isEmpty()) {
        words.add("%s: cannot be. %s".formatted(what, best.broken().get(0)));
      } else {
        words.add(
            "%s: %s."
                .formatted(
                    what, best.costs().isEmpty() ? "costs nothing" : Words.list(best.costs())));
      }
    }

    private String name(int p) {
      return arrays.season.workers().get(p).name();
    }

    private java.time.LocalDate date(int d) {
      return arrays.season.first().plusDays(d);
    }
  }
}
