package elsko.server.audit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** Somebody changed something; never changed itself. */
@Entity
@Table(name = "audit_line")
class AuditLine {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private @Nullable Long seq;

  private Instant notedAt;
  private String person;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private About about;

  private String words;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected AuditLine() {}

  AuditLine(Instant notedAt, String person, About about, String words) {
    this.notedAt = notedAt;
    this.person = person;
    this.about = about;
    this.words = words;
  }

  Audit.AuditView line() {
    return new Audit.AuditView(notedAt, person, about, words);
  }
}
