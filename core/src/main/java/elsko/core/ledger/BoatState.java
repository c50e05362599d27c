package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingState;
import elsko.core.fluid.Need;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * Everything that follows from a boat's log at one moment.
 *
 * @param berth null while it has none
 * @param kicked the engine was kicked since the drains came out
 * @param inBay people recorded in the engine bay
 * @param cards oldest first
 */
public record BoatState(
    Boat boat,
    Need need,
    Map<String, FittingStanding> fittings,
    List<CircuitState> circuits,
    BagState bag,
    UUID berth,
    String berthName,
    boolean afloat,
    boolean running,
    boolean kicked,
    Set<String> inBay,
    List<CardProgress> cards) {

  /** The worst of its circuits. */
  public Protection protection() {
    return Protection.worstOf(circuits.stream().map(CircuitState::protection).toList());
  }

  public FittingStanding fitting(String key) {
    return fittings.get(boat.fitting(key).key());
  }

  public boolean is(Fitting fitting, FittingState state) {
    return fittings.get(fitting.key()).state() == state;
  }

  /** Fittings that are not in their in-commission state, in the order a person walks to them. */
  public List<FittingStanding> looseEnds() {
    return boat.fittings().stream()
        .map(fitting -> fittings.get(fitting.key()))
        .filter(FittingStanding::isLooseEnd)
        .toList();
  }

  public CircuitState circuit(String key) {
    return circuits.stream()
        .filter(state -> state.circuit().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  /** The card with this id, or null. */
  public CardProgress card(UUID id) {
    return cards.stream().filter(card -> card.card().equals(id)).findFirst().orElse(null);
  }
}
