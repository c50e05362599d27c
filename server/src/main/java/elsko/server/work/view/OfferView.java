package elsko.server.work.view;

import elsko.core.boat.Boat;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.util.List;
import java.util.stream.Stream;

/**
 * A procedure a card can be opened for, with what can be chosen for each circuit.
 *
 * @param takesSome only the circuits that were chosen are on its card
 */
public record OfferView(
    Procedure procedure, String words, boolean takesSome, List<Choices.Choice> choices) {
  public static List<OfferView> of(Boat boat, Practices practices) {
    return Stream.of(Procedure.values())
        .map(
            p ->
                new OfferView(p, p.words(), p.isOfChosenCircuits(), Choices.of(boat, p, practices)))
        .filter(offer -> !offer.choices().isEmpty() || !offer.takesSome())
        .toList();
  }
}
