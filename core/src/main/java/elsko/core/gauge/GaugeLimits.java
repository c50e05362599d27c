package elsko.core.gauge;

import elsko.core.Words;
import elsko.core.boat.Cooling;
import elsko.core.boat.EngineDescription;
import elsko.core.boat.Fuel;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an engine's gauge is held against.
 *
 * @param opensFromC its thermostat opens no colder than this, °C
 * @param opensUntilC nor hotter
 * @param ownPlateauC where this engine usually holds; null while too little is known
 * @param stopAtC at this it is stopped, °C
 * @param stopBecause what that rests on, in words
 */
public record GaugeLimits(
    double opensFromC,
    double opensUntilC,
    @Nullable Double ownPlateauC,
    double stopAtC,
    String stopBecause) {

  /** An engine stops this far over its own plateau where its maker names no alarm, K. Estimate. */
  public static final double OVER_OWN_K = 6;

  /** An engine's own plateau is the middle of so many of its last, */
  private static final int OF_LAST = 5;

  /** and of no fewer than these. */
  private static final int AT_LEAST = 3;

  /** Which reading of the limits an engine's plateau is. */
  public static Limit plateau(EngineDescription engine) {
    return engine.cooling() == Cooling.RAW_WATER && engine.fuel() == Fuel.PETROL
        ? Limits.WARM_PLATEAU
        : Limits.PLATEAU_CLOSED;
  }

  /**
   * The maker's alarm first; else a margin over its own plateau; else the most that is normal.
   *
   * @param past its plateaus, oldest first, °C
   */
  public static GaugeLimits of(EngineDescription engine, List<Double> past) {
    Limit.Range opens = plateau(engine).good();
    Double own = own(engine, past);
    Double alarm = engine.details().alarmC();
    if (alarm != null) {
      return new GaugeLimits(
          opens.low(), opens.high(), own, alarm, "its alarm comes at " + Words.celsius(alarm));
    }
    if (own != null) {
      return new GaugeLimits(
          opens.low(),
          opens.high(),
          own,
          own + OVER_OWN_K,
          "%s K over its own %s".formatted(Words.number(OVER_OWN_K), Words.celsius(own)));
    }
    return new GaugeLimits(
        opens.low(),
        opens.high(),
        null,
        opens.high(),
        "no thermostat lets it past %s".formatted(Words.celsius(opens.high())));
  }

  /** The median of its last ones; else what its description says. */
  private static @Nullable Double own(EngineDescription engine, List<Double> past) {
    if (past.size() < AT_LEAST) {
      return engine.details().plateauC();
    }
    List<Double> last =
        past.subList(Math.max(0, past.size() - OF_LAST), past.size()).stream().sorted().toList();
    int middle = last.size() / 2;
    return last.size() % 2 == 1
        ? last.get(middle)
        : (Double) ((last.get(middle - 1) + last.get(middle)) / 2);
  }
}
