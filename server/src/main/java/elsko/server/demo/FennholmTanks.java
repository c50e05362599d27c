package elsko.server.demo;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.trip.FuelFitted;
import elsko.core.trip.FuelFitted.FittedTank;
import elsko.server.castoff.CastOffs;
import elsko.server.fleet.BoatLine;
import elsko.server.fleet.Fleet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What some boats of the demonstration burn, and out of which tanks; of the others nobody said. */
class FennholmTanks {
  private static final Map<String, Double> LITERS_AN_HOUR =
      Map.of("Gannet", 24.0, "Little Auk", 2.4, "Razorbill", 3.6, "Night Heron", 31.0);
  private static final double GENERATOR = 3.5;

  private final Fleet fleet;
  private final CastOffs castOffs;

  FennholmTanks(Fleet fleet, CastOffs castOffs) {
    this.fleet = fleet;
    this.castOffs = castOffs;
  }

  void tell() {
    for (BoatLine line : fleet.lines()) {
      Double each = LITERS_AN_HOUR.get(line.name());
      if (each != null) {
        castOffs.setFuel(line.id(), fitted(fleet.boat(line.id()).boat(), each));
      }
    }
  }

  private static FuelFitted fitted(Boat boat, double each) {
    Map<Position, Double> burns = new EnumMap<>(Position.class);
    for (Circuit circuit : boat.engineCircuits()) {
      burns.put(circuit.engine(), circuit.engine() == Position.GENERATOR ? GENERATOR : each);
    }
    boolean twin = burns.containsKey(Position.PORT);
    List<FittedTank> tanks =
        twin
            ? List.of(
                new FittedTank("port tank", 420, 35.0, Set.of(Position.PORT, Position.GENERATOR)),
                new FittedTank("starboard tank", 420, 35.0, Set.of(Position.STARBOARD)))
            : List.of(new FittedTank("", 30 * each, null, burns.keySet()));
    return new FuelFitted(tanks, burns, twin ? 11.0 : 6.0);
  }
}
