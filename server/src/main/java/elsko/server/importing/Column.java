package elsko.server.importing;

import elsko.core.boat.description.Accessory;
import java.util.ArrayList;
import java.util.List;

/** The columns of the fleet file, in the order they are written. */
final class Column {
  static final String HULL_ID = "hull_id";
  static final String NAME = "name";
  static final String KIND = "kind";
  static final String LENGTH = "hull_length_m";
  static final String LAYOUT = "layout";
  static final String ENGINES = "engines";
  static final String FUEL = "fuel";
  static final String CYLINDERS = "cylinders";
  static final String COOLING = "cooling";
  static final String EXHAUST = "exhaust";
  static final String DRAINS = "drains";
  static final String POWER_CLASS = "power_class";
  static final String YEAR = "year";
  static final String HOURS = "hours";
  static final String WATER = "water";
  static final String SILTY = "silty";
  static final String TANK = "domestic_tank_liters";
  static final String METHOD = "method";
  static final String BERTH = "berth";
  static final String OWNER = "owner";
  static final String NOTES = "notes";

  private Column() {}

  static String of(Accessory accessory) {
    return accessory.key().replace('-', '_');
  }

  static List<String> all() {
    List<String> all =
        new ArrayList<>(
            List.of(
                HULL_ID,
                NAME,
                KIND,
                LENGTH,
                LAYOUT,
                ENGINES,
                FUEL,
                CYLINDERS,
                COOLING,
                EXHAUST,
                DRAINS,
                POWER_CLASS,
                YEAR,
                HOURS,
                WATER,
                SILTY));
    for (Accessory accessory : Accessory.values()) {
      all.add(of(accessory));
    }
    all.addAll(List.of(TANK, METHOD, BERTH, OWNER, NOTES));
    return all;
  }
}
