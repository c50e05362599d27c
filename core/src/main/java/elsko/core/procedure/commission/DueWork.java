package elsko.core.procedure.commission;

import elsko.core.ledger.engine.Due;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Interval;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** What was due when a card was opened, of the things that are done in spring. */
final class DueWork {
  static final String KEY = "due";
  static final String OF_THE_BOAT = "due-boat";

  /** What is done in spring; the rest is done before the boat sits. */
  private static final List<Interval> SPRING_WORK =
      List.of(
          Interval.IMPELLER,
          Interval.IMPELLER_LOOK,
          Interval.ANODES,
          Interval.ELBOW,
          Interval.ELBOW_REPLACED,
          Interval.SIPHON_BREAK,
          Interval.COOLANT);

  private DueWork() {}

  /** The due work on one engine, or null when nothing is. */
  static Step step(OnCircuit on) {
    if (!on.isEngine()) {
      return null;
    }
    List<Ask> asks = new ArrayList<>();
    for (Interval interval : due(on)) {
      asks.addAll(readings(on, interval));
      asks.add(new Ask.Service(interval.words(), on.engine(), interval.key()));
    }
    if (LookOver.missesPieces(on) || foundHere(on)) {
      asks.add(LookOver.pieces(on));
    }
    return asks.isEmpty()
        ? null
        : on.step(KEY, "Do what is due")
            .how(
                atOnce(on)
                    + "What has no record is due. Impeller: cracks, set vanes, missing pieces; each missing piece is found."
                    + " Pressure cap tested, warnings tested; a gauge alone has to be proven.")
            .why("Trusted for one season too many, it comes apart in the next.")
            .hazards(Cautions.STOPPED)
            .asks(asks)
            .minutes(12 * services(asks))
            .written();
  }

  /** What was found stays on the card, so that the step does not vanish by being done. */
  private static boolean foundHere(OnCircuit on) {
    return on.request().progress().step(on.key(KEY)).entries().stream()
        .anyMatch(entry -> entry.fact().is(Fact.PiecesFound.class));
  }

  /** What is looked at while it is open anyway. */
  private static List<Ask> readings(OnCircuit on, Interval interval) {
    return switch (interval) {
      case IMPELLER, IMPELLER_LOOK -> LookOver.impeller(on);
      case SIPHON_BREAK -> LookOver.siphonBreak(on);
      default -> List.of();
    };
  }

  /** The due work on the boat as a whole, or null when nothing is. */
  static Step step(CardRequest request) {
    if (!request.due(null).contains(Interval.HOSES)) {
      return null;
    }
    return Step.called(OF_THE_BOAT, "Look over hoses, clamps and shaft seal")
        .how("Every hose felt, every clamp seen, the gland from outside with a lamp.")
        .why("They are looked at once a year or fail when they like.")
        .hazards("Engine stopped; hands out of the shaft.")
        .asks(List.of(new Ask.Service(Interval.HOSES.words(), null, Interval.HOSES.key())))
        .minutes(15)
        .written();
  }

  /** What was due on an engine when the card was opened. */
  static List<Interval> due(OnCircuit on) {
    if (!on.isEngine()) {
      return List.of();
    }
    Set<Interval> due = on.request().due(on.engine());
    return SPRING_WORK.stream().filter(due::contains).toList();
  }

  /** What the engine went through, where that made something due. */
  private static String atOnce(OnCircuit on) {
    return SPRING_WORK.stream()
        .map(interval -> new Due(on.engine(), interval))
        .map(on.request().progress().before().services().atOnce()::get)
        .filter(Objects::nonNull)
        .map(
            due ->
                "It %s: its impeller and elbow are due at once. ".formatted(due.trouble().words()))
        .findFirst()
        .orElse("");
  }

  private static int services(List<Ask> asks) {
    return Math.max(1, (int) asks.stream().filter(Ask.Service.class::isInstance).count());
  }
}
