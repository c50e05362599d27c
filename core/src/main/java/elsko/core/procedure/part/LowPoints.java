package elsko.core.procedure.part;

import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.ledger.learned.Learned;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The low points of a circuit, told apart by what it takes to let them run. */
public final class LowPoints {
  private LowPoints() {}

  /** Those with a plug, petcock, sensor, port or tap to open, or a drive to put down. */
  public static List<Ask> withADrain(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    for (LowPoint point : drained(on)) {
      if (point.opens() != null && !isHose(on, point) && !runsOnlyAshore(on, point)) {
        asks.add(open(on, point));
      }
    }
    return asks;
  }

  /** Those emptied by a hose put low, or that only have to be looked at. */
  public static List<Ask> withAHose(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    for (LowPoint point : drained(on)) {
      if (point.opens() == null || isHose(on, point)) {
        asks.add(open(on, point));
      }
    }
    return asks;
  }

  /**
   * The low points that are opened: all of them, or undrained only those that hold what the tank
   * does not reach.
   */
  private static List<LowPoint> drained(OnCircuit on) {
    if (on.method().drains()) {
      return on.circuit().lowPoints();
    }
    Set<String> reached = on.boat().drawReaches(on.circuit());
    return on.circuit().lowPoints().stream()
        .filter(point -> !reached.containsAll(point.empties()))
        .toList();
  }

  /** Through an open seacock it runs out ashore; afloat the sea runs in. */
  public static boolean runsOnlyAshore(OnCircuit on, LowPoint point) {
    return point.opens() != null
        && on.boat().fitting(point.opens()).kind() == FittingKind.SEACOCK
        && on.request().state().afloat();
  }

  private static boolean isHose(OnCircuit on, LowPoint point) {
    return on.boat().fitting(point.opens()).kind() == FittingKind.HOSE_END;
  }

  public static Ask open(OnCircuit on, LowPoint point) {
    Learned caught = on.request().state().learned(Learned.Kind.CAUGHT_AT_A_DRAIN, point.key());
    double described =
        point.empties().stream().mapToDouble(key -> on.circuit().segment(key).liters()).sum();
    double liters = caught == null ? described : caught.value();
    FittingState to =
        point.opens() == null ? null : on.boat().fitting(point.opens()).kind().opensAt();
    return new Ask.Open(point.name(), point.key(), point.opens(), to, liters);
  }

  /** What was opened goes back to how it is in commission. */
  public static Ask close(OnCircuit on, LowPoint point) {
    Fitting fitting = on.boat().fitting(point.opens());
    FittingState back = fitting.kind().inCommission();
    return new Ask.Set(OnCircuit.words(fitting, back), fitting.key(), back);
  }
}
