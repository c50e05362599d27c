package elsko.core.plan.visits;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.visits.LiftDays.Slot;
import elsko.core.plan.visits.LiftDays.Waiting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LiftDaysTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 4, 7);

  private static Waiting waiting(String name, Integer promisedInDays, boolean ready) {
    return new Waiting(
        UUID.nameUUIDFromBytes(name.getBytes()),
        name,
        promisedInDays == null ? null : TODAY.plusDays(promisedInDays),
        ready);
  }

  private static int worst(List<Waiting> order, int lifts) {
    int worst = 0;
    for (int i = 0; i < order.size(); i++) {
      LocalDate day = TODAY.plusDays(i / lifts);
      worst = Math.max(worst, (int) (day.toEpochDay() - order.get(i).promisedOn().toEpochDay()));
    }
    return worst;
  }

  @Test
  void whoWasPromisedFirstGoesFirstAndWhoIsNotReadyHasNoDay() {
    Waiting late = waiting("Late", 9, true);
    Waiting soon = waiting("Soon", 1, true);
    Waiting never = waiting("Never promised", null, true);
    Waiting stuck = waiting("Stuck", -2, false);
    List<Slot> slots = LiftDays.of(List.of(never, stuck, late, soon), TODAY, 2);
    assertThat(slots)
        .containsExactly(
            new Slot(soon.boat(), TODAY, 1, 0),
            new Slot(late.boat(), TODAY, 2, 0),
            new Slot(never.boat(), TODAY.plusDays(1), 1, 0),
            new Slot(stuck.boat(), null, 0, 2));
  }

  @Property(tries = 200)
  void noOtherOrderIsLessLateAtItsWorst(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 3) int lifts) {
    Random random = new Random(seed);
    List<Waiting> boats = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      boats.add(waiting("Boat " + i, random.nextInt(6) - 2, true));
    }
    Map<UUID, Waiting> byId = new HashMap<>();
    boats.forEach(boat -> byId.put(boat.boat(), boat));
    List<Waiting> ours =
        LiftDays.of(boats, TODAY, lifts).stream().map(slot -> byId.get(slot.boat())).toList();
    for (int i = 0; i < 30; i++) {
      Collections.shuffle(boats, random);
      assertThat(worst(ours, lifts)).isLessThanOrEqualTo(worst(boats, lifts));
    }
  }
}
