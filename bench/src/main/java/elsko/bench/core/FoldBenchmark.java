package elsko.bench.core;

import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** A long log folded, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class FoldBenchmark {
  private final LongLog log = new LongLog(5_000);
  private final LongLog longer = new LongLog(20_000);

  @Benchmark
  public BoatState foldOf5000Entries() {
    return Ledger.fold(log.boat, Need.DEFAULT, log.log);
  }

  @Benchmark
  public BoatState foldOf20000Entries() {
    return Ledger.fold(longer.boat, Need.DEFAULT, longer.log);
  }
}
