package elsko.core.fluid.verdict;

import elsko.core.Refused;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.Product;

/**
 * All that a verdict on one low point rests on.
 *
 * @param instrument as it stood when the sample was read
 * @param jugInstrument as it stood when the jug was read
 * @param jugReading the undiluted product of the same lot, in scale units
 * @param sampleReading the low point, in scale units
 * @param segment null when the remedy is not asked for
 * @param tankLiters what the tank holds, L
 */
public record ProofQuestion(
    Need need,
    Product product,
    Instrument instrument,
    Instrument jugInstrument,
    double jugReading,
    double sampleReading,
    double sampleTemperatureC,
    SampledSegment segment,
    double tankLiters) {

  /** What a tank kit holds by default, L. */
  public static final double TANK_LITERS = 19;

  public ProofQuestion {
    jugInstrument.readable("jugReading", product.base(), jugReading);
    instrument.readable("sampleReading", product.base(), sampleReading);
    Refused.within("sampleTemperatureC", sampleTemperatureC, -60, 120, " °C");
    if (!Double.isFinite(tankLiters) || tankLiters <= 0) {
      throw Refused.value("tankLiters", "Must be a volume above 0.");
    }
  }

  /** Jug and sample read one after the other with one instrument. */
  public ProofQuestion(
      Need need,
      Product product,
      Instrument instrument,
      double jugReading,
      double sampleReading,
      double sampleTemperatureC,
      SampledSegment segment,
      double tankLiters) {
    this(
        need,
        product,
        instrument,
        instrument,
        jugReading,
        sampleReading,
        sampleTemperatureC,
        segment,
        tankLiters);
  }
}
