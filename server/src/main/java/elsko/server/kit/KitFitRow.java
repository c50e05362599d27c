package elsko.server.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Whether a piece fits a circuit of a boat. */
@Entity
@Table(name = "kit_fit")
class KitFitRow {
  @Id private UUID id;
  private UUID pieceId;
  private UUID boatId;
  private String circuit;
  private boolean fits;
  private String saidBy;
  private Instant saidAt;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected KitFitRow() {}

  KitFitRow(UUID pieceId, UUID boatId, String circuit, boolean fits, String by, Instant at) {
    this.id = UUID.randomUUID();
    this.pieceId = pieceId;
    this.boatId = boatId;
    this.circuit = circuit;
    this.fits = fits;
    this.saidBy = by;
    this.saidAt = at;
  }

  void said(boolean fitsNow, String by, Instant at) {
    fits = fitsNow;
    saidBy = by;
    saidAt = at;
  }

  UUID pieceId() {
    return pieceId;
  }

  UUID boatId() {
    return boatId;
  }

  String circuit() {
    return circuit;
  }

  boolean fits() {
    return fits;
  }

  String saidBy() {
    return saidBy;
  }

  Instant saidAt() {
    return saidAt;
  }
}
