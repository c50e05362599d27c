package elsko.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** An instrument's own curve for one product as it is kept. Only ever added; the newest counts. */
@Entity
@Table(name = "calibration")
class CalibrationRow {
  @Id private UUID id;
  private UUID instrumentId;
  private UUID productId;
  private String person;
  private Instant madeAt;
  private String points;

  protected CalibrationRow() {}

  /**
   * @param points the curve as JSON
   */
  CalibrationRow(UUID instrumentId, UUID productId, String person, Instant madeAt, String points) {
    this.id = UUID.randomUUID();
    this.instrumentId = instrumentId;
    this.productId = productId;
    this.person = person;
    this.madeAt = madeAt;
    this.points = points;
  }

  UUID instrumentId() {
    return instrumentId;
  }

  UUID productId() {
    return productId;
  }

  String person() {
    return person;
  }

  Instant madeAt() {
    return madeAt;
  }

  String points() {
    return points;
  }
}
