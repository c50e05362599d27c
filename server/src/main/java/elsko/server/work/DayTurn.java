package elsko.server.work;

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

  private final Log log;
  private volatile @Nullable LocalDate turned;

  DayTurn(Log log) {
    this.log = log;
  }

  @Scheduled(initialDelay = LOOKED_FOR_MS / 10, fixedDelay = LOOKED_FOR_MS)
  public void look() {
    LocalDate today = log.today();
    if (today.equals(turned)) {
      return;
    }
    List<UUID> changed = log.standsOtherwise();
    changed.forEach(log::judgeAgain);
    turned = today;
  }
}
