package elsko.server.demo;

import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Skill;
import elsko.server.fleet.BoatLine;
import elsko.server.fleet.Fleet;
import elsko.server.plan.Promises;
import elsko.server.plan.Walks;
import elsko.server.plan.crew.Crew;
import elsko.server.plan.crew.Crew.WorkerChange;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Who works at Fennholm Yard, and what they were told this morning. */
class FennholmCrew {
  private static final int SEVEN = 7 * 60;
  private static final int HALF_PAST_FOUR = 16 * 60 + 30;

  /** Counted, not timed: the demonstration has the same walks on every machine. */
  private static final Effort EFFORT = new Effort.Moves(3_000);

  /** Every day: nobody knows on which weekday somebody will look at this. */
  private static final List<Boolean> EVERY_DAY = List.of(true, true, true, true, true, true, true);

  private static final Map<String, Integer> GOING_SOUTH =
      Map.of("Skua", 1, "Ammonite", 3, "Sprat", 6, "Corncrake", 0);

  private final Crew crew;
  private final Fleet fleet;
  private final Walks walks;
  private final Promises promises;

  FennholmCrew(Crew crew, Fleet fleet, Walks walks, Promises promises) {
    this.crew = crew;
    this.fleet = fleet;
    this.walks = walks;
    this.promises = promises;
  }

  void tellTheWalks() {
    works("technician", Set.of(Skill.ENGINE_PETROL, Skill.ENGINE_DIESEL, Skill.SYSTEMS));
    works("Orrin", Set.of(Skill.ENGINE_PETROL, Skill.SYSTEMS));
    works("Tamsa", Set.of(Skill.SYSTEMS, Skill.RIGGING, Skill.LIFT));
    datesForBoatsAfloat();
    datesForBoatsGoingSouth();
    walks.planAndPublish(EFFORT, "coordinator");
  }

  private void works(String name, Set<Skill> skills) {
    crew.put(new WorkerChange(name, skills, SEVEN, HALF_PAST_FOUR, EVERY_DAY), null);
  }

  /** Their owners still use them; each was given a day on which it is lifted. */
  private void datesForBoatsAfloat() {
    List<BoatLine> afloat =
        fleet.lines().stream()
            .filter(BoatLine::afloat)
            .sorted(Comparator.comparing(BoatLine::name))
            .toList();
    LocalDate today = walks.today();
    for (int i = 0; i < afloat.size(); i++) {
      promises.setDates(
          afloat.get(i).id(), today.plusDays(4 + 2L * i), today.plusDays(12 + 2L * i), null);
    }
  }

  /** Going south for the winter: each was given a day on which it is afloat. */
  private void datesForBoatsGoingSouth() {
    LocalDate today = walks.today();
    for (BoatLine line : fleet.lines()) {
      Integer days = GOING_SOUTH.get(line.name());
      if (days != null) {
        promises.setDates(line.id(), null, null, today.plusDays(days));
      }
    }
  }
}
