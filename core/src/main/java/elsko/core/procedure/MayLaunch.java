package elsko.core.procedure;

import elsko.core.Words;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.rules.LaunchRules;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.commission.CommissionCard;
import elsko.core.procedure.part.FrostLook;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether a boat may go into the water now, and what still stands between. Worked out from its log,
 * never ticked.
 *
 * @param inTheWay what stands between, the worst first; nothing when it may
 */
public record MayLaunch(List<InTheWay> inTheWay) {
  private static final int MOST_NAMED = 2;

  /** What kind of thing stands between, the worst first. */
  public enum Kind {
    /** The sea comes in, or the engine is harmed afloat. */
    HOLE,
    /** Nobody knows whether its antifreeze held. */
    HELD,
    /** A reading says stop, or a piece of an impeller is still in there. */
    READING,
    /** Work ashore that is not done. */
    CARD,
    /** What the lift crew sees to on the day. */
    ON_THE_DAY
  }

  /** One thing that stands between. */
  public record InTheWay(Kind kind, String words) {}

  public boolean yes() {
    return inTheWay.isEmpty();
  }

  /** Whether only what is seen to at the lift stands between. */
  public boolean readyForTheLift() {
    return inTheWay.stream().allMatch(one -> one.kind() == Kind.ON_THE_DAY);
  }

  /**
   * What stands between a boat and the water.
   *
   * @param zone where the yard's days begin and end
   */
  public static MayLaunch of(BoatState state, Practices practices, ZoneId zone, Instant at) {
    List<InTheWay> found = new ArrayList<>();
    holes(state, found);
    for (CircuitState broken : state.brokenByFrost()) {
      found.add(
          new InTheWay(
              Kind.HOLE,
              "%s: %s. It is mended and looked at again first."
                  .formatted(
                      Words.sentence(broken.circuit().name()), broken.history().found().words())));
    }
    state.circuits().stream()
        .filter(circuit -> circuit.protection() == Protection.HELD)
        .forEach(
            circuit ->
                found.add(
                    new InTheWay(
                        Kind.HELD,
                        "%s was held: it is looked over for cracks, then rinsed."
                            .formatted(Words.sentence(circuit.circuit().name())))));
    readings(state, found);
    card(state, practices, found);
    onTheDay(state, zone, at, found);
    return new MayLaunch(List.copyOf(found));
  }

  private static void holes(BoatState state, List<InTheWay> found) {
    for (FittingStanding end : LaunchRules.holes(state)) {
      found.add(
          new InTheWay(
              Kind.HOLE,
              "%s is %s.".formatted(Words.sentence(end.fitting().name()), end.state().words())));
    }
  }

  private static void readings(BoatState state, List<InTheWay> found) {
    for (Position engine : state.missingPieces().keySet()) {
      int count = state.missingPieces().get(engine);
      found.add(
          new InTheWay(
              Kind.READING,
              "%d %s of an impeller still in the %s."
                  .formatted(count, count == 1 ? "piece" : "pieces", engine.words())));
    }
  }

  private static void card(BoatState state, Practices practices, List<InTheWay> found) {
    CardProgress open = state.openCard(Procedure.COMMISSION);
    if (open == null) {
      if (isLaidUp(state)) {
        found.add(new InTheWay(Kind.CARD, "It is laid up: spring card not started."));
      }
      return;
    }
    List<String> unseen = FrostLook.notLookedAt(open, state.boat());
    if (!unseen.isEmpty()) {
      found.add(
          new InTheWay(
              Kind.CARD,
              "Nobody looked for what the winter did to the %s.".formatted(Words.list(unseen))));
    }
    List<String> left = ashoreAndNotDone(state, practices, open);
    if (!left.isEmpty()) {
      String more =
          left.size() > MOST_NAMED ? " and %d more".formatted(left.size() - MOST_NAMED) : "";
      found.add(
          new InTheWay(
              Kind.CARD,
              "Still to do ashore: %s%s."
                  .formatted(
                      String.join(", ", left.subList(0, Math.min(MOST_NAMED, left.size()))),
                      more)));
    }
  }

  private static List<String> ashoreAndNotDone(
      BoatState state, Practices practices, CardProgress open) {
    List<String> left = new ArrayList<>();
    for (Step step : CardWriter.write(new CardRequest(state, open, practices)).steps()) {
      if (step.key().equals(CommissionCard.LAUNCH)) {
        break;
      }
      if (!open.isSettled(step.key())) {
        left.add("\"%s\"".formatted(step.title()));
      }
    }
    return left;
  }

  /** Antifreeze in it, or emptied: somebody undoes that first. */
  private static boolean isLaidUp(BoatState state) {
    return state.circuits().stream()
        .filter(circuit -> circuit.circuit().kind() != CircuitKind.COOLANT)
        .anyMatch(
            circuit ->
                switch (circuit.protection()) {
                  case PROVEN, FILLED, HELD, DRAINED -> true;
                  default -> false;
                });
  }

  private static void onTheDay(BoatState state, ZoneId zone, Instant at, List<InTheWay> found) {
    List<String> unseen =
        LaunchRules.seacocksNotSeenShut(state, zone, at).stream().map(Fitting::name).toList();
    if (!unseen.isEmpty()) {
      found.add(
          new InTheWay(
              Kind.ON_THE_DAY,
              "%s not checked today: check %s SHUT."
                  .formatted(
                      Words.sentence(Words.list(unseen)),
                      unseen.size() == 1 ? "it is" : "they are")));
    }
    if (LaunchRules.nothingPumps(state)) {
      found.add(
          new InTheWay(
              Kind.ON_THE_DAY, "Battery and bilge pump are both OFF: afloat one of them is on."));
    }
  }
}
