package elsko.server.yard;

import java.util.List;
import java.util.UUID;

/**
 * The plan of the yard, in meters from its upper left corner.
 *
 * @param widthM of all areas together
 */
public record YardPlan(
    double widthM, double heightM, List<AreaView> areas, List<BerthView> berths) {
  /** A part of the yard. */
  public record AreaView(
      UUID id,
      String name,
      AreaKind kind,
      boolean heated,
      double xM,
      double yM,
      double widthM,
      double heightM) {}

  /** A place; x and y are the middle of its stern. */
  public record BerthView(UUID id, UUID areaId, String name, String line, double xM, double yM) {}
}
