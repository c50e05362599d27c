package elsko.server.people;

import elsko.core.Units;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts that may sign in, read anew each time. */
@Service
public class AccountsNow {
  private static final int LONGEST_NAME = 100;
  private final PersonRepository people;

  AccountsNow(PersonRepository people) {
    this.people = people;
  }

  @Transactional(readOnly = true)
  public Optional<AccountNow> of(UUID id) {
    return people.findById(id).flatMap(AccountsNow::now);
  }

  /** By a name as somebody types it: case and the way a letter is written do not count. */
  @Transactional(readOnly = true)
  public Optional<AccountNow> called(@Nullable String typed) {
    if (typed == null || typed.length() > LONGEST_NAME) {
      return Optional.empty();
    }
    String name = PersonName.plain(typed);
    return people
        .findByName(name)
        .or(() -> people.findByLook(PersonName.look(name)))
        .flatMap(AccountsNow::now);
  }

  /** Keeps a password the way it is kept nowadays. */
  @Transactional
  public void passwordIsKeptAs(UUID id, String hash) {
    people.findById(id).ifPresent(one -> one.passwordIsKeptAs(hash));
  }

  /** In which units they read from now on; null: in the yard's. */
  @Transactional
  public void readsIn(UUID id, @Nullable Units units) {
    people.findById(id).ifPresent(one -> one.readsIn(units));
  }

  private static Optional<AccountNow> now(Person one) {
    String hash = one.passwordHash();
    Role role = one.role();
    return one.signsIn() && hash != null && role != null
        ? Optional.of(
            new AccountNow(one.id(), one.name(), role, hash, one.sessionsSince(), one.units()))
        : Optional.empty();
  }
}
