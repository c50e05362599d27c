package elsko.server.yard;

import elsko.core.Units;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.limits.BeltSchool;
import elsko.core.limits.Interval;
import elsko.core.procedure.request.Practices;
import elsko.server.columns.InOneColumn;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The one yard of this installation. */
@Entity
class Yard {
  static final int THE_ONE = 1;

  @Id private Integer id;
  private String name;

  @Column(name = "design_low_c")
  private double designLowC;

  @Column(name = "margin_k")
  private double marginK;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Policy policy;

  private boolean kickAllowed;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private BeltSchool beltSchool;

  private int batteryYears;

  @Convert(converter = Intervals.class)
  private List<Interval> othersWay;

  private Units units;

  private String timeZone;
  private String address;
  private boolean demonstration;
  private Instant countersignSince;

  @Convert(converter = Liters.class)
  private List<Double> containerLiters;

  private int judgedBy;
  @Version private Long version;

  protected Yard() {}

  Yard(String name, Need need, ZoneId zone, boolean demonstration) {
    this.demonstration = demonstration;
    this.id = THE_ONE;
    this.containerLiters = List.of(1.0, 5.0, 20.0);
    this.judgedBy = ProofRules.EDITION;
    follow(Practices.USUAL);
    this.units = Units.METRIC;
    this.address = "";
    standsIn(zone);
    change(name, need, true);
  }

  int judgedBy() {
    return judgedBy;
  }

  void judgedBy(int edition) {
    judgedBy = edition;
  }

  final void change(String newName, Need need, boolean allowKick) {
    this.name = newName;
    this.designLowC = need.designLowC();
    this.marginK = need.marginK();
    this.policy = need.policy();
    this.kickAllowed = allowKick;
  }

  /** Null in a yard of an earlier schema that was not started since. */
  @Nullable ZoneId timeZone() {
    return timeZone == null ? null : ZoneId.of(timeZone);
  }

  final void standsIn(ZoneId zone) {
    this.timeZone = zone.getId();
  }

  /** Where it is reached, like https://yard.example; empty while nobody has said. */
  String address() {
    return address;
  }

  boolean demonstration() {
    return demonstration;
  }

  void isReachedAt(String where) {
    address = where;
  }

  String name() {
    return name;
  }

  Need need() {
    return new Need(designLowC, marginK, policy);
  }

  boolean kickAllowed() {
    return kickAllowed;
  }

  BeltSchool beltSchool() {
    return beltSchool;
  }

  int batteryYears() {
    return batteryYears;
  }

  /** The intervals that are counted the other school's way here. */
  Set<Interval> othersWay() {
    return Set.copyOf(othersWay);
  }

  /** How it is done here where the trade has more than one school. */
  final void follow(Practices practices) {
    this.beltSchool = practices.belt();
    this.batteryYears = practices.batteryYears();
    this.othersWay =
        practices.othersWay().stream().sorted(Comparator.comparing(Interval::key)).toList();
  }

  /** The units whoever did not choose their own reads in. */
  Units units() {
    return units;
  }

  void readsIn(Units chosen) {
    this.units = chosen;
  }

  Instant countersignSince() {
    return countersignSince;
  }

  /** Asks for a second person from now on, or no longer; asking again keeps when it began. */
  void askForCountersign(boolean asked, Instant now) {
    if (asked != (countersignSince != null)) {
      countersignSince = asked ? now : null;
    }
  }

  /** Sizes of the containers fluids come in, L. */
  List<Double> containerLiters() {
    return containerLiters;
  }

  void buysIn(List<Double> sizes) {
    containerLiters = List.copyOf(sizes);
  }

  long version() {
    return version;
  }

  static final class Intervals extends InOneColumn<Interval> {
    Intervals() {
      super(Interval::key, Interval::of);
    }
  }

  static final class Liters extends InOneColumn<Double> {
    Liters() {
      super(String::valueOf, Double::valueOf);
    }
  }
}
