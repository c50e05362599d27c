package elsko.server.people;

import java.util.List;

/** The accounts of the demonstration. They exist in demo mode only. */
public final class DemoAccounts {
  public static final String PASSWORD = "demo";

  public static final List<Account> ALL =
      List.of(
          new Account("coordinator", Role.COORDINATOR, PASSWORD),
          new Account("technician", Role.TECHNICIAN, PASSWORD),
          new Account("yardhand", Role.YARD_HAND, PASSWORD),
          new Account("viewer", Role.VIEWER, PASSWORD));

  private DemoAccounts() {}

  /** One of them, as the sign-in page offers it. */
  public record Account(String name, Role role, String password) {}
}
