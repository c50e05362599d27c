package elsko.core.procedure.part;

import elsko.core.Words;
import elsko.core.boat.description.FeedGuard;

/** What a card says of the water of a run that is fed by hand. */
public final class FeedWords {
  private FeedWords() {}

  /** Water out of a hose or a tub. */
  public static String of(FeedGuard feed) {
    String draws = "It draws about %s L/min".formatted(Words.number(feed.draws(), 0));
    if (feed.reservoirLiters() == null) {
      return feed.idleOnly()
          ? "%s and a garden hose gives about %s: idle only, exhaust steady, hose not collapsing."
              .formatted(draws, Words.number(feed.gives(), 0))
          : "%s, a garden hose gives about %s.".formatted(draws, Words.number(feed.gives(), 0));
    }
    Double lasts = feed.lastsSeconds();
    String tub = "a tub of at least " + Words.liters(feed.reservoirLiters());
    return lasts == null
        ? "%s: %s, topped up by a hose the whole time, keeps up. One person stays at the hose."
            .formatted(draws, tub)
        : "%s, a hose gives about %s: %s, topped up the whole time, lasts %s; stop at %s. One person stays at the hose."
            .formatted(
                draws,
                Words.number(feed.gives(), 0),
                tub,
                duration(lasts),
                duration(feed.actAtSeconds()));
  }

  /** Antifreeze or descaler out of a tank that nothing tops up. */
  public static String ofTank(FeedGuard feed) {
    return "It draws about %s L/min: %s last %s. All of it stands ready before the start; stand by from %s, stop at the first bubble."
        .formatted(
            Words.number(feed.draws(), 0),
            Words.liters(feed.reservoirLiters()),
            duration(feed.lastsSeconds()),
            duration(feed.actAtSeconds()));
  }

  /** "1 min 20 s" */
  static String duration(double seconds) {
    long whole = Math.round(seconds);
    return whole < 60
        ? whole + " s"
        : whole % 60 == 0
            ? "%d min".formatted(whole / 60)
            : "%d min %d s".formatted(whole / 60, whole % 60);
  }
}
