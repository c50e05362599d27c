package elsko.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A plan as it is kept. */
@Entity
@Table(name = "season_plan")
class PlanRow {
  /** A draft is nobody's business yet; what is published people were told. */
  enum Standing {
    DRAFT,
    PUBLISHED,
    PAST
  }

  @Id private UUID id;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Standing standing;

  private Instant madeAt;
  private Instant publishedAt;
  private String publishedBy;
  @Lob private String document;

  protected PlanRow() {}

  PlanRow(Instant madeAt, String document) {
    this.id = UUID.randomUUID();
    this.standing = Standing.DRAFT;
    this.madeAt = madeAt;
    this.document = document;
  }

  void publish(Instant at, String by) {
    standing = Standing.PUBLISHED;
    publishedAt = at;
    publishedBy = by;
  }

  /** It was told for less than a minute: as if it had not been. */
  void isDraftAgain() {
    standing = Standing.DRAFT;
    publishedAt = null;
    publishedBy = null;
  }

  void isToldAgain() {
    standing = Standing.PUBLISHED;
  }

  void isPast() {
    standing = Standing.PAST;
  }

  UUID id() {
    return id;
  }

  Instant madeAt() {
    return madeAt;
  }

  Instant publishedAt() {
    return publishedAt;
  }

  String publishedBy() {
    return publishedBy;
  }

  String document() {
    return document;
  }
}
