package elsko.core.fluid;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Freeze and burst points of one glycol in water, and back. Freeze point: first ice crystals,
 * monotone cubic on mass fraction. Burst point: lower, linear on volume fraction; at and above the
 * last node only a floor is known. Outside the tables everything is refused; nothing is
 * extrapolated.
 */
public final class GlycolCurve {
  /** What a burst point at or above the table's last node is shown as: at or below this. */
  public static final double BURST_FLOOR_C = -51;

  /** The strongest mixture that has a freeze point in the table, by mass. */
  public static final double MAX_MASS_FRACTION = 0.60;

  private static final Map<Base, GlycolCurve> CURVES = new EnumMap<>(Base.class);

  static {
    for (Base base : Base.values()) {
      CURVES.put(base, new GlycolCurve(base));
    }
  }

  private final Base base;
  private final MonotoneCubic freeze;
  private final double lowestFreezeC;
  private final double highestVolumeFraction;
  private final Piecewise volumeByMass;
  private final Piecewise massByVolume;
  private final Piecewise burstByVolume;
  private final Piecewise volumeByWarmth;
  private final double lastBurstC;
  private final double lastBurstVolumeFraction;

  private GlycolCurve(Base base) {
    this.base = base;
    List<double[]> rows = GlycolTable.freeze(base);
    double[] mass = column(rows, 0, 1);
    double[] volume = column(rows, 1, 1);
    List<double[]> freezing = rows.stream().filter(row -> !Double.isNaN(row[2])).toList();
    double[] freezeC = column(freezing, 2, 1);
    freeze = new MonotoneCubic(column(freezing, 0, 1), freezeC);
    lowestFreezeC = freezeC[freezeC.length - 1];
    highestVolumeFraction = freezing.get(freezing.size() - 1)[1];
    volumeByMass = new Piecewise(mass, volume);
    massByVolume = new Piecewise(volume, mass);
    List<double[]> bursts = GlycolTable.burst(base);
    double[] burstVolume = column(bursts, 0, 1);
    burstByVolume = new Piecewise(burstVolume, column(bursts, 1, 1));
    volumeByWarmth = new Piecewise(column(bursts, 1, -1), burstVolume);
    lastBurstC = bursts.get(bursts.size() - 1)[1];
    lastBurstVolumeFraction = burstVolume[burstVolume.length - 1];
  }

  public static GlycolCurve of(Base base) {
    return Objects.requireNonNull(CURVES.get(base));
  }

  /** Everything known of a mixture of this mass fraction, 0 to 0.60. */
  public Mixture atMassFraction(double massFraction) {
    Refused.within("massFraction", massFraction, 0, MAX_MASS_FRACTION, "");
    return mixture(massFraction, volumeByMass.value(massFraction));
  }

  /** Everything known of a mixture of this volume fraction, 0 to that of mass fraction 0.60. */
  public Mixture atVolumeFraction(double volumeFraction) {
    Refused.within("volumeFraction", volumeFraction, 0, highestVolumeFraction, "");
    return mixture(massByVolume.value(volumeFraction), volumeFraction);
  }

  /** The mixture whose freeze point is {@code freezePointC}. */
  public Mixture withFreezePoint(double freezePointC) {
    return atMassFraction(massFractionFreezingAt("freezePointC", freezePointC));
  }

  /**
   * The weakest mixture whose burst point is at or below {@code burstPointC}: between the table's
   * last node and the floor that is the last node; below the floor nothing is known.
   */
  public Mixture withBurstPoint(double burstPointC) {
    Refused.within("burstPointC", burstPointC, BURST_FLOOR_C, 0, " °C");
    return atVolumeFraction(volumeFractionBurstingAt(burstPointC));
  }

  /** Freeze point in °C; {@code massFraction} within 0 to 0.60. */
  public double freezePointC(double massFraction) {
    return freeze.value(massFraction);
  }

  /** Burst point in °C, or the floor; {@code massFraction} within 0 to 0.60. */
  public double burstPointC(double massFraction) {
    return burstAtVolume(volumeByMass.value(massFraction));
  }

  public boolean burstIsFloor(double massFraction) {
    return volumeByMass.value(massFraction) >= lastBurstVolumeFraction;
  }

  /** By mass to by volume at 15.6 °C, over 0 to 1. */
  public double toVolumeFraction(double massFraction) {
    return volumeByMass.value(Refused.within("massFraction", massFraction, 0, 1, ""));
  }

  /** By volume at 15.6 °C to by mass, over 0 to 1. */
  public double toMassFraction(double volumeFraction) {
    return massByVolume.value(Refused.within("volumeFraction", volumeFraction, 0, 1, ""));
  }

  /** The lowest freeze point any mixture of this glycol reaches in the table. */
  public double lowestFreezePointC() {
    return lowestFreezeC;
  }

  public double massFractionFreezingAt(String field, double freezePointC) {
    if (!Double.isFinite(freezePointC)) {
      throw Refused.value(field, "Must be a number.");
    }
    if (freezePointC > 0) {
      throw Refused.value(field, Text.of("No mixture freezes above %s.", Quantity.celsius(0)));
    }
    if (freezePointC < lowestFreezeC) {
      throw Refused.value(
          field,
          Text.of(
              "No mixture of %s in the table freezes below %s.",
              base.words(), Quantity.celsius(lowestFreezeC)));
    }
    return freeze.inverse(freezePointC);
  }

  public double massFractionBurstingAt(double burstPointC) {
    return massByVolume.value(volumeFractionBurstingAt(burstPointC));
  }

  private double volumeFractionBurstingAt(double burstPointC) {
    return burstPointC < lastBurstC ? lastBurstVolumeFraction : volumeByWarmth.value(-burstPointC);
  }

  private double burstAtVolume(double volumeFraction) {
    return volumeFraction >= lastBurstVolumeFraction
        ? BURST_FLOOR_C
        : burstByVolume.value(volumeFraction);
  }

  private Mixture mixture(double massFraction, double volumeFraction) {
    return new Mixture(
        massFraction,
        volumeFraction,
        freeze.value(massFraction),
        burstAtVolume(volumeFraction),
        volumeFraction >= lastBurstVolumeFraction);
  }

  private static double[] column(List<double[]> rows, int index, double sign) {
    return rows.stream().mapToDouble(row -> sign * row[index]).toArray();
  }
}
