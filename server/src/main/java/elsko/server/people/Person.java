package elsko.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Somebody with an account. */
@Entity
class Person {
  @Id private UUID id;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Role role;

  private String passwordHash;
  @Version private Long version;

  protected Person() {}

  Person(String name, Role role, String passwordHash) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.role = role;
    this.passwordHash = passwordHash;
  }

  String name() {
    return name;
  }

  Role role() {
    return role;
  }

  String passwordHash() {
    return passwordHash;
  }

  void changePassword(String hash) {
    this.passwordHash = hash;
  }
}
