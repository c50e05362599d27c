package elsko.server.work;

import elsko.core.boat.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.EngineRun;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How an engine's gauges go in this run, against its limits and its own past.
 *
 * @param readings of this run, oldest first
 * @param past where it held before, oldest first
 */
record GaugeView(
    Position engine,
    boolean running,
    GaugeLimits limits,
    List<GaugeReading> readings,
    WatchView watch,
    List<Held> past) {

  static List<GaugeView> of(BoatState state) {
    return state.runs().entrySet().stream()
        .map(run -> of(run.getKey(), state.running().containsKey(run.getKey()), run.getValue()))
        .toList();
  }

  private static GaugeView of(Position engine, boolean running, EngineRun run) {
    GaugeWatch watch = run.watch();
    return new GaugeView(
        engine,
        running,
        run.limits(),
        run.readings(),
        new WatchView(watch.standing(), watch.words(), watch.plateauC()),
        run.plateaus().stream().map(held -> new Held(held.at(), held.valueC())).toList());
  }

  /** What the readings come to. */
  record WatchView(GaugeWatch.Standing standing, String words, @Nullable Double plateauC) {}

  /** Where its gauge held once. */
  record Held(Instant at, double valueC) {}
}
