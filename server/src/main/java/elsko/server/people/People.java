package elsko.server.people;

import elsko.core.Refused;
import elsko.server.csv.CsvRows;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The accounts of the yard. */
@Service
public class People {
  private static final Pattern NAME = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N} ._-]{0,39}");
  private static final int SHORTEST_PASSWORD = 8;

  private final PersonRepository people;
  private final PasswordEncoder encoder;

  People(PersonRepository people, PasswordEncoder encoder) {
    this.people = people;
    this.encoder = encoder;
  }

  public boolean nobodyYet() {
    return people.count() == 0;
  }

  @Transactional(readOnly = true)
  public List<PersonView> all() {
    return people.findAllByOrderByName().stream()
        .map(person -> new PersonView(person.name(), person.role()))
        .toList();
  }

  /** Those who work on cards. */
  @Transactional(readOnly = true)
  public List<String> workers() {
    return all().stream().filter(one -> one.role().worksOnCards()).map(PersonView::name).toList();
  }

  /** Refuses names that cannot be told apart in a log, and passwords that are too short. */
  @Transactional
  public PersonView add(String name, Role role, String password) {
    requireLongEnough("password", password);
    return addUnchecked(name, role, password);
  }

  /** For the accounts of the demonstration, whose password is short on purpose. */
  @Transactional
  public PersonView addUnchecked(String name, Role role, String password) {
    String kept = name == null ? "" : name.strip();
    if (!NAME.matcher(kept).matches()) {
      throw Refused.value("name", "A name has 1 to 40 letters, digits, spaces, dots or dashes.");
    }
    if (role == null) {
      throw Refused.value("role", "Say which role it is.");
    }
    if (people.findByName(kept).isPresent()) {
      throw Refused.state("name", "There is an account called \"%s\" already.".formatted(kept));
    }
    people.save(new Person(kept, role, encoder.encode(password)));
    return new PersonView(kept, role);
  }

  /**
   * Everybody in a file, or nobody.
   *
   * @return how many
   */
  @Transactional
  public int addAll(String csv) {
    return CsvRows.each(
        csv,
        List.of("name", "role", "password"),
        row -> add(row.get("name"), role(row.get("role")), row.get("password")));
  }

  private static Role role(String text) {
    String wanted = text.strip().toUpperCase(Locale.ROOT).replace(' ', '_');
    for (Role role : Role.values()) {
      if (role.name().equals(wanted)) {
        return role;
      }
    }
    throw Refused.value("role", "There is no role \"%s\".".formatted(text));
  }

  @Transactional
  public void changePassword(String name, String now, String next) {
    requireLongEnough("next", next);
    Person person = people.findByName(name).orElseThrow();
    if (now == null || !encoder.matches(now, person.passwordHash())) {
      throw Refused.value("now", "That is not the present password.");
    }
    person.changePassword(encoder.encode(next));
  }

  private static void requireLongEnough(String field, String password) {
    if (password == null || password.length() < SHORTEST_PASSWORD) {
      throw Refused.value(field, "A password has at least 8 characters.");
    }
    if (password.getBytes(StandardCharsets.UTF_8).length > 72) {
      throw Refused.value(field, "A password has at most 72 bytes.");
    }
  }

  /** An account as others see it. */
  public record PersonView(String name, Role role) {}
}
