package elsko.core.frost;

import elsko.core.boat.Boat;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.Segment;
import elsko.core.fill.FilledSegment;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.verdict.Verdict;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.CoolantVerdict;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.circuit.Predicted;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.circuit.WaterHistory;
import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * What can freeze in one circuit as it stands now.
 *
 * @param pockets empty when nothing in it can
 */
public record CircuitWater(String circuit, String name, List<Held> pockets) {
  /** A prediction is trusted but for this much, by mass. */
  private static final double PREDICTION_MAY_BE_OFF = 0.05;

  /**
   * Liquid in one segment.
   *
   * @param since when it came in; null when that was before the boat came, or nobody knows
   * @param stand how weather has left it; null while that was not worked out: then it is as warm as
   *     the air
   */
  public record Held(
      String segment, String name, PocketKind kind, Pocket pocket, Instant since, Stand stand) {
    public Held(String segment, String name, PocketKind kind, Pocket pocket) {
      this(segment, name, kind, pocket, null, null);
    }

    Held standing(Stand now) {
      return new Held(segment, name, kind, pocket, since, now);
    }
  }

  public CircuitWater {
    pockets = List.copyOf(pockets);
  }

  /** Every circuit of a boat in which something can freeze. */
  public static List<CircuitWater> of(BoatState state) {
    List<CircuitWater> found = new ArrayList<>();
    for (CircuitState circuit : state.circuits()) {
      CircuitWater water = of(state, circuit);
      if (!water.pockets().isEmpty()) {
        found.add(water);
      }
    }
    state
        .unlisted()
        .forEach(
            accessory ->
                found.add(
                    new CircuitWater(
                        accessory.key(), accessory.words(), List.of(notSaid(accessory.words())))));
    return List.copyOf(found);
  }

  private static CircuitWater of(BoatState state, CircuitState circuit) {
    List<Held> pockets = new ArrayList<>();
    if (circuit.circuit().kind() == CircuitKind.UNANSWERED) {
      pockets.add(notSaid(circuit.circuit().name()));
    } else if (circuit.protection() != Protection.DRAINED
        && circuit.protection() != Protection.DRY_BUILT) {
      FreezePoints points = new FreezePoints(state, circuit);
      for (Segment segment : circuit.circuit().segments()) {
        Double freezesAt = points.of(segment);
        if (freezesAt != null) {
          PocketKind kind = PocketKind.of(circuit.circuit(), segment);
          pockets.add(
              new Held(
                  segment.key(),
                  segment.name(),
                  kind,
                  new Pocket(kind.tauHours(), freezesAt),
                  since(circuit, segment),
                  null));
        }
      }
    }
    return new CircuitWater(circuit.circuit().key(), circuit.circuit().name(), pockets);
  }

  /** What was opened after its fill counts as water from then on. */
  private static Instant since(CircuitState circuit, Segment segment) {
    WaterHistory history = circuit.history();
    Instant came = history.since().get(segment.key());
    Instant opened = history.openedAt();
    boolean turned =
        circuit.protection() == Protection.WET
            && circuit.contents().get(segment.key()) == CircuitState.Content.ANTIFREEZE
            && opened != null
            && (came == null || opened.isAfter(came));
    return turned ? opened : came;
  }

  private static Held notSaid(String name) {
    PocketKind kind = PocketKind.NOT_SAID;
    return new Held("", name, kind, new Pocket(kind.tauHours(), 0));
  }

  /** At what temperature what stands in a segment breaks it. */
  private static final class FreezePoints {
    private final BoatState state;
    private final CircuitState circuit;
    private final Predicted predicted;

    FreezePoints(BoatState state, CircuitState circuit) {
      this.state = state;
      this.circuit = circuit;
      this.predicted = drainsConfirmed() ? predicted(state.boat()) : null;
    }

    private Predicted predicted(Boat boat) {
      return circuit.circuit().kind() == CircuitKind.COOLANT ? null : Predicted.of(boat, circuit);
    }

