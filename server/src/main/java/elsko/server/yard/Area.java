package elsko.server.yard;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A part of the yard, on its plan in meters. */
@Entity
class Area {
  private static final Double USUAL_SET_POINT_C = 5.0;

  @Id private UUID id;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private AreaKind kind;

  @Column(name = "x_m")
  private double xM;

  @Column(name = "y_m")
  private double yM;

  @Column(name = "width_m")
  private double widthM;

  @Column(name = "height_m")
  private double heightM;

  private boolean heated;

  @Column(name = "set_point_c")
  private Double setPointC;

  protected Area() {}

  Area(
      String name,
      AreaKind kind,
      boolean heated,
      double xM,
      double yM,
      double widthM,
      double heightM) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.kind = kind;
    this.heated = heated;
    this.setPointC = heated ? USUAL_SET_POINT_C : null;
    this.xM = xM;
    this.yM = yM;
    this.widthM = widthM;
    this.heightM = heightM;
  }

  UUID id() {
    return id;
  }

  AreaKind kind() {
    return kind;
  }

  Shelter shelter() {
    return new Shelter(kind, setPointC);
  }

  double bottomM() {
    return yM + heightM;
  }

  YardPlan.AreaView view() {
    return new YardPlan.AreaView(id, name, kind, heated, xM, yM, widthM, heightM);
  }
}
