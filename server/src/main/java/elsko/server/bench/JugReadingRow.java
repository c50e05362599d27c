package elsko.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What the undiluted product of a lot read at the bench. Only ever added; the newest counts. */
@Entity
@Table(name = "jug_reading")
class JugReadingRow {
  @Id private UUID id;
  private UUID lotId;
  private UUID instrumentId;
  private double reading;
  private String person;
  private Instant readAt;

  protected JugReadingRow() {}

  JugReadingRow(UUID lotId, UUID instrumentId, double reading, String person, Instant readAt) {
    this.id = UUID.randomUUID();
    this.lotId = lotId;
    this.instrumentId = instrumentId;
    this.reading = reading;
    this.person = person;
    this.readAt = readAt;
  }

  UUID lotId() {
    return lotId;
  }

  UUID instrumentId() {
    return instrumentId;
  }

  double reading() {
    return reading;
  }

  String person() {
    return person;
  }

  Instant readAt() {
    return readAt;
  }
}
