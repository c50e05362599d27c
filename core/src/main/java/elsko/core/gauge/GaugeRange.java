package elsko.core.gauge;

import elsko.core.Median;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import elsko.core.limits.Call;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where an engine's gauge may hold, in numbers alone: a log of years asks it for each reading.
 *
 * @param low it holds no colder, {@code high} nor hotter, °C
 * @param ownC where it usually holds; null while too little is known
 * @param stopAtC at this it is stopped
 */
public record GaugeRange(double low, double high, @Nullable Double ownC, double stopAtC) {
  /** An engine stops this far over its own plateau where its maker names no alarm, K. Estimate. */
  static final double OVER_OWN_K = 6;

  /** So many plateaus make it its own. */
  public static final int AT_LEAST = 3;

  /** It holds within so much of its own plateau, K. */
  private static final double AROUND_OWN_K = 4;

  /** By the rating of its thermostat: from so much below, K, */
  private static final double UNDER_RATING_K = 4;

  /** to so much above. */
  private static final double OVER_RATING_K = 10;

  /**
   * Its own plateau first, then its thermostat's rating, then its cooling.
   *
   * @param past its plateaus that raised no alarm, oldest first, °C
   */
  public static GaugeRange of(EngineDescription engine, List<Double> past) {
    Double own = own(engine, past);
    Double rating = engine.details().thermostatC();
    if (own != null) {
      return of(engine, own - AROUND_OWN_K, own + AROUND_OWN_K, own);
    }
    if (rating != null) {
      return of(engine, rating - UNDER_RATING_K, rating + OVER_RATING_K, null);
    }
    if (engine.cooling() != Cooling.RAW_WATER) {
      return of(engine, 71, 91, null);
    }
    return engine.fuel() == Fuel.PETROL ? of(engine, 60, 82, null) : of(engine, 42, 71, null);
  }

  private static GaugeRange of(
      EngineDescription engine, double low, double high, @Nullable Double own) {
    Double alarm = engine.details().alarmC();
    double stop = alarm != null ? (double) alarm : (own != null ? (double) own : high) + OVER_OWN_K;
    return new GaugeRange(low, Math.min(high, stop), own, stop);
  }

  /** How a reading of where it holds is called. */
  public Call call(EngineDescription engine, double heldC) {
    if (heldC >= stopAtC) {
      return Call.STOP;
    }
    boolean lowIsAFault = engine.cooling() != Cooling.CLOSED;
    return heldC > high || heldC < low && lowIsAFault ? Call.MEND : Call.GOOD;
  }

  /** The median of its last ones; else what its description says. */
  private static @Nullable Double own(EngineDescription engine, List<Double> past) {
    if (past.size() < AT_LEAST) {
      return engine.details().plateauC();
    }
    return Median.of(Median.last(past));
  }
}
