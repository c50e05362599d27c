package elsko.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** What clean water read, when, and who looked. Only ever added. */
@Entity
class ZeroCheck {
  @Id private UUID id;
  private UUID instrumentId;
  private double reading;
  private String person;
  private Instant checkedAt;

  protected ZeroCheck() {}

  ZeroCheck(UUID instrumentId, double reading, String person, Instant checkedAt) {
    this.id = UUID.randomUUID();
    this.instrumentId = instrumentId;
    this.reading = reading;
    this.person = person;
    this.checkedAt = checkedAt;
  }

  double reading() {
    return reading;
  }

  String person() {
    return person;
  }

  Instant checkedAt() {
    return checkedAt;
  }
}
