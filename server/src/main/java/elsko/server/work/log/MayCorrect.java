package elsko.server.work.log;

import elsko.core.Refused;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.Entry;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.problems.Forbidden;
import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Who corrects or takes back whose entry. Everybody what they said themselves; a technician also
 * what technicians, yard hands and owners said; a coordinator what anybody said. Nobody another's
 * signature, as core has it. A stop is taken back by whoever set it, or by a coordinator.
 */
public final class MayCorrect {
  private MayCorrect() {}

  /**
   * Whether somebody may, by who said it.
   *
   * @param by the role of whoever said it, as it is now; null of those who have none
   */
  public static boolean may(SignedIn who, String person, @Nullable Role by) {
    if (who.name().equals(person)) {
      return true;
    }
    return switch (who.role()) {
      case COORDINATOR -> true;
      case TECHNICIAN -> by != Role.COORDINATOR;
      case YARD_HAND, VIEWER -> false;
    };
  }

  static void check(SignedIn who, Entry wrong, @Nullable Role by) {
    if (!may(who, wrong.person(), by)) {
      throw new Forbidden(
          by == Role.COORDINATOR
              ? "A coordinator said this. Only a coordinator corrects it."
              : "%s said this. Somebody else's entries are corrected by a technician or a coordinator."
                  .formatted(wrong.person()));
    }
  }

  /**
   * Refuses a correction with which a red tag goes that another hung up.
   *
   * @param before the boat as it stands, {@code after} as it would with the correction
   */
  static void checkTags(SignedIn who, Entry wrong, BoatState before, BoatState after) {
    if (who.role() == Role.COORDINATOR || who.name().equals(wrong.person())) {
      return;
    }
    Set<String> left = new HashSet<>();
    after.tags().forEach(tag -> left.add(key(tag)));
    for (RedTag tag : before.tags()) {
      if (!left.contains(key(tag))) {
        throw Refused.state(
            "corrects",
            "A red tag hangs on this: %s. Whoever said it takes it back, or a coordinator."
                .formatted(tag.words()));
      }
    }
  }

  private static String key(RedTag tag) {
    return tag.cause() + " " + tag.engine();
  }
}
