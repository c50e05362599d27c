package elsko.server.stores;

import elsko.core.stores.Use;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The shelf, and what the work ahead does to it.
 *
 * @param days looked ahead
 * @param plannedWith the fluid that boats still to be filled are counted with: the one last used
 */
record StoresView(LocalDate today, int days, @Nullable String plannedWith, List<StoreLine> lines) {

  /**
   * One item.
   *
   * @param everCounted whether anybody ever received or counted it
   * @param runsOut the first day on which there is not enough; null while there is
   * @param packages to order, whole ones
   */
  record StoreLine(
      String item,
      String name,
      String unit,
      double packageSize,
      double stock,
      boolean everCounted,
      List<ShelfLine> shelves,
      double needed,
      @Nullable LocalDate runsOut,
      double missing,
      int packages,
      List<Use> uses) {}

  /** What is counted together: a lot of a fluid, or all there is of a part. */
  record ShelfLine(
      String shelf,
      String name,
      double stock,
      @Nullable LocalDate expiresOn,
      @Nullable Instant countedAt,
      @Nullable String countedBy) {}
}
