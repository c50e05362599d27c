package elsko.core.ledger;

import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import java.time.Instant;
import java.util.List;

/**
 * How an engine's gauges went in its last run on water, and where it held before.
 *
 * @param readings of that run, oldest first
 * @param cranked how long it was turned without firing
 * @param plateaus all that were ever said, oldest first
 */
public record EngineRun(
    GaugeLimits limits,
    List<GaugeReading> readings,
    GaugeWatch watch,
    List<Plateau> plateaus,
    CrankCount cranked) {

  /** Where an engine's gauge held. */
  public record Plateau(Instant at, double valueC) {}
}
