package elsko.core.procedure;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.Method;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import java.util.List;

/**
 * What a card is written for.
 *
 * @param progress the opened card: its procedure, choices, and how the boat stood then
 */
public record CardRequest(BoatState state, CardProgress progress, Schools schools) {
  Boat boat() {
    return state.boat();
  }

  /** The circuits the card takes up, in the order they are done. */
  List<OnCircuit> circuits() {
    return boat().circuits().stream()
        .filter(circuit -> Choices.isOn(this, circuit))
        .map(circuit -> new OnCircuit(this, circuit))
        .toList();
  }

  Method method(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? Choices.usualMethod(boat(), circuit, schools) : Method.valueOf(chosen);
  }

  FlushVariant flushVariant(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? FlushVariant.usual(boat(), circuit) : FlushVariant.valueOf(chosen);
  }

  DescaleVariant descaleVariant(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? DescaleVariant.usual(boat(), circuit) : DescaleVariant.valueOf(chosen);
  }
}
