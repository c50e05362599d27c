package elsko.bench.core;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Mixture;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.SampledSegment;
import elsko.core.fluid.verdict.Verdict;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Curves and verdicts, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class CoreBenchmark {
  private static final int KINDS = 1024;
  private final GlycolCurve curve = GlycolCurve.of(Base.PG);
  private final double[] fractions = new double[KINDS];
  private final double[] freezePoints = new double[KINDS];
  private final ProofQuestion[] questions = new ProofQuestion[KINDS];
  private int next;

  /** Prepares a spread of questions, so that no single branch is measured. */
  public CoreBenchmark() {
    Product product = new Product(Base.PG, 0.38, -59.4, LabelRates.BURST);
    Instrument glass =
        new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0.5, 5, 35, 0, 1);
    SampledSegment block = new SampledSegment(4.5, 0.5, false);
    double jug = curve.freezePointC(0.38);
    for (int i = 0; i < KINDS; i++) {
      fractions[i] = 0.6 * i / (KINDS - 1);
      freezePoints[i] = curve.freezePointC(fractions[i]);
      Policy policy = i % 2 == 0 ? Policy.BURST : Policy.FREEZE;
      double sample = curve.freezePointC(0.38 * i / (KINDS - 1));
      questions[i] =
          new ProofQuestion(new Need(-8, 5, policy), product, glass, jug, sample, 15, block, 19);
    }
  }

  @Benchmark
  public Mixture protectionLookUp() {
    return curve.atMassFraction(fractions[step()]);
  }

  @Benchmark
  public Mixture strengthLookUp() {
    return curve.withFreezePoint(freezePoints[step()]);
  }

  @Benchmark
  public Verdict verdict() {
    return Proof.judge(questions[step()]);
  }

  private int step() {
    next = next + 1 & KINDS - 1;
    return next;
  }
}
