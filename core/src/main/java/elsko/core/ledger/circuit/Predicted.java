package elsko.core.ledger.circuit;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.fill.CircuitFill;
import elsko.core.fill.FillTarget;
import elsko.core.fill.FilledSegment;
import elsko.core.fluid.Base;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import java.util.List;
import java.util.Set;

/**
 * What should stand in each segment after all that the log says went out and in. Measured beats
 * predicted: it only says where to look twice.
 *
 * @param segments by segment key, in the order of the path
 */
public record Predicted(List<FilledSegment> segments) {

  /**
   * Null while nothing was filled, when a product's strength is not known, or when a draw went past
   * a thermostat that stayed shut.
   */
  public static Predicted of(Boat boat, CircuitState state) {
    if (state.unreached() != null
        || state.flows().stream().noneMatch(Flow.Filled.class::isInstance)) {
      return null;
    }
    return of(state.circuit(), boat.drawReaches(state.circuit()), state.flows(), null, 1);
  }

  /** Volumes and shares are described to within a fifth or so: of what went in, so much counts. */
  private static final double COUNTS = 0.8;

  /** A thermostat shuts again when what is drawn is cold: behind it only so much counts. */
  private static final double COUNTS_BEHIND_A_GATE = 0.5;

  /**
   * Whether a segment would still be strong enough had less gone through it than was drawn; null
   * where nothing can be predicted.
   *
   * @param neverEmptied key of a segment that is taken for full of water when the first fill came,
   *     whatever was seen; null for none
   */
  static Boolean meets(
      Need need,
      Circuit circuit,
      Set<String> drawReaches,
      List<Flow> flows,
      String segment,
      String neverEmptied) {
    Predicted predicted =
        of(
            circuit,
            drawReaches,
            flows,
            neverEmptied,
            circuit.segment(segment).gated() ? COUNTS_BEHIND_A_GATE : COUNTS);
    if (predicted == null) {
      return null;
    }
    double sold =
        flows.stream()
            .filter(Flow.Filled.class::isInstance)
            .mapToDouble(flow -> ((Flow.Filled) flow).massFraction())
            .min()
            .orElse(0);
    double needed = FillTarget.of(need, Base.PG, sold).massFraction();
    return predicted.segment(segment).lowestCellMassFraction()
        >= Math.max(needed, Policy.LEAST_MASS_FRACTION);
  }

  private static Predicted of(
      Circuit circuit,
      Set<String> drawReaches,
      List<Flow> flows,
      String neverEmptied,
      double counts) {
    CircuitFill fill = new CircuitFill(circuit, drawReaches);
    for (Flow flow : flows) {
      if (flow instanceof Flow.Emptied emptied) {
        emptied.segments().stream()
            .filter(segment -> !segment.equals(neverEmptied))
            .forEach(fill::emptied);
      } else if (flow instanceof Flow.Filled filled) {
        if (filled.massFraction() == null) {
          return null;
        }
        if (filled.segments() == null) {
          fill.drawn(counts * filled.liters(), filled.massFraction());
        } else {
          fill.poured(filled.segments(), counts * filled.liters(), filled.massFraction());
        }
      }
    }
    return new Predicted(fill.segments());
  }

  /** The segment of this key. */
  public FilledSegment segment(String key) {
    return segments.stream().filter(s -> s.name().equals(key)).findFirst().orElseThrow();
  }
}
