package elsko.server.people;

import elsko.core.Refused;
import elsko.server.audit.About;
import elsko.server.audit.Audit;
import elsko.server.problems.NotFound;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets and changes passwords; nobody reads one back. */
@Service
public class Passwords {
  private final PersonRepository people;
  private final PasswordEncoder encoder;
  private final Yards yards;
  private final Audit audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Passwords(
      PersonRepository people,
      PasswordEncoder encoder,
      Yards yards,
      Audit audit,
      ApplicationEventPublisher events,
      Clock clock) {
    this.people = people;
    this.encoder = encoder;
    this.yards = yards;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  /** Somebody who signs in at once; for the first coordinator and the demonstration's accounts. */
  @Transactional
  void signsIn(String name, Role role, String password) {
    Person person = new Person(PersonName.of(name));
    person.setsPassword(role, hash(password));
    people.save(person);
  }

  /** Whose code this is; one that is wrong, used or over is nobody's. */
  @Transactional(readOnly = true)
  public Invited invited(@Nullable String code) {
    Person person = of(code);
    return new Invited(person.name(), roleOf(person));
  }

  /** Whoever was invited has one. */
  private static Role roleOf(Person person) {
    return Objects.requireNonNull(person.role());
  }

  /** Uses the code up. */
  @Transactional
  public Invited accept(@Nullable String code, @Nullable String password) {
    Person person = of(code);
    Role role = roleOf(person);
    String checked = PasswordRules.checked("password", password, person.name(), yard());
    person.setsPassword(role, hash(checked));
    people.saveAndFlush(person);
    audit.note(person.name(), About.PEOPLE, "Set their own password with a code");
    events.publishEvent(new AccountEnded(person.id(), person.name(), null, true));
    return new Invited(person.name(), role);
  }

  private Person of(@Nullable String code) {
    return (code == null || code.length() > 60
            ? Optional.<Person>empty()
            : people.findByCodeHash(OneTimeCode.hash(code)))
        .filter(one -> one.standing() == Standing.INVITED)
        .filter(one -> one.codeUntil() != null && clock.instant().isBefore(one.codeUntil()))
        .orElseThrow(
            () ->
                new NotFound(
                    "code", "This code opens nothing any more. Ask a coordinator for a new one."));
  }

  /**
   * Changes one's own. Every other session of theirs is over.
   *
   * @param fits whether the present one was typed right, as whoever counts wrong ones found
   * @param session the one that goes on, or null
   */
  @Transactional
  public void change(UUID id, boolean fits, @Nullable String next, @Nullable String session) {
    if (!fits) {
      throw Refused.value("now", "That is not the present password.");
    }
    Person person = people.lock(id).orElseThrow();
    String checked = PasswordRules.checked("next", next, person.name(), yard());
    person.changesPassword(hash(checked));
    people.saveAndFlush(person);
    audit.note(About.PEOPLE, "Changed their own password");
    events.publishEvent(new AccountEnded(id, person.name(), session, false));
  }

  private String hash(String password) {
    return Objects.requireNonNull(encoder.encode(password));
  }

  private String yard() {
    return yards.none() ? "" : yards.view().name();
  }

  /** Whose code it is. */
  public record Invited(String name, Role role) {}
}
