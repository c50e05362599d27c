package elsko.core.plan.search;

import elsko.core.plan.model.Effort;
import java.util.SplittableRandom;

/**
 * How much worse a plan may become for a while, so that it can become better afterwards: less and
 * less as the effort runs out. Begins when it is first asked. The solver cools as well; this keeps
 * it from being asked in vain.
 */
final class AnnealingTemperature {
  /** What may be lost at the beginning and at the end, in thousandths of a hose. */
  private static final double FIRST = 100;

  private static final double LAST = 4;

  /** The clock is looked at only now and then. */
  private static final int ASKED_BETWEEN_LOOKS = 64;

  private final Effort effort;
  private long began;
  private long moves;
  private long asked;
  private double heat;

  AnnealingTemperature(Effort effort) {
    this.effort = effort;
  }

  /** One more move was handed on. */
  void moved() {
    moves++;
  }

  /** Drawn anew each time: a try that costs more than this is not handed on. */
  double mayCost(SplittableRandom random) {
    if (asked++ % ASKED_BETWEEN_LOOKS == 0) {
      look();
    }
    return -heat * Math.log(1 - random.nextDouble());
  }

  private void look() {
    heat = FIRST * Math.pow(LAST / FIRST, Math.min(1, gone()));
  }

  private double gone() {
    if (effort instanceof Effort.Moves all) {
      return moves / (double) all.moves();
    }
    long now = System.nanoTime();
    if (began == 0) {
      began = now;
    }
    return (now - began) / 1e9 / ((Effort.Seconds) effort).seconds();
  }
}
