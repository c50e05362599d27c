package elsko.core.trueboat;

import java.util.Random;

/** Opens when the engine is warm, and shuts again some time after; one in some is stuck shut. */
final class Thermostat {
  private final double leaks;
  private final double opensAfterMin;
  private final double shutsAfterMin;

  /** So much cold fluid through it shuts it. */
  private final double shutsAfterLiters;

  private final boolean stuckShut;
  private double coolsForMin;
  private double coldLiters;
  private boolean open;

  Thermostat(Random nature, boolean stuckShut) {
    leaks = Vessel.about(0.05, nature);
    opensAfterMin = 5 + 2 * nature.nextDouble();
    shutsAfterMin = 12 + 18 * nature.nextDouble();
    shutsAfterLiters = 12 + 60 * nature.nextDouble();
    this.stuckShut = stuckShut;
  }

  boolean isOpen() {
    return open;
  }

  double leaks() {
    return leaks;
  }

  void ran(double minutes) {
    open = !stuckShut && minutes >= opensAfterMin;
    coolsForMin = 0;
    coldLiters = 0;
  }

  void stands(double minutes) {
    coolsForMin += minutes;
    open &= coolsForMin <= shutsAfterMin;
  }

  void cold(double liters) {
    coldLiters += liters;
    open &= coldLiters <= shutsAfterLiters;
  }
}
