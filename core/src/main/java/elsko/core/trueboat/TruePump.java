package elsko.core.trueboat;

import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.PowerClass;
import java.util.Random;

/**
 * The raw-water pump of one engine as it really is: what it draws, what a hose really gives, and
 * how long its rubber bears running dry.
 */
public final class TruePump {
  private static final double DRAWS_MORE_OR_LESS = 0.15;
  private static final double HOSE_LEAST = 15;
  private static final double HOSE_MORE = 5;

  /** Under this part of its draw a pump sucks air. */
  private static final double STARVES_UNDER = 0.5;

  private final double draws;
  private final double hoseGives;
  private final double bearsSeconds;
  private boolean suctionWet = true;
  private int dryStarts;
  private double drySeconds;

  TruePump(EngineDescription engine, Random nature) {
    draws = PowerClass.draws(engine) * (1 + DRAWS_MORE_OR_LESS * (2 * nature.nextDouble() - 1));
    hoseGives = HOSE_LEAST + HOSE_MORE * nature.nextDouble();
    bearsSeconds = 60 + 60 * nature.nextDouble();
  }

  /** Its intake ran out. */
  void emptied() {
    suctionWet = false;
  }

  /** It stands full, by pressure or by hand. */
  public void filled() {
    suctionWet = true;
  }

  /** Turned by its engine; on a dry suction it is a start it should not have had. */
  public void starts() {
    if (!suctionWet) {
      dryStarts++;
    }
    suctionWet = true;
  }

  /** How long a tub lasts that a hose keeps topping up, s; without end where the hose keeps up. */
  public double lastsOn(double tubLiters) {
    return hoseGives >= draws ? Double.POSITIVE_INFINITY : tubLiters / (draws - hoseGives) * 60;
  }

  /** How long a tank lasts that nothing tops up, s. */
  public double drinks(double tankLiters) {
    return tankLiters / draws * 60;
  }

  /** How long a hose straight to it lasts, s: for ever, or not at all. */
  public double lastsOnAHose() {
    return hoseGives >= STARVES_UNDER * draws ? Double.POSITIVE_INFINITY : 0;
  }

  /** It goes on without water. */
  public void runsDry(double seconds) {
    drySeconds += seconds;
  }

  public int dryStarts() {
    return dryStarts;
  }

  public double drySeconds() {
    return drySeconds;
  }

  /** Its rubber is torn. */
  public boolean isWrecked() {
    return drySeconds > bearsSeconds;
  }

  /** So long without water, and it is. */
  public double bearsSeconds() {
    return bearsSeconds;
  }
}
