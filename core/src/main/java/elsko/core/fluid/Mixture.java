package elsko.core.fluid;

/**
 * One strength of glycol in water and what it withstands.
 *
 * @param massFraction 0 to 0.60
 * @param volumeFraction at 15.6 °C
 * @param freezePointC first ice crystals
 * @param burstPointC slush hard enough to break things; lower than the freeze point
 * @param burstIsFloor the burst point is at or below the value given, not the value itself
 */
public record Mixture(
    double massFraction,
    double volumeFraction,
    double freezePointC,
    double burstPointC,
    boolean burstIsFloor) {}
