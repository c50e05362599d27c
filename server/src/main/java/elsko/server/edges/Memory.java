package elsko.server.edges;

import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.List;
import java.util.function.BooleanSupplier;

/** Whether memory is short: what is left after tidying up, not what lies about before it. */
final class Memory implements BooleanSupplier {
  private static final double SHORT = 0.92;
  private final List<MemoryPoolMXBean> pools;

  Memory() {
    pools =
        ManagementFactory.getMemoryPoolMXBeans().stream()
            .filter(pool -> pool.getType() == MemoryType.HEAP)
            .filter(MemoryPoolMXBean::isCollectionUsageThresholdSupported)
            .filter(pool -> pool.isUsageThresholdSupported() && pool.getUsage().getMax() > 0)
            .toList();
    pools.forEach(
        pool -> pool.setCollectionUsageThreshold((long) (pool.getUsage().getMax() * SHORT)));
  }

  @Override
  public boolean getAsBoolean() {
    return pools.stream().anyMatch(MemoryPoolMXBean::isCollectionUsageThresholdExceeded);
  }
}
