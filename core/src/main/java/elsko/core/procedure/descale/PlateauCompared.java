package elsko.core.procedure.descale;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Limits;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/**
 * Where an engine's gauge held before, during and after a descale, on one card.
 *
 * @param beforeC null while nobody has read it
 * @param duringC at the rinses between, oldest first
 * @param afterC at the final flushes, oldest first; a second shot has one of its own
 */
public record PlateauCompared(Double beforeC, List<Double> duringC, List<Double> afterC) {
  public static final String BEFORE = "plateau-before";
  public static final String RINSE = "rinse";
  public static final String FINAL = "final-flush";
  public static final String SECOND = "second-flush";

  /** Less than this is within what a gauge can show, K. Estimate. */
  private static final double LOWER_BY_K = 1;

  /** What a descale card says of one circuit. */
  public static PlateauCompared of(CardProgress card, String circuit) {
    Double before = held(card, circuit, BEFORE);
    List<Double> during = new ArrayList<>();
    add(during, held(card, circuit, RINSE));
    List<Double> after = new ArrayList<>();
    add(after, held(card, circuit, FINAL));
    add(after, held(card, circuit, SECOND));
    return new PlateauCompared(before, List.copyOf(during), List.copyOf(after));
  }

  private static void add(List<Double> all, Double one) {
    if (one != null) {
      all.add(one);
    }
  }

  private static Double held(CardProgress card, String circuit, String step) {
    Double last = null;
    for (Entry entry : card.step(OnCircuit.key(circuit, step)).entries()) {
      Fact.ReadingTaken read = entry.fact().as(Fact.ReadingTaken.class);
      if (read != null && Limits.isPlateau(read.limit())) {
        last = read.value();
      }
    }
    return last;
  }

  /** Whether a step is one whose reading is held against that before. */
  public static boolean isFinal(String step) {
    return step.endsWith(FINAL) || step.endsWith(SECOND);
  }

  /** Whether so many final flushes were read and the last of them was not lower than before. */
  boolean isNotLowerAfter(int shots) {
    return beforeC != null && afterC.size() >= shots && !isLower(afterC.get(shots - 1));
  }

  private boolean isLower(double after) {
    return beforeC - after >= LOWER_BY_K;
  }

  /** What it comes to, in words; null while there is nothing to compare. */
  public Text words() {
    if (beforeC == null || afterC.isEmpty()) {
      return null;
    }
    double after = afterC.get(afterC.size() - 1);
    List<Text> held = new ArrayList<>();
    held.add(Text.of("before %s", Quantity.celsius(beforeC)));
    duringC.forEach(one -> held.add(Text.of("during %s", Quantity.celsius(one))));
    afterC.forEach(one -> held.add(Text.of("after %s", Quantity.celsius(one))));
    Text all = Text.list(held).sentence();
    if (isLower(after)) {
      return Text.of("%s: %s lower, scale came off.", all, Quantity.kelvin(beforeC - after));
    }
    return afterC.size() == 1
        ? all.then(": not lower. A second shot, then look at the elbow.")
        : all.then(": not lower after two shots. Look at the elbow.");
  }
}