    private boolean drainsConfirmed() {
      return !circuit.points().isEmpty()
          && circuit.points().stream()
              .allMatch(point -> point.seen() != null && point.seen().isEmpty());
    }

    /** °C, or null for never. */
    Double of(Segment segment) {
      return switch (circuit.protection()) {
        case UNKNOWN, IN_SERVICE -> Double.valueOf(0);
        case WET -> isEmpty(segment) ? null : Double.valueOf(0);
        case FILLED -> isEmpty(segment) ? null : Double.valueOf(predicted(segment));
        case HELD, PROVEN -> isEmpty(segment) ? null : measured(segment);
        case DRAINED, DRY_BUILT -> null;
      };
    }

    private boolean isEmpty(Segment segment) {
      return circuit.contents().get(segment.key()) == CircuitState.Content.EMPTY;
    }

    private double predicted(Segment segment) {
      if (predicted == null) {
        return 0;
      }
      FilledSegment filled = predicted.segment(segment.key());
      double expected = filled.lowestCellMassFraction() * asMeasured();
      double sure = Math.max(0, expected - PREDICTION_MAY_BE_OFF);
      return GlycolCurve.of(circuit.lot().product().base()).freezePointC(sure);
    }

    /**
     * Measured beats sold and predicted, at most one: what the jug was read at against its label,
     * and each sample against what should stand there. Toward weak nothing has to be trusted.
     */
    private double asMeasured() {
      Product product = circuit.lot().product();
      double least = 1;
      if (product.massFraction() != null) {
        for (Fact.JugRead read : circuit.jugs().getOrDefault(circuit.lot().number(), List.of())) {
          Double found = read.with().instrument().massFraction(product.base(), read.reading());
          least = Math.min(least, found == null ? 1 : found / product.massFraction());
        }
      }
      for (PointState point : circuit.points()) {
        Fact.SampleRead read = point.sample();
        if (read != null) {
          Double found = read.with().instrument().massFraction(product.base(), read.reading());
          double expected = predicted.segment(point.point().segment()).lowestCellMassFraction();
          least = Math.min(least, found == null || expected == 0 ? 1 : found / expected);
        }
      }
      return least;
    }

    private Double measured(Segment segment) {
      if (circuit.circuit().kind() == CircuitKind.COOLANT) {
        CoolantVerdict read = state.circuit(circuit.circuit().key()).coolantVerdict();
        return read == null || read.freezePointC() == null
            ? 0
            : Math.max(Pocket.COLDEST_C, read.freezePointC());
      }
      List<PointState> here =
          circuit.points().stream()
              .filter(point -> point.point().segment().equals(segment.key()))
              .toList();
      if (here.stream().anyMatch(PointState::givesNothing)) {
        return predicted(segment);
      }
      List<Verdict> verdicts =
          here.stream().map(PointState::verdict).filter(Objects::nonNull).toList();
      if (circuit.protection() == Protection.HELD
          && (verdicts.isEmpty() || !segment.kind().mixes())) {
        // One sample came out short: what nobody sampled, or the far end of a hose, may be shorter.
        return 0.0;
      }
      if (verdicts.isEmpty()) {
        // Something vouches for it, but no sample speaks for it: as weak as the weakest measured.
        verdicts =
            circuit.points().stream().map(PointState::verdict).filter(Objects::nonNull).toList();
      }
      if (verdicts.isEmpty()) {
        return predicted(segment);
      }
      Double warmest = null;
      for (Verdict verdict : verdicts) {
        Double breaksAt = breaksAt(verdict);
        if (breaksAt != null && (warmest == null || breaksAt > warmest)) {
          warmest = breaksAt;
        }
      }
      return warmest;
    }

    /** Null where the mixture is never hard enough to break anything. */
    private Double breaksAt(Verdict verdict) {
      if (verdict.worstCaseMassFraction() == null) {
        return 0.0;
      }
      if (state.need().policy() == Policy.FREEZE) {
        return verdict.freezePointC();
      }
      return verdict.burstIsFloor() ? null : verdict.burstPointC();
    }
  }
}
