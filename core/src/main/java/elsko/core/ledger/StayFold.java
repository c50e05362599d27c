package elsko.core.ledger;

import elsko.core.boat.path.FittingState;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Follows where a boat stands and how it is covered. */
final class StayFold {
  private static final Duration REMEMBERED = Duration.ofDays(400);

  private final List<Stay> stays = new ArrayList<>();
  private List<Stay> known = List.of();
  private FittingState cover;

  void covered(FittingState now, Instant at) {
    cover = now;
    if (!stays.isEmpty()) {
      Stay last = stays.get(stays.size() - 1);
      add(new Stay(at, last.berth(), last.afloat(), now));
    }
  }

  void moved(UUID berth, boolean afloat, Instant at) {
    add(new Stay(at, berth, afloat, cover));
  }

  private void add(Stay stay) {
    stays.add(stay);
    Instant forgotten = stay.from().minus(REMEMBERED);
    while (stays.size() > 1 && stays.get(1).from().isBefore(forgotten)) {
      stays.remove(0);
    }
    known = null;
  }

  /** Oldest first; nothing while nobody said where it stands. */
  List<Stay> stays() {
    if (known == null) {
      known = List.copyOf(stays);
    }
    return known;
  }
}
