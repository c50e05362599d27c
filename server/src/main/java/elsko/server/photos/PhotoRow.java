package elsko.server.photos;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** One picture as it is kept. Never changed. */
@Entity
@Immutable
@Table(name = "photo")
class PhotoRow {
  @Id private UUID id;
  private UUID boatId;
  private String person;
  private Instant keptAt;
  @Lob private byte[] jpeg;

  protected PhotoRow() {}

  PhotoRow(UUID id, UUID boatId, String person, Instant keptAt, byte[] jpeg) {
    this.id = id;
    this.boatId = boatId;
    this.person = person;
    this.keptAt = keptAt;
    this.jpeg = jpeg;
  }

  UUID boatId() {
    return boatId;
  }

  byte[] jpeg() {
    return jpeg;
  }
}
