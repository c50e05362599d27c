package elsko.core.plan.check;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.check.ByHandbook.OneBoat;
import elsko.core.plan.check.ByHandbook.Roof;
import elsko.core.plan.model.BoatStops;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import elsko.core.plan.visits.LayUp;
import elsko.core.plan.visits.WorkLeft;
import elsko.core.procedure.request.Practices;
import elsko.core.trial.AnyBoat;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/**
 * Plans of made-up yards with any boats, as they would be published, held against the handbook: the
 * boats are walked up to and their cards read, whatever the planner was given.
 */
class HandbookProperties {
  private static final int BOATS = 160;
  private static final int PLANS = 1_000;
  private static final int DAYS = 6;
  private static final Instant NOW = Instant.parse("2026-11-03T12:00:00Z");

  /** A boat's work as the planner is given it, and as somebody reads it off its cards. */
  private record Both(WorkLeft left, OneBoat boat) {}

  private static final List<Both> BOTH = boats();

  @Test
  void aThousandPublishedPlansDoWhatTheHandbookAsks() {
    int planned = 0;
    for (long seed = 0; seed < PLANS; seed++) {
      Random random = new Random(seed);
      List<Both> some = some(random);
      Hands hands = Hands.values()[random.nextInt(Hands.values().length)];
      Season yard = yard(some.size(), hands, random);
      List<Visit> visits = new ArrayList<>();
      List<OneBoat> asked = new ArrayList<>();
      for (int i = 0; i < some.size(); i++) {
        Roof roof = Roof.values()[random.nextInt(Roof.values().length)];
        int release = random.nextInt(DAYS / 2);
        visits.add(visit(some.get(i), i + 1, release, roof));
        asked.add(some.get(i).boat().at(i + 1, release, roof));
      }
      Season stops = BoatStops.of(yard.with(visits), hands, List.of());
      Plan plan = Planning.anew(stops).construct();
      Plan published = BoatStops.split(stops, plan);
      assertThat(PlanCheck.problems(ByHandbook.season(yard, asked), published))
          .as("seed %d", seed)
          .isEmpty();
      planned += published.assignments().size();
    }
    assertThat(planned).isGreaterThan(PLANS * 10);
  }

  private static List<Both> some(Random random) {
    List<Both> some = new ArrayList<>();
    Set<Integer> taken = new java.util.TreeSet<>();
    while (taken.size() < 3 + random.nextInt(5)) {
      taken.add(random.nextInt(BOTH.size()));
    }
    taken.forEach(index -> some.add(BOTH.get(index)));
    return some;
  }

  private static Visit visit(Both both, int place, int release, Roof roof) {
    WorkLeft left = both.left();
    return new Visit(
        both.boat().boat(),
        both.boat().name(),
        place,
        "",
        release,
        null,
        WorkLeft.standing(left.tasks(), roof == Roof.SHED, roof == Roof.NONE),
        left.promisedFor(),
        left.safeAfter(),
        List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0));
  }

  private static Season yard(int boats, Hands hands, Random random) {
    List<Worker> people = new ArrayList<>();
    for (int p = 0; p < 3 + random.nextInt(3); p++) {
      EnumSet<Skill> skills = EnumSet.allOf(Skill.class);
      skills.removeIf(skill -> random.nextInt(4) == 0);
      List<Worker.Hours> hours = new ArrayList<>();
      for (int day = 0; day < DAYS; day++) {
        hours.add(random.nextInt(6) == 0 ? null : new Worker.Hours(420, 960 + random.nextInt(60)));
      }
      people.add(new Worker("person " + p, skills, hours));
    }
    Map<Equipment, Integer> kit = new EnumMap<>(Equipment.class);
    for (Equipment kind : Equipment.values()) {
      kit.put(kind, 1 + random.nextInt(2));
    }
    Map<Opening, List<List<Worker.Hours>>> hours = new EnumMap<>(Opening.class);
    for (Opening kind : Opening.values()) {
      boolean said =
          kind == Opening.SECOND_HANDS ? hands == Hands.FIXED_HOUR : random.nextBoolean();
      if (said) {
        hours.put(kind, days(kind, random));
      }
    }
    int[][] walk = new int[boats + 1][boats + 1];
    for (int a = 0; a <= boats; a++) {
      for (int b = 0; b <= boats; b++) {
        walk[a][b] = a == b ? 0 : 2 + Math.abs(a - b);
      }
    }
    return new Season(
        LocalDate.of(2031, 11, 3),
        DAYS,
        people,
        new Worker.Hours(720, 750),
        List.of(),
        kit,
        random.ints(DAYS, 0, 4).toArray(),
        new Openings(hours),
        walk);
  }

  private static List<List<Worker.Hours>> days(Opening kind, Random random) {
    List<List<Worker.Hours>> days = new ArrayList<>();
    for (int day = 0; day < DAYS; day++) {
      int from = 450 + random.nextInt(120);
      days.add(
          kind == Opening.LIFT_HOURS
              ? List.of(new Worker.Hours(from, from + 120), new Worker.Hours(from + 300, 960))
              : List.of(new Worker.Hours(from, kind == Opening.SECOND_HANDS ? from + 90 : 900)));
    }
    return days;
  }

  private static List<Both> boats() {
    List<Both> all = new ArrayList<>();
    for (long seed = 0; all.size() < BOATS; seed++) {
      Both one = boat(seed);
      if (!one.left().tasks().isEmpty()) {
        all.add(one);
      }
    }
    return all;
  }

  private static Both boat(long seed) {
    Random random = new Random(seed);
    Story story = new Story(AnyBoat.of(seed)).wet();
    if (random.nextInt(3) == 0) {
      story.add(null, null, null, new Fact.BerthMoved(new UUID(3, seed), "W1", true));
    }
    if (random.nextInt(3) == 0) {
      open(story, Procedure.LAY_UP_SERVICE);
    }
    if (random.nextInt(2) == 0) {
      open(story, Procedure.DESCALE);
    }
    BoatState state = story.state();
    WorkLeft left = LayUp.of(state, Practices.USUAL);
    return new Both(left, OffItsCards.read(new UUID(3, seed), state, Practices.USUAL, left, NOW));
  }

  private static void open(Story story, Procedure procedure) {
    try {
      story.open(procedure);
    } catch (elsko.core.Refused notOnThisBoat) {
      assertThat(notOnThisBoat.reason()).isNotNull();
    }
  }
}
