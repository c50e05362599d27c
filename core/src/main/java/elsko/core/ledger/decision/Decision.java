package elsko.core.ledger.decision;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Position;
import elsko.core.fluid.verdict.Remedy;
import elsko.core.fluid.verdict.RemedyKind;
import elsko.core.ledger.BagState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.OpenWork;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Failure;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.circuit.Unsettled;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.engine.DueAtOnce;
import elsko.core.ledger.fact.LateWords;
import elsko.core.ledger.fact.Procedure;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What has to be decided about a boat now.
 *
 * @param words one sentence, or two
 * @param action what to do about it, a few words
 */
public record Decision(Kind kind, Text words, Text action) {
  private Decision(Kind kind, String words, String action) {
    this(kind, Text.of(words), Text.of(action));
  }

  /** Most urgent first. */
  public enum Kind {
    BROKEN,
    RED_TAG,
    SOMETHING_WRONG,
    CONTRADICTED,
    HELD,
    FOUND_ABOARD,
    PLUG_MISSING,
    RAN_DRY_OR_HOT,
    WORK_STOPPED_HALFWAY,
    FILLED_NOT_MEASURED,
    NOBODY_LOOKED,
    STILL_WET,
    NOT_FLUSHED
  }

  /** The most urgent thing to decide about a boat, if there is any. */
  public static Optional<Decision> of(BoatState all) {
    BoatState state = all.notAccepted();
    Protection protection = state.circuits().isEmpty() ? Protection.DRAINED : state.protection();
    List<CircuitState> broken = all.brokenByFrost();
    if (!broken.isEmpty()) {
      return Optional.of(broken(broken));
    }
    if (!all.tags().isEmpty()) {
      return Optional.of(redTag(all.tags()));
    }
    Optional<OpenWork> wrong = all.work().stream().filter(OpenWork::urgent).findFirst();
    if (wrong.isPresent()) {
      return wrong.map(Decision::somethingWrong);
    }
    if (!state.contradicted().isEmpty()) {
      return Optional.of(contradicted(state));
    }
    if (state.circuits().stream().anyMatch(c -> c.protection() == Protection.HELD)) {
      return Optional.of(held(state));
    }
    if (!state.unlisted().isEmpty()) {
      return Optional.of(foundAboard(state));
    }
    if (state.bag().isShort()) {
      return Optional.of(plugMissing(state.bag()));
    }
    if (!state.dueAtOnce().isEmpty()) {
      return Optional.of(ranDryOrHot(state));
    }
    return switch (protection) {
      case WET -> Optional.of(wet(state));
      case FILLED -> Optional.of(filled(state));
      case UNKNOWN -> Optional.of(unknown(state));
      default -> FlushDue.is(state) ? Optional.of(notFlushed(state)) : Optional.empty();
    };
  }

  private static Decision redTag(List<RedTag> tags) {
    RedTag first = tags.get(0);
    String others = tags.size() > 1 ? " And %d more.".formatted(tags.size() - 1) : "";
    return new Decision(
        Kind.RED_TAG,
        "Red tag. %s. %s%s".formatted(first.words(), first.next(), others),
        first.remedy() == null ? "Record what was done" : "See it through");
  }

  private static Decision broken(List<CircuitState> broken) {
    CircuitState first = broken.get(0);
    String others = broken.size() > 1 ? ", and in %d more".formatted(broken.size() - 1) : "";
    return new Decision(
        Kind.BROKEN,
        "%s: %s%s. No start and no launch before it is mended and looked at again."
            .formatted(
                Words.sentence(first.circuit().name()), first.history().found().words(), others),
        "Mend it");
  }

  private static Decision somethingWrong(OpenWork told) {
    return new Decision(
        Kind.SOMETHING_WRONG,
        "%s says that something is wrong: %s".formatted(told.by(), told.what()),
        "Look, and say what was done");
  }

  private static Decision contradicted(BoatState state) {
    return new Decision(
        Kind.CONTRADICTED,
        LateWords.of(state.boat(), state.contradicted().get(0)),
        Text.of("Check and record how it is"));
  }

  private static Decision ranDryOrHot(BoatState state) {
    Map.Entry<Due, DueAtOnce> due =
        state.dueAtOnce().entrySet().stream().min(Map.Entry.comparingByKey()).orElseThrow();
    Position engine = due.getKey().engine();
    return new Decision(
        Kind.RAN_DRY_OR_HOT,
        "The %s %s: its impeller and cooling path are due at once."
            .formatted(engine.words(), due.getValue().trouble().words()),
        "Look before any start");
  }

  private static Decision notFlushed(BoatState state) {
    return new Decision(
        Kind.NOT_FLUSHED,
        "Back from %s and not flushed since.".formatted(FlushDue.water(state)),
        "Flush it");
  }

