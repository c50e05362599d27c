package elsko.core.fill;

import elsko.core.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A sample that came out well below what was predicted, with what probably happened. Measured beats
 * predicted, always: this only says where to look.
 *
 * @param measured glycol by mass as read
 * @param predicted glycol by mass of the weakest cell there
 * @param causes likeliest first
 */
public record Discrepancy(double measured, double predicted, List<String> causes) {
  /** So far below the prediction a sample says so, mass fraction. */
  public static final double WORTH_SAYING = 0.05;

  /**
   * What is known around the sample.
   *
   * @param sawItRun its drain was seen to run before the fill
   * @param gated it lies behind the thermostat
   * @param drawn it was drawn through, not poured in
   * @param jugPart the jug's reading as a part of what the product is sold as; null when not known
   */
  public record Around(boolean sawItRun, boolean gated, boolean drawn, Double jugPart) {}

  /** Null while they agree. */
  public static @Nullable Discrepancy of(double measured, double predicted, Around around) {
    if (measured >= predicted - WORTH_SAYING) {
      return null;
    }
    List<String> likely = new ArrayList<>();
    List<String> also = new ArrayList<>();
    (around.sawItRun() ? also : likely).add("a pocket that did not drain");
    if (around.gated()) {
      (around.drawn() ? likely : also).add("the thermostat was closed");
    }
    boolean weakJug = around.jugPart() != null && around.jugPart() < 1 - WORTH_SAYING / 2;
    (weakJug ? likely : also).add("a weak lot");
    also.add("the wrong bottle");
    likely.addAll(also);
    return new Discrepancy(measured, predicted, List.copyOf(likely));
  }

  /** As a sentence. */
  public String words() {
    return "%s measured where %s was predicted. Likely: %s."
        .formatted(Words.percent(measured), Words.percent(predicted), String.join(", or ", causes));
  }
}
