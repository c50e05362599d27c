package elsko.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.RandomHull;
import elsko.core.boat.Boat;
import elsko.core.boat.BoatDescription;
import elsko.core.boat.Method;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * True boats laid up by hands that make mistakes, but record what they see: what Elsko claims of
 * them is held against what would break.
 */
class LayUpTrialTest {
  private static final int TRIALS = 40;

  private static LayUpTrial trial(long seed, Set<Mistake> mistakes) {
    BoatDescription description = RandomHull.of(seed);
    return LayUpTrial.of(
        description, RandomHull.choices(Boat.of(description), seed), mistakes, seed);
  }

  @Test
  void whatIsLeftDryIsNeverCalledSafeWhileItWouldBreak() {
    for (long seed = 0; seed < TRIALS; seed++) {
      Map<String, String> choices = RandomHull.choices(Boat.of(RandomHull.of(seed)), seed);
      LayUpTrial trial = trial(seed, mistakes(seed));
      List<LayUpTrial.Unsafe> dry =
          trial.unsafe().stream()
              .filter(claim -> Method.DRY.name().equals(choices.get(claim.circuit())))
              .toList();
      assertThat(dry).as("seed %d: %s", seed, trial.story()).isEmpty();
    }
  }

  @Test
  void aHandThatRecordsWhatItDidNotSeeIsFoundByTheTrueBoat() {
    int found = 0;
    for (long seed = 0; seed < TRIALS; seed++) {
      found += trial(seed, EnumSet.of(Mistake.TAPS_BLIND)).unsafe().isEmpty() ? 0 : 1;
    }
    assertThat(found).isGreaterThan(TRIALS / 10);
  }

  @Test
  void theSameSeedIsTheSameStory() {
    assertThat(trial(11, mistakes(11)).story()).isEqualTo(trial(11, mistakes(11)).story());
  }

  private static Set<Mistake> mistakes(long seed) {
    Set<Mistake> made = EnumSet.noneOf(Mistake.class);
    Random random = new Random(seed);
    for (Mistake mistake : Mistake.values()) {
      if (!mistake.isALie() && random.nextInt(4) == 0) {
        made.add(mistake);
      }
    }
    return made;
  }
}
