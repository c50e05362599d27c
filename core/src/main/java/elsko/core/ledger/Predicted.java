package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.fill.CircuitFill;
import elsko.core.fill.FilledSegment;
import java.util.List;

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
    CircuitFill fill = new CircuitFill(state.circuit(), boat.drawReaches(state.circuit()));
    for (Flow flow : state.flows()) {
      if (flow instanceof Flow.Emptied emptied) {
        emptied.segments().forEach(fill::emptied);
      } else if (flow instanceof Flow.Filled filled) {
        if (filled.massFraction() == null) {
          return null;
        }
        if (filled.segments() == null) {
          fill.drawn(filled.liters(), filled.massFraction());
        } else {
          fill.poured(filled.segments(), filled.liters(), filled.massFraction());
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
