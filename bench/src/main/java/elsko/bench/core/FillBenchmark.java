package elsko.bench.core;

import elsko.core.boat.path.Method;
import elsko.core.fill.FillBranches;
import elsko.core.fill.FillCourse;
import elsko.core.fill.FillPart;
import elsko.core.fill.FillPath;
import elsko.core.fill.FillQuestion;
import elsko.core.fill.FillSegment;
import elsko.core.fill.FilledSegment;
import elsko.core.fill.Prediction;
import elsko.core.fluid.Base;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** A V8's fill predicted, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class FillBenchmark {
  private static final double PRODUCT = 0.38;
  private static final int STEPS = 200;

  private final FillQuestion[] v8s = new FillQuestion[64];
  private int next;

  /** Prepares a spread of fills, so that no single one is measured. */
  public FillBenchmark() {
    for (int i = 0; i < v8s.length; i++) {
      v8s[i] = v8(12 + 0.25 * i, i % 4 != 0);
    }
  }

  private static FillQuestion v8(double liters, boolean thermostatOpen) {
    List<FillPart> path =
        List.of(
            new FillSegment("intake hose", 1.0, 0.05, 4, false),
            new FillSegment("pump", 0.3, 0.05, 1, false),
            new FillSegment("fuel cooler", 0.3, 0.05, 4, false),
            new FillSegment("steering cooler", 0.4, 0.05, 4, false),
            new FillSegment("recirculation hose", 1.5, 0.05, 4, true),
            new FillBranches(List.of(side("port"), side("starboard")), List.of(0.5, 0.5)),
            new FillSegment("exhaust", 0.8, 0.05, 1, false));
    return new FillQuestion(
        Base.PG, PRODUCT, Method.DRAW, liters, thermostatOpen, new FillPath(path), null);
  }

  private static List<FillPart> side(String side) {
    return List.of(
        new FillSegment(side + " block", 4.5, 0.05, 1, true),
        new FillSegment(side + " manifold", 2.2, 0.05, 1, false),
        new FillSegment(side + " riser", 0.8, 0.05, 1, false));
  }

  /** What 12 segments hold after each of 200 steps, and what that withstands in the end. */
  @Benchmark
  public List<FilledSegment> v8In200Steps() {
    next = next + 1 & v8s.length - 1;
    return FillCourse.of(v8s[next], STEPS).segments(STEPS);
  }

  /** What 12 segments hold in the end. */
  @Benchmark
  public Prediction v8AtOnce() {
    next = next + 1 & v8s.length - 1;
    return Prediction.of(v8s[next]);
  }
}
