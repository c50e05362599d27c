package elsko.server.plan.crew;

import elsko.core.plan.hours.YardHours;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.model.Equipment;
import elsko.server.columns.InOneColumn;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What there is for the work. */
@Entity
@Table(name = "plan_means")
public class MeansRow {
  static final int THE_ONE = 1;

  @Id private Integer id;

  @Convert(converter = Counts.class)
  private List<Counted> equipment;

  private int liftSlots;
  private int pauseFrom;
  private int pauseTo;

  /** Null as long as nobody has said. */
  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private @Nullable Hands hands;

  private @Nullable Boolean learns;

  /** Null as long as nobody has said any. */
  @Convert(converter = YardHoursJson.class)
  private @Nullable YardHours hours;

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
            .map(entry -> new Counted(entry.getKey(), entry.getValue()))
            .toList();
    liftSlots = slots;
  }

  public Map<Equipment, Integer> equipment() {
    Map<Equipment, Integer> counts = new EnumMap<>(Equipment.class);
    equipment.forEach(one -> counts.put(one.kind(), one.count()));
    return counts;
  }

  void goesBy(Hands comes, boolean learned, YardHours open) {
    hands = comes;
    learns = learned;
    hours = open;
  }

  /** When there is light, open doors, water for the lift. */
  public YardHours hours() {
    return hours == null ? YardHours.NONE : hours;
  }

  public Hands hands() {
    return hands == null ? Hands.WHOLE_BOAT : hands;
  }

  /** Whether work is planned by the minutes it took here. */
  public boolean learns() {
    return learns == null || learns;
  }

  public int liftSlots() {
    return liftSlots;
  }

  /** Below any that was kept while these are the usual ones, which nobody has changed yet. */
  public long version() {
    return version == null ? -1 : version;
  }

  public int pauseFrom() {
    return pauseFrom;
  }

  public int pauseTo() {
    return pauseTo;
  }

  /** So many of a kind. */
  record Counted(Equipment kind, int count) {
    static Counted of(String word) {
      String[] pair = word.split("=");
      return new Counted(Equipment.valueOf(pair[0]), Integer.parseInt(pair[1]));
    }

    String word() {
      return kind + "=" + count;
    }
  }

  static final class Counts extends InOneColumn<Counted> {
    Counts() {
      super(Counted::word, Counted::of);
    }
  }
}
