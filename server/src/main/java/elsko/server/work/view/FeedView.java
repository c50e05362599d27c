package elsko.server.work.view;

import elsko.core.boat.description.FeedGuard;
import elsko.core.procedure.card.Step;
import org.jspecify.annotations.Nullable;

/**
 * The water of a run that is fed by hand, so that a device without signal can count it down.
 *
 * @param drawsLitersPerMinute at idle; {@code givesLitersPerMinute} what a hose gives
 * @param reservoirLiters what stands ready; null where the hose goes straight to the pump
 * @param actAtSeconds when to stop or refill, after the start; null where it goes on
 * @param lastsSeconds how long it lasts; null where it goes on
 */
record FeedView(
    double drawsLitersPerMinute,
    double givesLitersPerMinute,
    @Nullable Double reservoirLiters,
    @Nullable Double actAtSeconds,
    @Nullable Double lastsSeconds) {
  static @Nullable FeedView of(Step step) {
    FeedGuard feed = step.feed();
    return feed == null
        ? null
        : new FeedView(
            feed.draws(),
            feed.gives(),
            feed.reservoirLiters(),
            feed.actAtSeconds(),
            feed.lastsSeconds());
  }
}
