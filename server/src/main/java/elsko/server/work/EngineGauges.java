package elsko.server.work;

import elsko.core.Refused;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.SimulatedEngine;
import elsko.server.work.log.Log;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The gauges of an engine that is connected; simulated, as long as no real one is. */
@RestController
class EngineGauges {
  private final Log log;

  EngineGauges(Log log) {
    this.log = log;
  }

  /** What can be wrong with the simulated engine. */
  @GetMapping("/api/gauge-faults")
  List<FaultView> faults() {
    return Stream.of(SimulatedEngine.Fault.values())
        .map(fault -> new FaultView(fault, fault.words()))
        .toList();
  }

  /** Reads the gauges of a running engine; stores nothing. */
  @PostMapping("/api/boats/{id}/engines/{engine}/gauge-reading")
  FromGauge read(@PathVariable UUID id, @PathVariable Position engine, @RequestBody Asked asked) {
    var state = log.folded(id).state();
    Circuit circuit = state.boat().engineCircuit(engine);
    if (!state.running().containsKey(engine)) {
      throw Refused.state(
          "minute", "The %s is not running: its gauges say nothing.".formatted(engine.words()));
    }
    double minute = asked.minute() == null ? 0 : asked.minute();
    Refused.within("minute", minute, 0, 600, " min");
    SimulatedEngine.Fault fault =
        asked.fault() == null ? SimulatedEngine.Fault.NONE : asked.fault();
    GaugeLimits limits = state.runs().get(engine).limits();
    double holdsAt =
        limits.ownPlateauC() != null
            ? limits.ownPlateauC()
            : (limits.opensFromC() + limits.opensUntilC()) / 2;
    SimulatedEngine simulated =
        new SimulatedEngine(fault, holdsAt, id.hashCode() * 31L + circuit.key().hashCode());
    return new FromGauge(simulated.at(minute), true);
  }

  /**
   * What is asked of the gauges.
   *
   * @param minute since the start, by the simulated engine's own time
   * @param fault what is wrong with it; nothing when left out
   */
  record Asked(@Nullable Double minute, SimulatedEngine.@Nullable Fault fault) {}

  /** What they show; {@code simulated} while no real engine is connected. */
  record FromGauge(GaugeReading reading, boolean simulated) {}

  /** A fault of the simulated engine. */
  record FaultView(SimulatedEngine.Fault fault, String words) {}
}
