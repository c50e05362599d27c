package elsko.server.work.round;

import elsko.core.boat.path.CircuitKind;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Predicted;
import elsko.core.ledger.circuit.Protection;
import elsko.server.fleet.BoatLine;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.view.BoatView.PointView;
import elsko.server.yard.Berths;
import elsko.server.yard.WalkingOrder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** An afternoon of sampling: every circuit that is filled and not proven, in walking order. */
@Service
class ProofRound {
  /** A boat counts by the worst of its circuits, so any of these may have a filled one. */
  private static final Set<Protection> MAY_HAVE_A_FILLED_CIRCUIT =
      EnumSet.complementOf(EnumSet.of(Protection.PROVEN, Protection.DRY_BUILT));

  private final Fleet fleet;
  private final Log log;
  private final Berths berths;

  ProofRound(Fleet fleet, Log log, Berths berths) {
    this.fleet = fleet;
    this.log = log;
    this.berths = berths;
  }

  /** The stops, each a circuit. */
  @Transactional(readOnly = true)
  List<Stop> stops() {
    WalkingOrder order = berths.walkingOrder();
    List<UUID> boats =
        fleet.lines().stream()
            .filter(line -> MAY_HAVE_A_FILLED_CIRCUIT.contains(line.protection()))
            .filter(line -> line.changedAt() != null)
            .map(BoatLine::id)
            .toList();
    List<Folded> folds = new ArrayList<>(log.folded(boats));
    folds.sort(
        Comparator.comparingInt((Folded folded) -> order.rank(folded.state().berth()))
            .thenComparing(folded -> folded.boat().name()));
    List<Stop> stops = new ArrayList<>();
    for (Folded folded : folds) {
      String row = order.row(folded.state().berth());
      int before = 0;
      for (CircuitState circuit : folded.state().circuits()) {
        if (isUnproven(circuit)) {
          stops.add(stop(folded, circuit, row, before));
        }
        before += circuit.circuit().requiredLowPoints().size();
      }
    }
    return stops;
  }

  private static boolean isUnproven(CircuitState circuit) {
    boolean waits =
        circuit.protection() == Protection.FILLED || circuit.protection() == Protection.HELD;
    return waits
        && circuit.circuit().kind() != CircuitKind.COOLANT
        && circuit.lot() != null
        && !circuit.circuit().requiredLowPoints().isEmpty();
  }

  private static Stop stop(Folded folded, CircuitState circuit, String row, int before) {
    BoatState state = folded.state();
    String place = state.berthName().isEmpty() ? folded.boat().name() : state.berthName();
    Predicted predicted = Predicted.of(state.boat(), circuit);
    List<Bottle> bottles = new ArrayList<>();
    circuit.points().stream()
        .filter(point -> point.point().required())
        .forEach(
            point ->
                bottles.add(
                    new Bottle(
                        place + "-" + (before + bottles.size() + 1),
                        PointView.of(circuit, point, predicted))));
    return new Stop(
        folded.row().id(),
        folded.boat().name(),
        state.berthName(),
        row,
        circuit.circuit().key(),
        circuit.circuit().name(),
        circuit.protection(),
        circuit.lot().number(),
        circuit.lot().productName(),
        circuit.awaitsCountersign(),
        circuit.sampledBy(),
        bottles);
  }

  /**
   * A circuit to be sampled.
   *
   * @param row area and line of the berth
   */
  record Stop(
      UUID boat,
      String boatName,
      String berthName,
      String row,
      String circuit,
      String circuitName,
      Protection protection,
      @Nullable String lot,
      @Nullable String product,
      boolean awaitsCountersign,
      Set<String> sampledBy,
      List<Bottle> bottles) {}

  /**
   * A bottle and the low point it is for.
   *
   * @param mark written on it: the berth, and which of the boat's low points; it stays the same
   *     while others are proven or filled, so that labels can be printed at any time
   */
  record Bottle(String mark, PointView point) {}
}
