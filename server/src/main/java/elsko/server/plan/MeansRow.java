package elsko.server.plan;

import elsko.core.plan.Equipment;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;

/** What there is for the work. */
@Entity
@Table(name = "plan_means")
class MeansRow {
  static final int THE_ONE = 1;

  @Id private Integer id;
  private String equipment;
  private int liftSlots;
  private int pauseFrom;
  private int pauseTo;
  @Version private Long version;

  protected MeansRow() {}

  static MeansRow usual() {
    MeansRow row = new MeansRow();
    row.id = THE_ONE;
    Map<Equipment, Integer> one = new EnumMap<>(Equipment.class);
    for (Equipment kind : Equipment.values()) {
      one.put(kind, kind == Equipment.TANK_KIT || kind == Equipment.REFRACTOMETER ? 2 : 1);
    }
    row.has(one, 4);
    row.pauseFrom = 12 * 60;
    row.pauseTo = 12 * 60 + 30;
    return row;
  }

  void has(Map<Equipment, Integer> counts, int slots) {
    equipment =
        counts.entrySet().stream()
            .map(entry -> entry.getKey() + "=" + entry.getValue())
            .collect(Collectors.joining(" "));
    liftSlots = slots;
  }

  Map<Equipment, Integer> equipment() {
    Map<Equipment, Integer> counts = new EnumMap<>(Equipment.class);
    Arrays.stream(equipment.split(" "))
        .filter(word -> !word.isEmpty())
        .map(word -> word.split("="))
        .forEach(pair -> counts.put(Equipment.valueOf(pair[0]), Integer.valueOf(pair[1])));
    return counts;
  }

  int liftSlots() {
    return liftSlots;
  }

  int pauseFrom() {
    return pauseFrom;
  }

  int pauseTo() {
    return pauseTo;
  }
}
