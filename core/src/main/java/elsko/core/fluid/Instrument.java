package elsko.core.fluid;

import elsko.core.Refused;
import java.util.Objects;

/**
 * An instrument as it was at the moment of a reading.
 *
 * @param accuracy ± in units of its scale, 0 or more
 * @param compensatesFromC lowest sample temperature it corrects for, °C
 * @param compensatesToC highest
 * @param zeroReading what clean water read at the last zero check, in scale units
 * @param hoursSinceZeroCheck age of that check
 * @param calibration its own curve for the product that is read; null when there is none
 */
public record Instrument(
    InstrumentKind kind,
    Scale scale,
    double accuracy,
    double compensatesFromC,
    double compensatesToC,
    double zeroReading,
    double hoursSinceZeroCheck,
    Calibration calibration) {

  /** A zero check counts for this long. */
  public static final double ZERO_CHECK_HOURS = 24;

  /** Water may read this far from zero. */
  public static final double ZERO_TOLERANCE = 1;

  public Instrument {
    if (kind == null) {
      throw Refused.value("instrument.kind", "Say what kind of instrument it is.");
    }
    if (scale == null) {
      throw Refused.value("instrument.scale", "Say which scale it reads.");
    }
    Refused.within("instrument.accuracy", accuracy, 0, 20, " " + scale.unit());
    Refused.within("instrument.compensatesFromC", compensatesFromC, -50, 100, " °C");
    Refused.within("instrument.compensatesToC", compensatesToC, -50, 100, " °C");
    if (compensatesToC < compensatesFromC) {
      throw Refused.value(
          "instrument.compensatesToC", "Must not be below the lower end of the range.");
    }
    if (!Double.isFinite(zeroReading)) {
      throw Refused.value("instrument.zeroReading", "Must be a number.");
    }
    if (!Double.isFinite(hoursSinceZeroCheck) || hoursSinceZeroCheck < 0) {
      throw Refused.value(
          "instrument.hoursSinceZeroCheck", "Must be a number of hours, 0 or more.");
    }
  }

  /** One that was not calibrated for the product. */
  public Instrument(
      InstrumentKind kind,
      Scale scale,
      double accuracy,
      double compensatesFromC,
      double compensatesToC,
      double zeroReading,
      double hoursSinceZeroCheck) {
    this(
        kind,
        scale,
        accuracy,
        compensatesFromC,
        compensatesToC,
        zeroReading,
        hoursSinceZeroCheck,
        null);
  }

  public boolean zeroCheckIsFresh() {
    return hoursSinceZeroCheck <= ZERO_CHECK_HOURS;
  }

  public boolean zeroIsTrue() {
    return Math.abs(zeroOffset()) <= ZERO_TOLERANCE;
  }

  /** How far clean water read from what it should, in scale units. */
  private double zeroOffset() {
    return zeroReading - (calibration == null ? 0 : calibration.waterReads());
  }

  /** A reading with the offset of the zero check taken off; never beyond water. */
  public double corrected(double reading) {
    double corrected = reading - zeroOffset();
    return calibration == null
        ? scale.notBeyondWater(corrected)
        : calibration.notBeyondWater(corrected);
  }

  /** Whether two readings may be held against each other: one scale, and one curve or none. */
  public boolean readsAs(Instrument other) {
    return scale == other.scale && Objects.equals(calibration, other.calibration);
  }

  public boolean compensatesAt(double temperatureC) {
    return temperatureC >= compensatesFromC && temperatureC <= compensatesToC;
  }

  /**
   * Whether its reading of {@code base} can be turned into a mass fraction: by its scale, or by its
   * own calibration; by density never for PG.
   */
  public boolean tellsStrengthOf(Base base) {
    return (calibration != null || scale.suits(base)) && !(kind.byDensity() && base == Base.PG);
  }

  /** The mass fraction a reading means, or null when this instrument cannot tell. */
  public Double massFraction(Base base, double reading) {
    return tellsStrengthOf(base) ? strength(base, corrected(reading)) : null;
  }

  /** The same at its weak end; null also where its own curve does not reach that far. */
  public Double weakestMassFraction(Base base, double reading) {
    return tellsStrengthOf(base) ? strength(base, atWorst(corrected(reading))) : null;
  }

  /** Refuses a reading that does not stand on the scale, or that no mixture of {@code base} has. */
  public double readable(String field, Base base, double reading) {
    Refused.within(field, reading, scale.lowest(), scale.highest(), " " + scale.unit());
    if (!tellsStrengthOf(base)) {
      return reading;
    }
    if (calibration != null) {
      calibration.within(field, reading);
    } else {
      Refused.within(field, reading, GlycolCurve.of(base).lowestFreezePointC(), 0, " °C");
    }
    return reading;
  }

  /**
   * The mass fraction of a corrected reading; only where this instrument tells it. Null where its
   * curve does not reach: nothing is known there.
   */
  public Double strength(Base base, double reading) {
    if (calibration != null) {
      return calibration.reaches(reading)
          ? (Double) calibration.massFraction("reading", reading)
          : null;
    }
    GlycolCurve curve = GlycolCurve.of(base);
    return reading < curve.lowestFreezePointC()
        ? null
        : (Double) curve.massFractionFreezingAt("reading", reading);
  }

  /** A reading moved toward weak by the accuracy; it may leave the instrument's own curve. */
  public double atWorst(double reading) {
    return calibration != null
        ? calibration.weaker(reading, accuracy)
        : scale.weaker(reading, accuracy);
  }

  /**
   * The fraction that has to stand there so that its reading, moved toward weak, still means {@code
   * massFraction}; infinite when nothing this instrument can read does.
   */
  public double strengthToRead(Base base, double massFraction) {
    if (calibration != null) {
      if (massFraction > calibration.strongest().massFraction()) {
        return Double.POSITIVE_INFINITY;
      }
      double from = Math.max(massFraction, calibration.weakest().massFraction());
      Double reading = calibration.stronger(calibration.readingOf(from), accuracy);
      return reading == null
          ? Double.POSITIVE_INFINITY
          : calibration.massFraction("sampleReading", reading);
    }
    GlycolCurve curve = GlycolCurve.of(base);
    double reading = curve.freezePointC(massFraction) - accuracy;
    return reading < curve.lowestFreezePointC()
        ? Double.POSITIVE_INFINITY
        : curve.massFractionFreezingAt("sampleReading", reading);
  }
}
