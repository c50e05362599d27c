package elsko.server.castoff;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What a boat burns and out of which tanks, as the one JSON document it is kept as. */
@Entity
@Table(name = "boat_fuel")
class FuelRow {
  @Id private UUID boatId;
  private String document;

  protected FuelRow() {}

  FuelRow(UUID boatId, String document) {
    this.boatId = boatId;
    this.document = document;
  }

  String document() {
    return document;
  }
}
