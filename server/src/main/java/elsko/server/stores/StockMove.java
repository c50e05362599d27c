package elsko.server.stores;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Something came onto the shelf, or was counted there. */
@Entity
@Immutable
@Table(name = "stock_move")
class StockMove {
  /** What happened. */
  enum Kind {
    RECEIVED,
    COUNTED
  }

  @Id private UUID id;
  private String item;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Kind kind;

  private double quantity;
  private String note;
  private String person;
  private Instant madeAt;

  protected StockMove() {}

  StockMove(String item, Kind kind, double quantity, String note, String person, Instant madeAt) {
    this.id = UUID.randomUUID();
    this.item = item;
    this.kind = kind;
    this.quantity = quantity;
    this.note = note;
    this.person = person;
    this.madeAt = madeAt;
  }

  String item() {
    return item;
  }

  Kind kind() {
    return kind;
  }

  double quantity() {
    return quantity;
  }

  String note() {
    return note;
  }

  String person() {
    return person;
  }

  Instant madeAt() {
    return madeAt;
  }
}
