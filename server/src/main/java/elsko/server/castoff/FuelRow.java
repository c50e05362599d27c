package elsko.server.castoff;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** What a boat burns and out of which tanks, as the one JSON document it is kept as. */
@Entity
@Table(name = "boat_fuel")
class FuelRow {
  @Id private UUID boatId;
  private String document;
  @Version private Long version;

  protected FuelRow() {}

  FuelRow(UUID boatId, String document) {
    this.boatId = boatId;
    this.document = document;
  }

  void says(String other) {
    document = other;
  }

  /** One more than how often it was changed: 0 is for a boat nobody has described yet. */
  long version() {
    return version == null ? 0 : version + 1;
  }

  String document() {
    return document;
  }
}
