package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.engine.CrankCount;
import elsko.core.ledger.engine.EngineRun;
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
    List<Held> past,
    CrankView crank) {

  static List<GaugeView> of(BoatState state) {
    return state.runs().entrySet().stream()
        .map(run -> of(state, run.getKey(), run.getValue()))
        .toList();
  }

  private static GaugeView of(BoatState state, Position engine, EngineRun run) {
    GaugeWatch watch = run.watch();
    return new GaugeView(
        engine,
        state.running().containsKey(engine),
        run.limits(),
        run.readings(),
        new WatchView(watch.standing(), watch.words(), watch.plateauC()),
        run.plateaus().stream().map(held -> new Held(held.at(), held.valueC())).toList(),
        CrankView.of(state, engine, run.cranked()));
  }

  /**
   * How long it was turned without firing, and what may be done next.
   *
   * @param mostSeconds of one turn
   * @param restUntil the starter rests until then; null when it never turned
   */
  record CrankView(
      double openSeconds,
      double allSeconds,
      CrankCount.Standing standing,
      String words,
      double mostSeconds,
      @Nullable Instant restUntil) {
    static CrankView of(BoatState state, Position engine, CrankCount count) {
      Circuit circuit = state.boat().engineCircuit(engine);
      Exhaust exhaust = state.boat().exhaust(circuit);
      boolean open = state.isSeacockOpen(circuit);
      return new CrankView(
          count.openSeconds(),
          count.allSeconds(),
          count.standing(exhaust, open),
          count.words(exhaust, open),
          CrankCount.mostSeconds(state.boat().engine(circuit)),
          count.lastAt() == null ? null : count.lastAt().plus(CrankCount.REST));
    }
  }

  /** What the readings come to. */
  record WatchView(GaugeWatch.Standing standing, Text words, @Nullable Double plateauC) {}

  /** Where its gauge held once. */
  record Held(Instant at, double valueC) {}
}
