package elsko.core.ledger.circuit;

import elsko.core.boat.path.LowPoint;
import elsko.core.fluid.verdict.Verdict;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;

/**
 * What is known of one low point.
 *
 * @param seen null while nobody has opened it since there was water in it; {@link Seen#DID_NOT_RUN}
 *     also where nothing came though water had stood there
 * @param sample the reading since the last fill, or null
 * @param jugReading what the sample was held against, or null
 * @param verdict null while nothing was read
 * @param couldNot why it could not be sampled, or null
 * @param toldByOthers it could not be sampled, and samples of what was drawn through it stand for
 *     it
 * @param empty all that it empties is recorded empty
 */
public record PointState(
    LowPoint point,
    Seen seen,
    Fact.SampleRead sample,
    Double jugReading,
    Verdict verdict,
    String couldNot,
    boolean toldByOthers,
    boolean empty) {
  /** No sample possible, and nothing else stands for it. */
  public boolean givesNothing() {
    return couldNot != null && !toldByOthers;
  }
}
