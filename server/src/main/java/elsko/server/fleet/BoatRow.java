package elsko.server.fleet;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Layout;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Locale;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A boat's description as it is kept, with what lists and look-ups need of it beside it. */
@Entity
@Table(name = "boat")
public class BoatRow {
  @Id private UUID id;
  private String name;
  private String hullId;
  private String plainName;
  private String plainHullId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private BoatKind kind;

  @Column(name = "hull_length_m")
  private double hullLengthM;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Layout layout;

  @Convert(converter = DescriptionJson.class)
  private BoatDescription description;

  @Version private Long version;

  protected BoatRow() {}

  BoatRow(UUID id, BoatDescription description) {
    this.id = id;
    describe(description);
  }

  final void describe(BoatDescription described) {
    this.name = described.name();
    this.hullId = described.hullId();
    // Of two of an earlier version that are called the same both keep their names.
    if (plainName == null || !plainName.startsWith(plain(name) + " ")) {
      this.plainName = plain(name);
    }
    this.plainHullId = hullId.isEmpty() ? null : plain(hullId);
    this.kind = described.kind();
    this.hullLengthM = described.hullLengthM();
    this.layout = described.layout();
    this.description = described;
  }

  private static String plain(String written) {
    return written.toLowerCase(Locale.ROOT);
  }

  public UUID id() {
    return id;
  }

  public long version() {
    return version == null ? 0 : version;
  }

  public BoatDescription description() {
    return description;
  }

  /** The boat written out in full. */
  public Boat boat() {
    return Boat.of(description);
  }
}
