package elsko.bench.core;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Cards written, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class CardBenchmark {
  private final List<VariedFleet.Opened> cards = VariedFleet.cards(1_000);

  /** Every card for 1,000 varied boats. */
  @Benchmark
  public int allCardsOf1000Boats() {
    int steps = 0;
    for (VariedFleet.Opened opened : cards) {
      steps += opened.written().steps().size();
    }
    return steps;
  }
}
