package elsko.core.ledger.circuit;

import elsko.core.fluid.verdict.Remedy;
import java.util.List;

/**
 * A fill that was measured and found short.
 *
 * @param filledBy who had filled it
 * @param open nothing has been done about it yet
 */
public record Failure(String filledBy, List<Short> points, boolean open) {
  /**
   * One short low point.
   *
   * @param remedy null when the product itself cannot pass or the point could not be sampled
   */
  public record Short(String lowPoint, Remedy remedy) {}
}
