package elsko.server.fleet;

import elsko.core.boat.Boat;
import elsko.core.boat.BoatDescription;
import elsko.core.boat.DrainArrangement;
import elsko.core.boat.Layout;
import elsko.core.boat.WaterUsedIn;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A boat's description as it is kept. */
@Entity
@Table(name = "boat")
public class BoatRow {
  @Id private UUID id;
  private String name;

  @Column(name = "hull_length_m")
  private double hullLengthM;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Layout layout;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private DrainArrangement drains;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private WaterUsedIn waterUsedIn;

  private Double engineHours;
  private String owner;
  private String notes;
  @Version private Long version;

  protected BoatRow() {}

  BoatRow(UUID id, BoatDescription description) {
    this.id = id;
    describe(description);
  }

  final void describe(BoatDescription description) {
    this.name = description.name();
    this.hullLengthM = description.hullLengthM();
    this.layout = description.layout();
    this.drains = description.drains();
    this.waterUsedIn = description.waterUsedIn();
    this.engineHours = description.engineHours();
    this.owner = description.owner();
    this.notes = description.notes();
  }

  public UUID id() {
    return id;
  }

  public long version() {
    return version == null ? 0 : version;
  }

  public BoatDescription description() {
    return new BoatDescription(
        name, hullLengthM, layout, drains, waterUsedIn, engineHours, owner, notes);
  }

  /** The boat written out in full. */
  public Boat boat() {
    return Boat.of(description());
  }
}
