package elsko.server.people;

import elsko.core.Units;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** Somebody who has an account, walks, or both. */
@Entity
class Person {
  @Id private UUID id;
  private String name;

  @Column(name = "looks_like")
  private String look;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private @Nullable Role role;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Standing standing;

  private @Nullable String passwordHash;
  private int sessionsSince;
  private @Nullable String codeHash;
  private @Nullable Instant codeUntil;
  private @Nullable Units units;
  @Version private @Nullable Long version;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected Person() {}

  /** Somebody without an account. */
  Person(PersonName name) {
    this.id = UUID.randomUUID();
    this.name = name.written();
    this.look = name.looksLike();
    this.standing = Standing.WALKS;
  }

  /** Walks again, without an account as before. */
  void walks() {
    standing = Standing.WALKS;
  }

  /** May set a password with a code, and is nothing but that until then. */
  void invited(Role as, String hash, Instant until) {
    role = as;
    standing = Standing.INVITED;
    passwordHash = null;
    codeHash = hash;
    codeUntil = until;
    sessionsEnd();
  }

  /** Signs in with this password from now on, and with no other. */
  void setsPassword(Role as, String hash) {
    role = as;
    standing = Standing.ACTIVE;
    passwordHash = hash;
    codeHash = null;
    codeUntil = null;
    sessionsEnd();
  }

  /** Signs in with another password; sessions are of the time since. */
  void changesPassword(String hash) {
    passwordHash = hash;
    sessionsEnd();
  }

  /** The same password, kept as it is kept nowadays. */
  void passwordIsKeptAs(String hash) {
    passwordHash = hash;
  }

  /** Null: in those of the yard. */
  void readsIn(@Nullable Units chosen) {
    units = chosen;
  }

  @Nullable Units units() {
    return units;
  }

  void becomes(Role other) {
    role = other;
    sessionsEnd();
  }

  void locked(boolean locked) {
    standing = locked ? Standing.LOCKED : passwordHash == null ? Standing.INVITED : Standing.ACTIVE;
    sessionsEnd();
  }

  /** Leaves; a code that was not used yet opens nothing any more. */
  void removed() {
    standing = Standing.REMOVED;
    passwordHash = null;
    codeHash = null;
    codeUntil = null;
    sessionsEnd();
  }

  private void sessionsEnd() {
    sessionsSince++;
  }

  void looksLike(String other) {
    look = other;
  }

  boolean signsIn() {
    return standing == Standing.ACTIVE && passwordHash != null && role != null;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  @Nullable Role role() {
    return role;
  }

  Standing standing() {
    return standing;
  }

  @Nullable String passwordHash() {
    return passwordHash;
  }

  int sessionsSince() {
    return sessionsSince;
  }

  @Nullable Instant codeUntil() {
    return codeUntil;
  }

  long version() {
    return version == null ? 0 : version;
  }
}
