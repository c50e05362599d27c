package elsko.core.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.RemedyKind;
import elsko.core.fluid.verdict.SampledSegment;
import elsko.core.fluid.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

class RemedyTest {
  private static final Product PRODUCT = new Product(Base.PG, 0.38, null, null);

  private static Verdict judge(double sample) {
    GlycolCurve curve = GlycolCurve.of(Base.PG);
    return Proof.judge(
        new ProofQuestion(
            Need.DEFAULT,
            PRODUCT,
            new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0, 5, 35, 0, 1),
            curve.freezePointC(0.38),
            curve.freezePointC(sample),
            15,
            new SampledSegment(4.5, 0.5, false),
            19));
  }

  @Test
  void drawingTheRemedyMakesTheDilutedBlockPass() {
    FillPath blocks =
        new FillPath(
            List.of(
                new FillBranches(
                    List.of(
                        List.of(new FillSegment("port", 4.5, 0, 1, true)),
                        List.of(new FillSegment("starboard", 4.5, 0, 1, true))),
                    List.of(0.5, 0.5))));
    Fill fill = new Fill(new FlowNet(blocks), blocks.segments());
    fill.pour(0, 4.5, 0.37);
    fill.pour(1, 4.5, 0.21);
    Verdict held = judge(fill.lowestCell(1));
    assertThat(held.outcome()).isEqualTo(Outcome.HELD);
    assertThat(held.remedy().kind()).isEqualTo(RemedyKind.MORE_THROUGH);
    fill.draw(held.remedy().litersFromTank(), 0.38, true);
    assertThat(fill.lowestCell(1)).isCloseTo(0.342, within(1e-6));
    assertThat(judge(fill.lowestCell(1)).outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(judge(fill.lowestCell(0)).outcome()).isEqualTo(Outcome.PROVEN);
  }

  @Test
  void drainingAndRefillingItMakesItPassToo() {
    FillPath block = new FillPath(List.of(new FillSegment("starboard", 4.5, 1, 1, true)));
    Fill fill = new Fill(new FlowNet(block), block.segments());
    fill.drain(0, 0.05);
    assertThat(fill.pour(0, 4.5, 0.38)).as("runs over").isCloseTo(0.225, within(1e-9));
    assertThat(judge(fill.lowestCell(0)).outcome()).isEqualTo(Outcome.PROVEN);
  }
}
