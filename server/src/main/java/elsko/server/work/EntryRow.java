package elsko.server.work;

import elsko.core.ledger.Entry;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One line of the log as it is kept. Never changed. */
@Entity
@Immutable
@Table(name = "entry")
class EntryRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long seq;

  private UUID id;
  private UUID boatId;
  private UUID cardId;
  private String stepKey;
  private String person;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private EntryKind kind;

  private String fact;
  private String fingerprint;
  private Instant deviceTime;
  private Instant serverTime;
  private UUID correctsId;

  protected EntryRow() {}

  EntryRow(UUID boatId, Entry entry, String factJson, String fingerprint) {
    this.id = entry.id();
    this.boatId = boatId;
    this.cardId = entry.card();
    this.stepKey = entry.step();
    this.person = entry.person();
    this.kind = EntryKind.of(entry.fact());
    this.fact = factJson;
    this.fingerprint = fingerprint;
    this.deviceTime = entry.deviceTime();
    this.serverTime = entry.serverTime();
    this.correctsId = entry.corrects();
  }

  long seq() {
    return seq;
  }

  UUID id() {
    return id;
  }

  UUID boatId() {
    return boatId;
  }

  UUID cardId() {
    return cardId;
  }

  String stepKey() {
    return stepKey;
  }

  String person() {
    return person;
  }

  EntryKind kind() {
    return kind;
  }

  String fact() {
    return fact;
  }

  String fingerprint() {
    return fingerprint;
  }

  Instant deviceTime() {
    return deviceTime;
  }

  Instant serverTime() {
    return serverTime;
  }

  UUID correctsId() {
    return correctsId;
  }
}
