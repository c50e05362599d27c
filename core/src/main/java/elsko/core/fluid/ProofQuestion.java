package elsko.core.fluid;

import elsko.core.Refused;

/**
 * All that a verdict on one low point rests on.
 *
 * @param jugReading the undiluted product of the same lot, in scale units
 * @param sampleReading the low point, in scale units
 * @param segment null when the remedy is not asked for
 * @param tankLiters what the tank holds, L
 */
public record ProofQuestion(
    Need need,
    Product product,
    Instrument instrument,
    double jugReading,
    double sampleReading,
    double sampleTemperatureC,
    SampledSegment segment,
    double tankLiters) {

  /** What a tank kit holds by default, L. */
  public static final double TANK_LITERS = 19;

  public ProofQuestion {
    instrument.readable("jugReading", product.base(), jugReading);
    instrument.readable("sampleReading", product.base(), sampleReading);
    Refused.within("sampleTemperatureC", sampleTemperatureC, -60, 120, " °C");
    if (!Double.isFinite(tankLiters) || tankLiters <= 0) {
      throw Refused.value("tankLiters", "Must be a volume above 0 L.");
    }
  }
}
