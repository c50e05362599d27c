package elsko.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** One delivery of a product as it is kept. */
@Entity
@Table(name = "lot")
class LotRow {
  @Id private UUID id;
  private UUID productId;
  private String number;
  private LocalDate expiresOn;

  protected LotRow() {}

  LotRow(UUID productId, String number, LocalDate expiresOn) {
    this.id = UUID.randomUUID();
    this.productId = productId;
    this.number = number;
    this.expiresOn = expiresOn;
  }

  UUID id() {
    return id;
  }

  UUID productId() {
    return productId;
  }

  String number() {
    return number;
  }

  LocalDate expiresOn() {
    return expiresOn;
  }
}
