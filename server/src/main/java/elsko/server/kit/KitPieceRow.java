package elsko.server.kit;

import elsko.core.kit.Carried;
import elsko.core.kit.KitKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A piece as it is kept. */
@Entity
@Table(name = "kit_piece")
class KitPieceRow {
  @Id private UUID id;
  private String name;
  private String plainName;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private KitKind kind;

  private String size;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Carried carried;

  private @Nullable Instant carriedAt;
  private String carriedBy;
  private String holder;
  @Version private @Nullable Long version;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected KitPieceRow() {}

  KitPieceRow(String name, KitKind kind, String size) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.plainName = plain(name);
    this.kind = kind;
    this.size = size;
    this.carried = Carried.RINSED;
    this.carriedBy = "";
    this.holder = "";
  }

  static String plain(String name) {
    return name.toLowerCase(Locale.ROOT);
  }

  void called(String otherName, String otherSize) {
    name = otherName;
    plainName = plain(otherName);
    size = otherSize;
  }

  void carries(Carried what, String person, Instant at) {
    carried = what;
    carriedBy = person;
    carriedAt = at;
  }

  void isWith(String person) {
    holder = person;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  KitKind kind() {
    return kind;
  }

  String size() {
    return size;
  }

  Carried carried() {
    return carried;
  }

  @Nullable Instant carriedAt() {
    return carriedAt;
  }

  String carriedBy() {
    return carriedBy;
  }

  /** Empty while it hangs on its hook. */
  String holder() {
    return holder;
  }

  long version() {
    return version == null ? 0 : version;
  }
}
