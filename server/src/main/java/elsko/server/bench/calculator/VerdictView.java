package elsko.server.bench.calculator;

import elsko.core.Text;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Remedy;
import elsko.core.fluid.verdict.Verdict;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A verdict as it goes over the wire, its reasons in words. */
public record VerdictView(
    Outcome outcome,
    Double strengthKept,
    Double worstCaseMassFraction,
    Double freezePointC,
    Double burstPointC,
    boolean burstIsFloor,
    Double neededMassFraction,
    List<Text> reasons,
    @Nullable Remedy remedy) {
  public static VerdictView of(Verdict verdict) {
    return new VerdictView(
        verdict.outcome(),
        verdict.strengthKept(),
        verdict.worstCaseMassFraction(),
        verdict.freezePointC(),
        verdict.burstPointC(),
        verdict.burstIsFloor(),
        verdict.neededMassFraction(),
        verdict.words(),
        verdict.remedy());
  }
}
