package elsko.core.ledger;

import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.limits.Call;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How an engine's gauges went in its last run on water, and where it held before.
 *
 * @param readings of that run, oldest first
 * @param cranked how long it was turned without firing
 * @param plateaus all that were ever said, oldest first
 * @param suctionDry pump and intake were drained, and nobody primed them since
 * @param dryingSince it runs without water since then; null while it does not
 */
public record EngineRun(
    GaugeLimits limits,
    List<GaugeReading> readings,
    GaugeWatch watch,
    List<Plateau> plateaus,
    CrankCount cranked,
    boolean suctionDry,
    @Nullable Instant dryingSince) {

  /** Where an engine's gauge held, and how that was called by what was known of it then. */
  public record Plateau(Instant at, double valueC, Call call) {}
}
