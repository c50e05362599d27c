package elsko.server.importing;

import elsko.core.boat.description.BoatDescription;
import elsko.server.yard.Berths.Place;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What a file would do to the fleet. */
final class FleetPlan {
  final List<ImportProblem> problems = new ArrayList<>();
  final List<BoatDescription> added = new ArrayList<>();

  /** Where new boats lie, by their place in {@link #added}. */
  final Map<Integer, Place> berths = new LinkedHashMap<>();

  final Map<UUID, BoatDescription> changed = new LinkedHashMap<>();
  int unchanged;
  int rows;
}
