package elsko.server.people;

import elsko.core.Refused;
import elsko.server.audit.About;
import elsko.server.audit.Audit;
import elsko.server.csv.CsvRows;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the yard: one record for each, whether they have an account, walk, or both. */
@Service
public class People {
  private final PersonRepository people;
  private final Audit audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  People(PersonRepository people, Audit audit, ApplicationEventPublisher events, Clock clock) {
    this.people = people;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  public boolean nobodyYet() {
    return people.count() == 0;
  }

  @Transactional(readOnly = true)
  public List<PersonView> all() {
    Instant now = clock.instant();
    return people.findAllByOrderByName().stream().map(one -> PersonView.of(one, now)).toList();
  }

  /** Those who work on cards. */
  @Transactional(readOnly = true)
  public List<String> workers() {
    return people.findAllByOrderByName().stream()
        .filter(one -> one.signsIn() && one.role() != null && one.role().worksOnCards())
        .map(Person::name)
        .toList();
  }

  /** Works out what the names of an earlier version look like. Of two alike both stay. */
  @Transactional
  public void lookAtNames() {
    for (Person person : people.notLookedAt()) {
      String look = PersonName.look(person.name());
      if (people.findByLook(look).isEmpty()) {
        person.looksLike(look);
        people.flush();
      }
    }
  }

  /** The one of this name, with or without an account; somebody new where there is none. */
  @Transactional
  public UUID named(String typed) {
    PersonName name = PersonName.of(typed);
    Optional<Person> known = known(name.written());
    Person person = known.orElseGet(() -> people.saveAndFlush(new Person(name)));
    if (person.standing() == Standing.REMOVED) {
      if (person.role() != null) {
        throw Refused.state(
            "name", "%s was removed. Invite them again first.".formatted(person.name()));
      }
      person.walks();
    }
    return person.id();
  }

  /** No walks are planned for somebody any more; who had no account either is gone. */
  @Transactional
  public void walksNoMore(UUID id) {
    Person person = one(id);
    if (person.standing() == Standing.WALKS) {
      person.removed();
    }
  }

  /** Whose account this is; null where there is none of exactly this name. */
  @Transactional(readOnly = true)
  public @Nullable UUID idOf(String name) {
    return people.findByName(name).map(Person::id).orElse(null);
  }

  /**
   * What somebody may do, or did before they were removed; null of those who never had an account.
   */
  @Transactional(readOnly = true)
  public @Nullable Role roleOf(String name) {
    return people.findByName(name).map(Person::role).orElse(null);
  }

  /** The same of everybody who has or had an account. */
  @Transactional(readOnly = true)
  public Map<String, Role> roles() {
    Map<String, Role> roles = new HashMap<>();
    for (Person person : people.findAll()) {
      if (person.role() != null) {
        roles.put(person.name(), person.role());
      }
    }
    return roles;
  }

  /** Somebody by their name as it is written, or by one that looks like it. */
  private Optional<Person> known(String name) {
    return people.findByName(name).or(() -> people.findByLook(PersonName.look(name)));
  }

  /**
   * Lets somebody set a password with a code. Whoever walks only gets an account by it, whoever was
   * removed comes back.
   */
  @Transactional
  public Invitation invite(@Nullable String typed, @Nullable Role role) {
    PersonName name = PersonName.of(typed);
    if (role == null) {
      throw Refused.value("role", "Say which role it is.");
    }
    Person person = known(name.written()).orElse(null);
    if (person == null) {
      person = people.saveAndFlush(new Person(name));
    } else if (!person.name().equals(name.written())) {
      throw Refused.state(
          "name", "This name cannot be told apart from \"%s\".".formatted(person.name()));
    } else if (person.standing() != Standing.WALKS && person.standing() != Standing.REMOVED) {
      throw Refused.state(
          "name", "There is an account called \"%s\" already.".formatted(person.name()));
    }
    audit.note(About.PEOPLE, "Invited %s as %s".formatted(person.name(), role.words()));
    return withCode(person, role);
  }

  /**
   * Everybody in a file, or nobody.
   *
   * @return how many
   */
  @Transactional
  public int inviteAll(String csv) {
    return CsvRows.each(
        csv, List.of("name", "role"), row -> invite(row.get("name"), role(row.get("role"))));
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

  /** A new code; a password there was opens nothing any more. */
  @Transactional
  public Invitation newCode(UUID id) {
    staysRun(id, "reset");
    Person person = one(id);
    Role role = person.role();
    if (role == null || person.standing() == Standing.REMOVED) {
      throw Refused.state("name", "%s has no account. Invite them.".formatted(person.name()));
    }
    if (person.standing() == Standing.LOCKED) {
      throw Refused.state("name", "%s is locked. Unlock them first.".formatted(person.name()));
    }
    audit.note(About.PEOPLE, "Made a new code for %s".formatted(person.name()));
    return withCode(person, role);
  }

  private Invitation withCode(Person person, Role role) {
    String code = OneTimeCode.made();
    Instant until = clock.instant().truncatedTo(ChronoUnit.MICROS).plus(OneTimeCode.HOLDS);
    person.invited(role, OneTimeCode.hash(code), until);
    people.saveAndFlush(person);
    events.publishEvent(new AccountEnded(person.id(), person.name(), null, true));
    return new Invitation(PersonView.of(person, clock.instant()), code, until);
  }

  /** Another role from now on, on the next request already. */
  @Transactional
  public PersonView becomes(UUID id, @Nullable Role role, @Nullable String ifMatch) {
    if (role == null) {
      throw Refused.value("role", "Say which role it is.");
    }
    if (role != Role.COORDINATOR) {
      staysRun(id, "given another role");
    }
    Person person = one(id);
    StaleEdit.refuseUnless(person.version(), ifMatch);
    if (person.role() == null || person.standing() == Standing.REMOVED) {
      throw Refused.state("role", "%s has no account.".formatted(person.name()));
    }
    if (person.role() != role) {
      audit.note(
          About.PEOPLE,
          "Made %s %s, was %s".formatted(person.name(), role.words(), person.role().words()));
      person.becomes(role);
      ended(person, false);
    }
    return PersonView.of(people.saveAndFlush(person), clock.instant());
  }

  /** Keeps somebody out, or lets them in again. */
  @Transactional
  public PersonView locked(UUID id, boolean locked) {
    if (locked) {
      staysRun(id, "locked");
    }
    Person person = one(id);
    boolean is = person.standing() == Standing.LOCKED;
    if (person.role() == null || person.standing() == Standing.REMOVED) {
      throw Refused.state("name", "%s has no account.".formatted(person.name()));
    }
    if (is != locked) {
      audit.note(About.PEOPLE, "%s %s".formatted(locked ? "Locked" : "Unlocked", person.name()));
      person.locked(locked);
      ended(person, false);
    }
    return PersonView.of(people.saveAndFlush(person), clock.instant());
  }

  /** Takes somebody out; their entries keep their name, and nobody else gets it. */
  @Transactional
  public void remove(UUID id) {
    staysRun(id, "removed");
    Person person = one(id);
    audit.note(About.PEOPLE, "Removed %s".formatted(person.name()));
    person.removed();
    people.saveAndFlush(person);
    events.publishEvent(new PersonRemoved(id));
    ended(person, true);
  }

  private void ended(Person person, boolean devicesToo) {
    events.publishEvent(new AccountEnded(person.id(), person.name(), null, devicesToo));
  }

  /** Refuses what would leave a yard that nobody runs. */
  private void staysRun(UUID id, String what) {
    List<Person> coordinators = people.lockCoordinators().stream().filter(Person::signsIn).toList();
    if (coordinators.size() == 1 && coordinators.get(0).id().equals(id)) {
      throw Refused.state(
          "name", "The only coordinator is not %s. Invite another first.".formatted(what));
    }
  }

  private Person one(UUID id) {
    return people.lock(id).orElseThrow(() -> new NotFound("person", "Nobody like that."));
  }

  /**
   * An account as others see it.
   *
   * @param role null for those who only walk
   * @param codeUntil until when their code sets a password; null where none does
   */
  public record PersonView(
      UUID id,
      String name,
      @Nullable Role role,
      Standing standing,
      @Nullable Instant codeUntil,
      long version) {
    static PersonView of(Person person, Instant now) {
      Instant until = person.codeUntil();
      return new PersonView(
          person.id(),
          person.name(),
          person.role(),
          person.standing(),
          until == null || until.isBefore(now) ? null : until,
          person.version());
    }
  }

  /** Somebody who was invited, and the code, told this once. */
  public record Invitation(PersonView person, String code, Instant until) {}
}
