package elsko.core.boat.description;

import org.jspecify.annotations.Nullable;

/**
 * How long the water of a run lasts that is fed by hand: what the engine draws against what the
 * feed gives.
 *
 * @param draws at idle, L/min
 * @param gives a hose straight to the pump, or one that tops the reservoir up, L/min; 0 for none
 * @param reservoirLiters what stands ready; null where the hose goes straight to the pump
 */
public record FeedGuard(double draws, double gives, @Nullable Double reservoirLiters) {
  /** A garden hose gives at least so much, L/min; a yard's own is measured with a bucket. */
  public static final double HOSE_GIVES = 15;

  /** A hose that gives less than this part of the draw does not do. Estimate. */
  private static final double LEAST = 0.6;

  /** At this part left somebody stops or refills, */
  private static final double LEFT = 0.2;

  /** and no later than this before the end, s. Estimate. */
  private static final double LEAST_SECONDS = 10;

  /** An engine may draw so much more than its class does. Estimate. */
  private static final double IN_HAND = 1.2;

  private static final double LEAST_TUB_LITERS = 20;

  private static final double TUBS_IN_STEPS_OF = 5;

  /** A hose straight to the pump. */
  public static FeedGuard hose(EngineDescription engine) {
    return new FeedGuard(PowerClass.draws(engine), HOSE_GIVES, null);
  }

  /** A tub that a hose keeps topping up, big enough for a run of so many minutes. */
  public static FeedGuard tub(EngineDescription engine, double minutes) {
    double draws = PowerClass.draws(engine);
    double wanted = Math.max(0, IN_HAND * draws - HOSE_GIVES) * minutes / (1 - LEFT);
    double liters = Math.ceil(wanted / TUBS_IN_STEPS_OF) * TUBS_IN_STEPS_OF;
    return new FeedGuard(draws, HOSE_GIVES, Math.max(LEAST_TUB_LITERS, liters));
  }

  /** A tank that nothing tops up. */
  public static FeedGuard tank(EngineDescription engine, double liters) {
    return new FeedGuard(PowerClass.draws(engine), 0, liters);
  }

  /** Whether it gives enough to start on. */
  public boolean isEnough() {
    return reservoirLiters != null || gives >= LEAST * draws;
  }

  /** Whether what it gives falls short, so that the engine only idles. */
  public boolean idleOnly() {
    return reservoirLiters == null && gives < draws;
  }

  /** How long it lasts, s; null where it goes on. */
  public @Nullable Double lastsSeconds() {
    return reservoirLiters == null || gives >= draws
        ? null
        : (Double) (reservoirLiters / (draws - gives) * 60);
  }

  /** When to stop or refill, s after the start; null where it goes on. */
  public @Nullable Double actAtSeconds() {
    Double lasts = lastsSeconds();
    return lasts == null
        ? null
        : (Double) Math.max(0, lasts - Math.max(LEFT * lasts, LEAST_SECONDS));
  }
}
