package elsko.core.trial;

import elsko.core.fluid.verdict.Outcome;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.fact.Seen;
import org.jspecify.annotations.Nullable;

/** The rule by which a circuit is not called safe, in a few words. */
final class Holds {
  private Holds() {}

  /** Null where it is called safe. */
  static @Nullable String rule(CircuitState circuit) {
    return switch (circuit.protection()) {
      case PROVEN, DRAINED, DRY_BUILT -> null;
      case UNKNOWN -> "nobody said what is in it";
      case IN_SERVICE -> "water in it on purpose";
      case WET -> wet(circuit);
      case HELD -> held(circuit);
      case FILLED -> filled(circuit);
    };
  }

  private static String wet(CircuitState circuit) {
    if (circuit.unreached() != null) {
      return "the thermostat never opened";
    }
    boolean blocked = circuit.points().stream().anyMatch(p -> p.seen() == Seen.DID_NOT_RUN);
    return blocked ? "a hole did not run" : "not recorded empty";
  }

  private static String held(CircuitState circuit) {
    boolean none = circuit.points().stream().anyMatch(PointState::givesNothing);
    return none ? "a required point gave no sample" : "a sample is too weak";
  }

  private static String filled(CircuitState circuit) {
    if (!circuit.unsettled().isEmpty()) {
      return "nothing tells of a segment";
    }
    for (PointState point : circuit.points()) {
      if (point.verdict() != null && point.verdict().outcome() == Outcome.RETAKE) {
        return "read again: "
            + point
                .verdict()
                .reasons()
                .get(0)
                .name()
                .toLowerCase(java.util.Locale.ROOT)
                .replace('_', ' ');
      }
    }
    return "not measured";
  }
}
