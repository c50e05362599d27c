package elsko.server.castoff;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A link by which an owner goes the round on one boat, and nothing else. */
@Entity
@Table(name = "owner_link")
class OwnerLink {
  @Id private UUID id;
  private UUID boatId;
  private String keyHash;
  private String madeBy;
  private Instant madeAt;
  private Instant expiresAt;
  private Instant withdrawnAt;
  private Instant usedAt;

  protected OwnerLink() {}

  OwnerLink(UUID boatId, String keyHash, String madeBy, Instant madeAt, Instant expiresAt) {
    this.id = UUID.randomUUID();
    this.boatId = boatId;
    this.keyHash = keyHash;
    this.madeBy = madeBy;
    this.madeAt = madeAt;
    this.expiresAt = expiresAt;
  }

  boolean opens(Instant now) {
    return withdrawnAt == null && now.isBefore(expiresAt);
  }

  void withdraw(Instant now) {
    if (withdrawnAt == null) {
      withdrawnAt = now;
    }
  }

  void used(Instant now) {
    usedAt = now;
  }

  UUID id() {
    return id;
  }

  UUID boatId() {
    return boatId;
  }

  String madeBy() {
    return madeBy;
  }

  Instant madeAt() {
    return madeAt;
  }

  Instant expiresAt() {
    return expiresAt;
  }

  Instant withdrawnAt() {
    return withdrawnAt;
  }

  Instant usedAt() {
    return usedAt;
  }
}
