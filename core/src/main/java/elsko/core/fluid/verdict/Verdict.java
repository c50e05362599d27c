package elsko.core.fluid.verdict;

import elsko.core.Text;
import java.util.List;

/**
 * The judgement on one low point, with the numbers it rests on. Numbers that could not be told are
 * null.
 *
 * @param strengthKept sample strength as a part of the jug's
 * @param worstCaseMassFraction the sample, moved by the instrument's accuracy toward weak
 * @param freezePointC of the worst case
 * @param burstPointC of the worst case
 * @param neededMassFraction the weakest that meets the policy; null when no mixture can
 * @param remedy present when HELD and the segment is known
 */
public record Verdict(
    Outcome outcome,
    Need need,
    Double strengthKept,
    Double worstCaseMassFraction,
    Double freezePointC,
    Double burstPointC,
    boolean burstIsFloor,
    Double neededMassFraction,
    List<Reason> reasons,
    Remedy remedy) {

  /** The reasons as sentences. */
  public List<Text> words() {
    return VerdictWords.of(this);
  }
}
