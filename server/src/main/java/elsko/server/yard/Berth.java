package elsko.server.yard;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** One place for one boat. */
@Entity
class Berth {
  @Id private UUID id;
  private UUID areaId;
  private String name;
  private String lineName;

  @Column(name = "x_m")
  private double xM;

  @Column(name = "y_m")
  private double yM;

  protected Berth() {}

  Berth(UUID areaId, String name, String lineName, double xM, double yM) {
    this.id = UUID.randomUUID();
    this.areaId = areaId;
    this.name = name;
    this.lineName = lineName;
    this.xM = xM;
    this.yM = yM;
  }

  UUID id() {
    return id;
  }

  UUID areaId() {
    return areaId;
  }

  String name() {
    return name;
  }

  YardPlan.BerthView view() {
    return new YardPlan.BerthView(id, areaId, name, lineName, xM, yM);
  }
}
