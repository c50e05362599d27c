package elsko.core.procedure;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.layup.LayUpServiceCard;
import elsko.core.procedure.part.Coolant;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import elsko.core.procedure.request.StepKey;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A part of a lay-up's one visit: steps of one card that are done together.
 *
 * @param card which
 * @param steps in the order of the card
 */
public record VisitPart(Phase phase, CardProgress card, List<Step> steps) {
  /** What a visit goes through, in this order. Handbook, Lay-up service. */
  public enum Phase {
    COLD("Cold, before anything runs"),
    FUEL("Fuel"),
    RINSE("Rinse and descale"),
    WARM("Warm"),
    OIL("Oil, while it is thin"),
    EMPTY("Drain"),
    FILL("Fill"),
    PROVE("Prove"),
    CYLINDERS("Cylinders, last of all"),
    CLOSE("Close");

    private final String words;

    Phase(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  private static final Set<String> COLD = Set.of(Coolant.KEY, "new-coolant", "valves");
  private static final Set<String> OIL =
      Set.of(StepKey.OIL, LayUpServiceCard.GEAR_OIL, "new-coolant-read");

  public VisitPart {
    steps = List.copyOf(steps);
  }

  /** The open cards of a boat's lay-up as one visit; empty while fewer than two are open. */
  public static List<VisitPart> of(BoatState state, Practices practices, Instant now) {
    List<CardProgress> open =
        state.cards().stream()
            .filter(card -> !card.isClosed())
            .filter(VisitPart::isOfALayUp)
            .toList();
    if (open.size() < 2) {
      return List.of();
    }
    List<VisitPart> parts = new ArrayList<>();
    for (CardProgress progress : open) {
      Card card = CardWriter.write(new CardRequest(state, progress, practices, now));
      for (Phase phase : Phase.values()) {
        List<Step> steps =
            card.steps().stream().filter(step -> phaseOf(card, step) == phase).toList();
        if (!steps.isEmpty()) {
          parts.add(new VisitPart(phase, progress, steps));
        }
      }
    }
    parts.sort(Comparator.comparing(VisitPart::phase));
    return List.copyOf(parts);
  }

  private static boolean isOfALayUp(CardProgress card) {
    return switch (card.procedure()) {
      case FLUSH, DESCALE, LAY_UP_SERVICE, WINTERIZE -> true;
      case INTAKE, PUMP, WATER_OUT, COMMISSION -> false;
    };
  }

  /** When in a visit a step's time has come. */
  static Phase phaseOf(Card card, Step step) {
    Phase byWork = byWork(card, step);
    if (byWork != null) {
      return byWork;
    }
    if (card.procedure() == Procedure.FLUSH || card.procedure() == Procedure.DESCALE) {
      return Phase.RINSE;
    }
    String kind = step.key().substring(step.key().lastIndexOf('.') + 1);
    if (COLD.contains(kind)) {
      return Phase.COLD;
    }
    return switch (kind) {
      case LayUpServiceCard.FUEL -> Phase.FUEL;
      case WarmUp.KEY -> Phase.WARM;
      default -> OIL.contains(kind) ? Phase.OIL : Phase.EMPTY;
    };
  }

  private static @Nullable Phase byWork(Card card, Step step) {
    return switch (StepWork.of(card, step)) {
      case CLOSE -> Phase.CLOSE;
      case CYLINDERS -> Phase.CYLINDERS;
      case FILL -> Phase.FILL;
      case PROVE -> Phase.PROVE;
      case EMPTY -> null;
    };
  }
}
