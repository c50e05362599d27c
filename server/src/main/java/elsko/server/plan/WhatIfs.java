package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.explain.MorePromises;
import elsko.core.plan.explain.Otherwise;
import elsko.core.plan.explain.WouldKeep;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What would become of the season if something were otherwise; nothing of it is kept. */
@Component
class WhatIfs {
  /** Enough to see whether anything is late; the same answer on every machine. */
  private static final Effort EFFORT = new Effort.Moves(2_000);

  /** For one of many tries. */
  private static final Effort A_LOOK = new Effort.Moves(300);

  private static final int MOST_NAMED = 6;

  private final Walks walks;

  WhatIfs(Walks walks) {
    this.walks = walks;
  }

  /** People who are not there until a day, or one more of some equipment. */
  SeasonThen of(SeasonWhatIf asked) {
    Walks.AtHand now = walks.atHand();
    Planning planning = now.planning();
    if (asked.keeping() != null) {
      return whatKeeps(planning, asked.keeping());
    }
    if (asked.promisedBy() != null) {
      return stillPromised(planning, asked.promisedBy());
    }
    Otherwise before = Otherwise.asItIs(planning, now.plan());
    if (asked.more() != null) {
      return answer(before, Otherwise.withOneMore(planning, asked.more(), EFFORT));
    }
    Set<String> people = people(planning, asked.without());
    LocalDate until = asked.until() == null ? planning.season().first() : asked.until();
    int day = dayOf(planning, "until", until);
    return answer(before, Otherwise.without(planning, people, 0, day, EFFORT));
  }

  private static int dayOf(Planning planning, String field, LocalDate date) {
    int day = (int) ChronoUnit.DAYS.between(planning.season().first(), date);
    if (day < 0 || day >= planning.season().days()) {
      throw Refused.value(
          field,
          "Pick a day from %s on, within %d days."
              .formatted(FrostWords.day(planning.season().first()), planning.season().days()));
    }
    return day;
  }

  private static SeasonThen whatKeeps(Planning planning, UUID boat) {
    List<String> words = WouldKeep.words(planning, boat, A_LOOK);
    return new SeasonThen(
        words.isEmpty()
            ? List.of(
                "Neither two hours more a day, nor a day off worked, nor one more kit would keep it:"
                    + " promise another day.")
            : words,
        List.of());
  }

  private static SeasonThen stillPromised(Planning planning, LocalDate by) {
    int day = dayOf(planning, "promisedBy", by);
    if (planning.season().visits().isEmpty()) {
      throw Refused.value("promisedBy", "No boat has work left, so there is none to go by.");
    }
    int boats = MorePromises.by(planning, day, A_LOOK);
    String like = MorePromises.usual(planning.season()).name();
    return new SeasonThen(
        List.of(
            boats == 0
                ? "None more by %s: something else would be late.".formatted(FrostWords.day(by))
                : "%s more like %s, if they come today, by %s, and nothing else is late for it."
                    .formatted(
                        boats == MorePromises.MOST ? boats + " or" : String.valueOf(boats),
                        like,
                        FrostWords.day(by))),
        List.of());
  }

  private static Set<String> people(Planning planning, @Nullable List<String> asked) {
    Set<String> known = new HashSet<>();
    planning.season().workers().forEach(worker -> known.add(worker.name()));
    if (asked == null || asked.isEmpty() || !known.containsAll(asked)) {
      throw Refused.value("without", "Say who of the crew is not there.");
    }
    return Set.copyOf(asked);
  }

  /** Who could go home today without anything being late that is not late already. */
  List<String> whoCanGoHome() {
    Walks.AtHand now = walks.atHand();
    Planning planning = now.planning();
    int late = Otherwise.asItIs(planning, now.plan()).late().size();
    List<String> can = new ArrayList<>();
    for (Worker worker : planning.season().workers()) {
      boolean isThere = worker.hours().get(0) != null;
      if (isThere
          && Otherwise.without(planning, Set.of(worker.name()), 0, 0, EFFORT).late().size()
              <= late) {
        can.add(worker.name());
      }
    }
    return can;
  }

  private static SeasonThen answer(Otherwise before, Otherwise then) {
    List<String> words = new ArrayList<>();
    if (then.late().isEmpty()) {
      words.add(
          before.late().isEmpty()
              ? "Nothing would be late."
              : "Nothing would be late any more; now %d are.".formatted(before.late().size()));
    } else {
      List<String> names =
          then.late().stream()
              .limit(MOST_NAMED)
              .map(
                  late ->
                      "%s by %d %s"
                          .formatted(late.name(), late.days(), late.days() == 1 ? "day" : "days"))
              .toList();
      words.add(
          "%d would be late, now %d: %s%s."
              .formatted(
                  then.late().size(),
                  before.late().size(),
                  Words.list(names),
                  then.late().size() > MOST_NAMED ? " and others" : ""));
    }
    double more = then.frostLoss() - before.frostLoss();
    if (Math.abs(more) >= 0.05) {
      words.add(
          "Expected frost damage %s by %s repairs."
              .formatted(more > 0 ? "rises" : "falls", Words.number(Math.abs(more), 1)));
    }
    return new SeasonThen(words, then.late());
  }

  /**
   * What shall be otherwise, or what is asked: one of these.
   *
   * @param without who is not there
   * @param until the last day they are away; today where it is not said
   * @param more of which equipment there is one more
   * @param keeping a boat that is late: what would keep it is asked
   * @param promisedBy a day: how many more boats can be promised by it is asked
   */
  record SeasonWhatIf(
      @Nullable List<String> without,
      @Nullable LocalDate until,
      @Nullable Equipment more,
      @Nullable UUID keeping,
      @Nullable LocalDate promisedBy) {}

  /** What would become of it. */
  record SeasonThen(List<String> words, List<Otherwise.Late> late) {}

  /** Who could go home today. */
  record GoHome(List<String> people) {}
}
