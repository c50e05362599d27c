package elsko.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A device somebody has signed in on. Its key lies on the device alone. */
@Entity
@Table(name = "known_device")
class DeviceRow {
  @Id private UUID id;
  private UUID personId;
  private String keyHash;
  private Instant usedAt;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected DeviceRow() {}

  DeviceRow(UUID personId, String keyHash, Instant usedAt) {
    this.id = UUID.randomUUID();
    this.personId = personId;
    this.keyHash = keyHash;
    this.usedAt = usedAt;
  }

  void used(Instant at) {
    usedAt = at;
  }
}
