package elsko.core.ledger.rules;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.CylinderConditions;

/** What lifts a red tag, and whether its remedy may be said. */
final class TagRules {
  private final BoatState state;
  private final Boat boat;

  TagRules(BoatState state) {
    this.state = state;
    this.boat = state.boat();
  }

  /**
   * That no part is bent is seen, not supposed: every piston came up as high, after the tag was
   * set.
   */
  void remedying(Fact.TagRemedied remedied) {
    RedTag tag = tag(remedied.engine(), remedied.cause());
    boolean lifts = remedied.cause().remedy(remedied.remedy()).lifts();
    if (remedied.cause() != TagCause.WATER_IN_CYLINDERS || !lifts) {
      return;
    }
    boolean turned =
        state.readings().stream()
            .filter(read -> read.key().equals(CylinderConditions.TURNS.key()))
            .filter(read -> tag.engine() == null || read.engine() == tag.engine())
            .anyMatch(read -> read.judgement().isGood() && !read.at().isBefore(tag.at()));
    if (!turned) {
      throw Refused.state(
          "remedy",
          "Nobody has said yet how it turns by hand. Open its card \"%s\", turn it two whole turns and say how each piston came up."
              .formatted(Procedure.WATER_OUT.words()));
    }
  }

  private RedTag tag(Position engine, TagCause cause) {
    Position whose = cause.ofEngine(boat.engineMeant(engine));
    return state.tags().stream()
        .filter(tag -> tag.cause() == cause && tag.engine() == whose)
        .findFirst()
        .orElseThrow(
            () -> Refused.state("cause", "No red tag stands for %s.".formatted(cause.words())));
  }

  void lifting(Fact.TagLifted lifted) {
    RedTag tag = tag(lifted.engine(), lifted.cause());
    boolean broken =
        tag.cause() == TagCause.MAY_HAVE_FROZEN
            && state.brokenByFrost().stream().anyMatch(c -> c.circuit().engine() == tag.engine());
    if (!tag.cause().liftable() || broken) {
      throw Refused.state(
          "cause", "Nobody lifts %s with a reason. %s".formatted(tag.cause().words(), tag.lifts()));
    }
  }
}
