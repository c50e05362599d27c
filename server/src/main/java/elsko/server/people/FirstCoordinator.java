package elsko.server.people;

import java.security.SecureRandom;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** On an empty data folder there is one coordinator, whose random password is printed once. */
@Component
public class FirstCoordinator {
  private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
  private final People people;
  private final Passwords passwords;
  private final boolean demo;

  FirstCoordinator(People people, Passwords passwords, @Value("${elsko.demo}") boolean demo) {
    this.people = people;
    this.passwords = passwords;
    this.demo = demo;
  }

  /** Does nothing when that has happened before. */
  public void prepare() {
    people.lookAtNames();
    if (!people.nobodyYet()) {
      return;
    }
    if (demo) {
      DemoAccounts.ALL.forEach(
          account -> passwords.signsIn(account.name(), account.role(), account.password()));
      return;
    }
    String password = randomPassword();
    passwords.signsIn("coordinator", Role.COORDINATOR, password);
    System.out.println("First start: sign in as \"coordinator\" with the password " + password);
    System.out.println("It is not shown again. Change it under Settings.");
  }

  private static String randomPassword() {
    SecureRandom random = new SecureRandom();
    StringBuilder password = new StringBuilder();
    for (int i = 0; i < 16; i++) {
      password.append(i > 0 && i % 4 == 0 ? "-" : "");
      password.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
    }
    return password.toString();
  }
}
