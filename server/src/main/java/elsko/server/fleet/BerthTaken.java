package elsko.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A berth has one boat: the database itself keeps no second. */
@Entity
@Table(name = "berth_taken")
class BerthTaken {
  @Id private UUID berthId;
  private UUID boatId;

  protected BerthTaken() {}

  BerthTaken(UUID berthId, UUID boatId) {
    this.berthId = berthId;
    this.boatId = boatId;
  }
}
