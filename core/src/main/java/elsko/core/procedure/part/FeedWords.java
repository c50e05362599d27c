package elsko.core.procedure.part;

import elsko.core.Judged;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.boat.description.FeedGuard;

/** What a card says of the water of a run that is fed by hand. */
public final class FeedWords {
  private FeedWords() {}

  /** Water out of a hose or a tub. */
  public static Text of(FeedGuard feed) {
    Text draws = Text.of("It draws about %s", Quantity.litersPerMinute(feed.draws()));
    Quantity gives = Quantity.litersPerMinute(feed.gives()).withoutUnit();
    if (feed.reservoirLiters() == null) {
      return feed.idleOnly()
          ? Text.of(
              "%s and a garden hose gives about %s: idle only, exhaust steady, hose not collapsing.",
              draws, gives)
          : Text.of("%s, a garden hose gives about %s.", draws, gives);
    }
    Double lasts = feed.lastsSeconds();
    Text tub = Text.of("a tub of at least %s", Judged.litersAtLeast(feed.reservoirLiters()));
    return lasts == null
        ? Text.of(
            "%s: %s, topped up by a hose the whole time, keeps up. One person stays at the hose.",
            draws, tub)
        : Text.of(
            "%s, a hose gives about %s: %s, topped up the whole time, lasts %s; stop at %s. One person stays at the hose.",
            draws, gives, tub, duration(lasts), duration(feed.actAtSeconds()));
  }

  /** Antifreeze or descaler out of a tank that nothing tops up. */
  public static Text ofTank(FeedGuard feed) {
    return Text.of(
        "It draws about %s: %s last %s. All of it stands ready before the start; stand by from %s, stop at the first bubble.",
        Quantity.litersPerMinute(feed.draws()),
        Judged.litersAtLeast(feed.reservoirLiters()),
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