  private static Decision foundAboard(BoatState state) {
    return new Decision(
        Kind.FOUND_ABOARD,
        "%s aboard that the description does not have. It counts as wet."
            .formatted(
                Words.sentence(
                    Words.list(state.unlisted().stream().map(Accessory::words).toList()))),
        "Describe it");
  }

  private static Decision unknown(BoatState state) {
    if (!state.unanswered().isEmpty()) {
      return new Decision(
          Kind.NOBODY_LOOKED,
          "Unknown whether it has %s: treated as wet."
              .formatted(
                  Words.list(state.unanswered().stream().limit(3).map(Accessory::words).toList())),
          "Check and record");
    }
    return new Decision(
        Kind.NOBODY_LOOKED,
        "%s: contents unknown, treated as wet."
            .formatted(Words.sentence(firstNames(state, Protection.UNKNOWN))),
        "Check and record");
  }

  /** "Engine raw water, coolant and 2 more", as a sentence begins. */
  private static String namesOf(BoatState state, Protection protection) {
    return Words.sentence(firstNames(state, protection));
  }

  private static String firstNames(BoatState state, Protection... protections) {
    List<String> names =
        state.circuits().stream()
            .filter(c -> List.of(protections).contains(c.protection()))
            .map(c -> c.circuit().name())
            .toList();
    return names.size() > 3
        ? "%s and %d more".formatted(String.join(", ", names.subList(0, 2)), names.size() - 2)
        : Words.list(names);
  }

  private static Decision held(BoatState state) {
    CircuitState circuit =
        state.circuits().stream()
            .filter(c -> c.protection() == Protection.HELD)
            .findFirst()
            .orElseThrow();
    if (circuit.circuit().kind() == CircuitKind.COOLANT) {
      return new Decision(
          Kind.HELD,
          Text.of(
              "%s: %s",
              Words.sentence(circuit.circuit().name()),
              state.circuit(circuit.circuit().key()).coolantVerdict().words()),
          Text.of("Strengthen the coolant"));
    }
    Failure failure = circuit.failures().get(circuit.failures().size() - 1);
    PointState worst = circuit.point(failure.points().get(0).lowPoint());
    String others =
        failure.points().size() > 1 ? " and %d more".formatted(failure.points().size() - 1) : "";
    if (worst.verdict() == null) {
      return new Decision(
          Kind.HELD,
          "%s%s: no sample possible. %s"
              .formatted(Words.sentence(worst.point().name()), others, worst.couldNot()),
          "Drain and refill");
    }
    return new Decision(
        Kind.HELD,
        Text.of(
            "%s%s: %s",
            Words.sentence(worst.point().name()),
            others,
            Text.list(worst.verdict().words().stream().limit(1).toList())),
        action(failure.points().get(0).remedy()));
  }

  private static Text action(Remedy remedy) {
    if (remedy == null) {
      return Text.of("Change the product");
    }
    return Text.of(
        "%s %s",
        remedy.kind() == RemedyKind.DRAIN_AND_REFILL ? "Rod and refill" : "Send through",
        Quantity.liters(remedy.litersFromTank()));
  }

  /** Where samples were taken and are good, what is missing is no further sample there. */
  private static Decision filled(BoatState state) {
    for (CircuitState circuit : state.circuits()) {
      if (circuit.protection() == Protection.FILLED && !circuit.unsettled().isEmpty()) {
        return new Decision(
            Kind.FILLED_NOT_MEASURED,
            Unsettled.words(circuit.unsettled()).get(0),
            "Settle the " + circuit.unsettled().get(0).name());
      }
    }
    return new Decision(
        Kind.FILLED_NOT_MEASURED,
        "%s filled and not measured yet: only a sample says whether water was left."
            .formatted(namesOf(state, Protection.FILLED)),
        "Sample it");
  }

  private static Decision plugMissing(BagState bag) {
    String words =
        bag.missing().isEmpty()
            ? "Plugs in the bag: %s".formatted(bag.wrongCount())
            : "%s missing.".formatted(Words.sentence(Words.list(bag.missing())));
    return new Decision(
        Kind.PLUG_MISSING, words + " Look in the bilge and the bay.", "Find the plug");
  }

  private static Decision wet(BoatState state) {
    List<CardProgress> started =
        state.cards().stream()
            .filter(card -> card.procedure() == Procedure.WINTERIZE)
            .filter(card -> !card.isClosed() && !card.steps().isEmpty())
            .toList();
    if (started.isEmpty()) {
      return new Decision(
          Kind.STILL_WET,
          Text.of(
              "Water in %s. It freezes at %s.",
              firstNames(state, Protection.WET, Protection.IN_SERVICE), Quantity.celsius(0)),
          Text.of("Winterize it"));
    }
    return new Decision(
        Kind.WORK_STOPPED_HALFWAY,
        "Winterizing was started by %s; there is still water in it."
            .formatted(started.get(started.size() - 1).heldBy()),
        "Go on with its card");
  }
}
