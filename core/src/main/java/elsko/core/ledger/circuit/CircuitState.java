package elsko.core.ledger.circuit;

import elsko.core.boat.path.Circuit;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is known of one circuit.
 *
 * @param contents by segment key
 * @param lot what was filled in last, or null
 * @param litersUsed since it was last emptied or run on water
 * @param failures fills found short, oldest first
 * @param jugs jug readings by lot number, oldest first
 * @param coolant how its coolant was read last, or null
 * @param coolantVerdict what that means; null while nothing that was read holds
 * @param flows what went out and in since it was last full of water, oldest first
 * @param sampledBy who read the samples that hold now
 * @param awaitsCountersign every sample proves it, and a second person has not signed yet
 * @param countersignedBy who signed for those samples, or null
 * @param unreached why the last draw did not get into all of it, in words; null when it did
 * @param unsettled the filled segments nothing vouches for, while every sample is good
 * @param history since when what is in it has stood there
 * @param accepted that it is taken as it is for a while; null when it is not. Proves nothing
 * @param givenUp somebody let go of what is proven of it, to bring water in
 */
public record CircuitState(
    Circuit circuit,
    Protection protection,
    Map<String, Content> contents,
    List<PointState> points,
    Lot lot,
    double litersUsed,
    boolean drawn,
    List<Failure> failures,
    Map<String, List<Fact.JugRead>> jugs,
    Fact.CoolantRead coolant,
    CoolantVerdict coolantVerdict,
    List<Flow> flows,
    Set<String> sampledBy,
    boolean awaitsCountersign,
    String countersignedBy,
    String unreached,
    List<Unsettled> unsettled,
    WaterHistory history,
    Acceptance accepted,
    boolean givenUp) {

  /** What is in a segment. */
  public enum Content {
    WATER,
    EMPTY,
    ANTIFREEZE
  }

  public PointState point(String lowPoint) {
    return points.stream()
        .filter(state -> state.point().key().equals(lowPoint))
        .findFirst()
        .orElseThrow();
  }

  /** Who failed twice running and must let someone else do it; null when nobody. */
  public String mustNotFillAgain() {
    int n = failures.size();
    if (n < 2) {
      return null;
    }
    String last = failures.get(n - 1).filledBy();
    return last != null && last.equals(failures.get(n - 2).filledBy()) ? last : null;
  }
}
