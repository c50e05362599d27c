package elsko.server.work;

import elsko.core.boat.Boat;
import elsko.core.ledger.Fact;
import elsko.server.people.Role;
import elsko.server.problems.Forbidden;

/** Which role may say what. */
final class MayEnter {
  private MayEnter() {}

  static void check(Role role, Boat boat, Fact fact) {
    boolean may =
        switch (role) {
          case COORDINATOR -> true;
          case TECHNICIAN -> !(fact instanceof Fact.BerthMoved || fact instanceof Fact.Accepted);
          case YARD_HAND -> concernsMoving(boat, fact);
          case VIEWER -> false;
        };
    if (!may) {
      throw new Forbidden(
          fact instanceof Fact.Accepted
              ? "Only a coordinator takes a boat as it is."
              : role == Role.YARD_HAND
                  ? "A yard hand moves boats and sets what concerns moving them; this is a technician's."
                  : "Your role may not enter this.");
    }
  }

  private static boolean concernsMoving(Boat boat, Fact fact) {
    if (fact instanceof Fact.FittingSet set) {
      return boat.fitting(set.fitting()).kind().concernsMoving();
    }
    return fact instanceof Fact.BerthMoved
        || fact instanceof Fact.RoundDone
        || fact instanceof Fact.CameBack
        || fact instanceof Fact.EngineTroubled
        || fact instanceof Fact.Noted
        || fact instanceof Fact.PhotoTaken;
  }
}
