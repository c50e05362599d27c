package elsko.core.gauge;

import elsko.core.Words;
import elsko.core.boat.Cooling;
import elsko.core.boat.EngineDescription;
import elsko.core.boat.Fuel;
import elsko.core.boat.PowerClass;
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
    String stopBecause,
    String restsOn,
    double openByMinutes,
    boolean climbingStops,
    boolean lowIsSaid) {

  /** An engine stops this far over its own plateau where its maker names no alarm, K. Estimate. */
  public static final double OVER_OWN_K = 6;

  /** It holds within so much of its own plateau, K. */
  private static final double AROUND_OWN_K = 4;

  /** By the rating of its thermostat: from so much below, K, */
  private static final double UNDER_RATING_K = 4;

  /** to so much above. */
  private static final double OVER_RATING_K = 10;

  private static final Limit.Range RAW_WATER_DIESEL = new Limit.Range(42, 71);
  private static final Limit.Range RAW_WATER_PETROL = new Limit.Range(60, 82);
  private static final Limit.Range CLOSED = new Limit.Range(71, 91);

  /** Warm by now, min; */
  private static final double OPEN_BY_MINUTES = 15;

  /** large ones later. */
  private static final double LARGE_OPEN_BY_MINUTES = 20;

  /** An engine's own plateau is the middle of so many of its last, */
  private static final int OF_LAST = 5;

  /** and of no fewer than these. */
  public static final int AT_LEAST = 3;

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
    Double own = own(engine, past);
    Double rating = engine.details().thermostatC();
    Limit.Range range;
    String restsOn;
    if (own != null) {
      range = new Limit.Range(own - AROUND_OWN_K, own + AROUND_OWN_K);
      restsOn = "its own plateau of " + Words.celsius(own);
    } else if (rating != null) {
      range = new Limit.Range(rating - UNDER_RATING_K, rating + OVER_RATING_K);
      restsOn = "its thermostat of " + Words.celsius(rating);
    } else {
      range = byCooling(engine);
      restsOn = "its cooling";
    }
    Double alarm = engine.details().alarmC();
    double stop = alarm != null ? alarm : (own != null ? (double) own : range.high()) + OVER_OWN_K;
    String because =
        alarm != null
            ? "its alarm comes at " + Words.celsius(alarm)
            : own != null
                ? "%s K over its own %s".formatted(Words.number(OVER_OWN_K), Words.celsius(own))
                : "far over the %s that go with %s".formatted(Words.celsius(range.high()), restsOn);
    return new GaugeLimits(
        range.low(),
        Math.min(range.high(), stop),
        own,
        stop,
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
                    "Under what goes with %s: without load it may stay there. It teaches nothing."
                        .formatted(restsOn))
                : new Judgement(
                    Call.MEND,
                    "The thermostat is not open yet: keep it running. Not there after %s minutes"
                            .formatted(Words.number(openByMinutes, 0))
                        + " means it is stuck open or the engine has no load."),
            new Judgement(
                Call.MEND,
                "Hotter than goes with %s. Look along the raw-water path before it gets worse."
                    .formatted(restsOn)),
            new Limit.Stop(
                stopAtC, "Stop the engine and find out why: %s.".formatted(stopBecause)));
  }

  public Judgement judge(EngineDescription engine, double heldC) {
    return limit(engine).judge(heldC);
  }

  private static Limit.Range byCooling(EngineDescription engine) {
    if (engine.cooling() != Cooling.RAW_WATER) {
      return CLOSED;
    }
    return engine.fuel() == Fuel.PETROL ? RAW_WATER_PETROL : RAW_WATER_DIESEL;
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
