package elsko.core.gauge;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.PowerClass;
import elsko.core.limits.Call;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an engine's gauge is held against, everywhere: on cards, while it is watched, before casting
 * off and over the years. Its own plateau first, then its thermostat's rating, then its cooling.
 *
 * @param opensFromC it holds no colder than this, °C
 * @param opensUntilC nor hotter
 * @param ownPlateauC where this engine usually holds; null while too little is known
 * @param stopAtC at this it is stopped, °C
 * @param stopBecause what that rests on, in words
 * @param restsOn what the range rests on, in words
 * @param openByMinutes not there by now, its thermostat is stuck open or it has no load
 * @param climbingStops over its range it is stopped while it climbs: nothing better is known of it
 * @param lowIsSaid under its range is said and no fault: without load it may stay there
 */
public record GaugeLimits(
    double opensFromC,
    double opensUntilC,
    @Nullable Double ownPlateauC,
    double stopAtC,
    Text stopBecause,
    Text restsOn,
    double openByMinutes,
    boolean climbingStops,
    boolean lowIsSaid) {

  /** Warm by now, min; */
  private static final double OPEN_BY_MINUTES = 15;

  /** large ones later. */
  private static final double LARGE_OPEN_BY_MINUTES = 20;

  /** Under which name an engine's plateau is kept. */
  public static Limit plateau(EngineDescription engine) {
    return engine.cooling() == Cooling.RAW_WATER && engine.fuel() == Fuel.PETROL
        ? Limits.WARM_PLATEAU
        : Limits.PLATEAU_CLOSED;
  }

  /**
   * The maker's alarm stops it first; else a margin over its own plateau; else one over its range.
   *
   * @param past its plateaus that raised no alarm, oldest first, °C
   */
  public static GaugeLimits of(EngineDescription engine, List<Double> past) {
    GaugeRange range = GaugeRange.of(engine, past);
    Double own = range.ownC();
    Double rating = engine.details().thermostatC();
    Double alarm = engine.details().alarmC();
    Text restsOn =
        own != null
            ? Text.of("its own plateau of %s", Quantity.celsius(own))
            : rating != null
                ? Text.of("its thermostat of %s", Quantity.celsius(rating))
                : Text.of("its cooling");
    Text because =
        alarm != null
            ? Text.of("its alarm comes at %s", Quantity.celsius(alarm))
            : own != null
                ? Text.of(
                    "%s over its own %s",
                    Quantity.kelvin(GaugeRange.OVER_OWN_K), Quantity.celsius(own))
                : Text.of(
                    "far over the %s that go with %s", Quantity.celsius(range.high()), restsOn);
    return new GaugeLimits(
        range.low(),
        range.high(),
        own,
        range.stopAtC(),
        because,
        restsOn,
        PowerClass.of(engine) == PowerClass.LARGE ? LARGE_OPEN_BY_MINUTES : OPEN_BY_MINUTES,
        alarm == null && own == null,
        engine.cooling() == Cooling.CLOSED);
  }

  /** As what a reading of where it holds is judged. */
  public Limit limit(EngineDescription engine) {
    return plateau(engine)
        .with(
            new Limit.Range(opensFromC, opensUntilC),
            lowIsSaid
                ? new Judgement(
                    Call.GOOD,
                    Text.of(
                        "Under what goes with %s: without load it may stay there. It teaches nothing.",
                        restsOn))
                : new Judgement(
                    Call.MEND,
                    "The thermostat is not open yet: keep it running. Not there after %s minutes"
                            .formatted(Words.number(openByMinutes, 0))
                        + " means it is stuck open or the engine has no load."),
            new Judgement(
                Call.MEND,
                Text.of(
                    "Hotter than goes with %s. Look along the raw-water path before it gets worse.",
                    restsOn)),
            new Limit.Stop(stopAtC, Text.of("Stop the engine and find out why: %s.", stopBecause)));
  }

  public Judgement judge(EngineDescription engine, double heldC) {
    return limit(engine).judge(heldC);
  }
}
