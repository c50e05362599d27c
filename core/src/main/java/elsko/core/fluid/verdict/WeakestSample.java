package elsko.core.fluid.verdict;

import elsko.core.Refused;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import java.util.ArrayList;
import java.util.List;

/**
 * What a sample may read when the jug of its lot reads so, for one product and instrument. Worked
 * out ahead, so that a device without signal can say in or out at once; the verdict comes from
 * {@link Proof} all the same.
 *
 * @param jugReading in scale units
 * @param weakest the weakest reading of a sample that proves, in scale units
 * @param strongest beyond this the bottle or the jug is the wrong one
 */
public record WeakestSample(double jugReading, double weakest, double strongest) {
  /** Jugs are taken in steps of this, in scale units. */
  public static final double STEP = 0.5;

  /** Halvings between a reading that proves and one that does not: finer than any scale. */
  private static final int HALVINGS = 16;

  /**
   * For every jug that may be read, in steps; a jug with which no sample proves is left out: it is
   * suspect, or the product cannot do it.
   */
  public static List<WeakestSample> table(Need need, Product product, Instrument instrument) {
    Scale scale = instrument.scale();
    List<WeakestSample> rows = new ArrayList<>();
    for (double jug = scale.lowest(); jug <= scale.highest(); jug += STEP) {
      if (proves(need, product, instrument, jug, jug)) {
        boolean colderIsStronger = scale != Scale.BRIX;
        double weakEnd = colderIsStronger ? scale.highest() : scale.lowest();
        double strongEnd = colderIsStronger ? scale.lowest() : scale.highest();
        rows.add(
            new WeakestSample(
                jug,
                edge(need, product, instrument, jug, weakEnd),
                edge(need, product, instrument, jug, strongEnd)));
      }
    }
    return List.copyOf(rows);
  }

  /** The last reading on the way from the jug's to {@code end} that still proves. */
  private static double edge(
      Need need, Product product, Instrument instrument, double jug, double end) {
    if (proves(need, product, instrument, jug, end)) {
      return end;
    }
    double good = jug;
    double bad = end;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (good + bad) / 2;
      if (proves(need, product, instrument, jug, middle)) {
        good = middle;
      } else {
        bad = middle;
      }
    }
    return good;
  }

  private static boolean proves(
      Need need, Product product, Instrument instrument, double jug, double sample) {
    try {
      ProofQuestion question =
          new ProofQuestion(
              need,
              product,
              instrument,
              jug,
              sample,
              instrument.compensatesFromC(),
              null,
              ProofQuestion.TANK_LITERS);
      return Proof.judge(question).outcome().proves();
    } catch (Refused notOnTheScale) {
      return false;
    }
  }
}
