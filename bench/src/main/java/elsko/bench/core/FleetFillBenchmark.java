package elsko.bench.core;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.fill.CircuitPath;
import elsko.core.fill.FillPath;
import elsko.core.fill.FillQuestion;
import elsko.core.fill.FillTarget;
import elsko.core.fill.Prediction;
import elsko.core.fluid.Base;
import elsko.core.fluid.verdict.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Fills of a fleet predicted, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class FleetFillBenchmark {
  private static final double PRODUCT = 0.38;
  private final List<FillQuestion> fleet = new ArrayList<>();

  /** Prepares a fleet of every kind of boat. */
  public FleetFillBenchmark() {
    VariedFleet.boats(1_000).stream().map(Boat::of).forEach(this::addCircuits);
  }

  private void addCircuits(Boat boat) {
    FillTarget target = FillTarget.of(Need.DEFAULT, Base.PG, PRODUCT);
    for (Circuit circuit : boat.circuits()) {
      if (circuit.methods().contains(Method.DRAW)) {
        FillPath path = CircuitPath.planned(circuit, boat.drawReaches(circuit), Method.DRAW);
        fleet.add(
            new FillQuestion(
                Base.PG, PRODUCT, Method.DRAW, 1.5 * path.liters(), true, path, target));
      }
    }
  }

  /** Every circuit that can be drawn through, with the liters until it is strong enough. */
  @Benchmark
  public int predictionsOf1000Boats() {
    int reached = 0;
    for (FillQuestion question : fleet) {
      reached += Prediction.of(question).litersToReach() == null ? 0 : 1;
    }
    return reached;
  }
}
