package elsko.core.procedure.request;

import elsko.core.Judged;
import elsko.core.Text;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.FeedGuard;
import elsko.core.fill.CircuitPath;

/**
 * How long an engine runs on fresh water to be rinsed, and the water that wants.
 *
 * @param untilWarm it runs long enough to get warm
 */
public record RinseRun(
    int fromMinutes, int toMinutes, FeedGuard feed, Text words, boolean untilWarm) {
  private static final int FROM = 5;
  private static final int TO = 10;

  /** Closed engines: so many times the volume of the path is the least. */
  private static final double TIMES_THE_PATH = 2;

  public static RinseRun of(OnCircuit on, FlushVariant variant) {
    EngineDescription engine = on.boat().engine(on.circuit());
    FeedGuard feed = variant.feed(engine, TO);
    if (engine.cooling() == Cooling.RAW_WATER) {
      return new RinseRun(
          FROM,
          TO,
          feed,
          Text.of("5 to 10 minutes; go on until the thermostat has opened, about 5 minutes."),
          true);
    }
    double least = TIMES_THE_PATH * CircuitPath.all(on.circuit()).liters();
    Text twice =
        Text.of("At least twice what the path holds, %s", Judged.litersAtLeast(Math.ceil(least)));
    if (feed.lastsSeconds() == null) {
      return new RinseRun(FROM, TO, feed, twice.then("; from a hose 5 minutes or more."), true);
    }
    // What a tub gives runs out: no longer than it takes.
    int minutes = (int) Math.ceil(least / feed.draws());
    return new RinseRun(
        minutes, minutes + 1, variant.feed(engine, minutes + 1), twice.then(", then stop."), false);
  }
}
