package elsko.server.disk;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether anything can be kept. */
@Component
class DiskHealthIndicator implements HealthIndicator {
  private final Disk disk;

  DiskHealthIndicator(Disk disk) {
    this.disk = disk;
  }

  @Override
  public Health health() {
    Trouble now = disk.whyNotKept();
    Health.Builder health =
        now == null ? Health.up() : Health.down().withDetail("why", now.words());
    return health.withDetail("freeBytes", disk.free()).build();
  }
}
