package elsko.core.ledger.engine;

import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.limits.Call;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How an engine's gauges went in its last run on water, and where it held before.
 *
 * @param readings of that run, oldest first
 * @param cranked how long it was turned without firing
 * @param plateaus all that were ever said, oldest first
 * @param suctionDry pump and intake were drained, and nobody primed them since
 * @param dryingSince it runs without water since then; null while it does not
 * @param onWater its last run on water that has ended, while no sea came in since; or null
 * @param cylinders how its cylinders were oiled for the winter; null when they were not
 */
public record EngineRun(
    GaugeLimits limits,
    List<GaugeReading> readings,
    GaugeWatch watch,
    List<Plateau> plateaus,
    CrankCount cranked,
    boolean suctionDry,
    @Nullable Instant dryingSince,
    @Nullable OnWater onWater,
    @Nullable Cylinders cylinders) {

  /** Where an engine's gauge held, and how that was called by what was known of it then. */
  public record Plateau(Instant at, double valueC, Call call) {}

  /**
   * A run on water that has ended.
   *
   * @param fresh out of a hose, bucket or tub; else on what it floats in
   * @param warm its thermostat was seen to be open
   * @param card on which it was stopped; null when on none
   */
  public record OnWater(
      Instant from, Instant to, boolean fresh, boolean warm, @Nullable UUID card) {}

  /**
   * Cylinders fogged, or oiled by hand.
   *
   * @param undone it was started since
   */
  public record Cylinders(Instant oiledAt, boolean undone) {
    Cylinders startedSince() {
      return new Cylinders(oiledAt, true);
    }
  }
}
