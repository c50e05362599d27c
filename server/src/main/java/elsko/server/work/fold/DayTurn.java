package elsko.server.work.fold;

import elsko.server.fleet.Fleet;
import elsko.server.work.log.Log;
import elsko.server.work.log.Projection;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * With a new day some of what was measured is too old to prove anything: what lists show of those
 * boats is worked out again.
 */
@Component
public class DayTurn {
  private static final long LOOKED_FOR_MS = 10 * 60 * 1000L;

  /** So many logs are read at once. */
  private static final int AT_ONCE = 50;

  private final Log log;
  private final Projection projection;
  private final Fleet fleet;
  private volatile @Nullable LocalDate turned;

  DayTurn(Log log, Projection projection, Fleet fleet) {
    this.log = log;
    this.projection = projection;
    this.fleet = fleet;
  }

  @Scheduled(initialDelay = LOOKED_FOR_MS / 10, fixedDelay = LOOKED_FOR_MS)
  public void look() {
    LocalDate today = log.today();
    if (today.equals(turned)) {
      return;
    }
    List<UUID> all = fleet.ids();
    for (int from = 0; from < all.size(); from += AT_ONCE) {
      List<UUID> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
      projection.standOtherwise(some).forEach(projection::reassess);
    }
    turned = today;
  }
}
