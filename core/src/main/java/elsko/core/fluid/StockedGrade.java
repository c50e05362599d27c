package elsko.core.fluid;

import java.util.Comparator;
import java.util.stream.Stream;

/** The grades of PG commonly stocked for raw water, by what their labels say. Our estimates. */
enum StockedGrade {
  MINUS_50_F(0.27, -45.6),
  MINUS_75_F(0.38, -59.4),
  MINUS_100_F(0.56, -73.3);

  /** A label may be rounded by this, K. */
  private static final double ROUNDED_K = 1;

  private final double massFraction;
  private final double labelC;

  StockedGrade(double massFraction, double labelC) {
    this.massFraction = massFraction;
    this.labelC = labelC;
  }

  /**
   * The fraction to go by where only the label is known: that of the strongest grade whose label
   * this one reaches. Null for EG, without a label, and for a label no grade is as warm as.
   */
  static Double weakestOf(Product product) {
    if (product.base() != Base.PG || product.labelRatingC() == null) {
      return null;
    }
    return Stream.of(values())
        .filter(grade -> product.labelRatingC() <= grade.labelC + ROUNDED_K)
        .map(grade -> grade.massFraction)
        .max(Comparator.naturalOrder())
        .orElse(null);
  }
}
