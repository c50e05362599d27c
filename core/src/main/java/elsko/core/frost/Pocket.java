package elsko.core.frost;

import elsko.core.Refused;

/**
 * Liquid in a segment: how slowly it follows the air around it, and when it freezes.
 *
 * @param tauHours time constant, h
 * @param freezePointC of what stands in it
 */
public record Pocket(double tauHours, double freezePointC) {
  /** Latent over specific heat of water, K: how long freezing takes against cooling by a kelvin. */
  public static final double LATENT_K = 79.7;

  /** Nothing that is filled in freezes below that. */
  static final double COLDEST_C = -60;

  /** Ice in this part of a pocket breaks it. Cautious. */
  public static final double DAMAGE_AT = 0.10;

  public Pocket {
    Refused.within("tauHours", tauHours, 0.01, 1000, " h");
    Refused.within("freezePointC", freezePointC, COLDEST_C, 0, " °C");
  }
}
