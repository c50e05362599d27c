package elsko.server.yard;

import elsko.core.fluid.Need;
import elsko.core.fluid.Policy;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

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
  @Version private Long version;

  protected Yard() {}

  Yard(String name, Need need) {
    this.id = THE_ONE;
    change(name, need, true);
  }

  final void change(String newName, Need need, boolean allowKick) {
    this.name = newName;
    this.designLowC = need.designLowC();
    this.marginK = need.marginK();
    this.policy = need.policy();
    this.kickAllowed = allowKick;
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

  long version() {
    return version;
  }
}
