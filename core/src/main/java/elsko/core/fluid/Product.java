package elsko.core.fluid;

import elsko.core.Refused;

/**
 * What of an antifreeze product matters to a verdict.
 *
 * @param massFraction glycol by mass as sold, 0 to 1; null when the maker does not say
 * @param labelRatingC the temperature on the label, °C; null when there is none
 * @param labelRates whether the label states burst or freeze protection; null when there is none
 */
public record Product(Base base, Double massFraction, Double labelRatingC, LabelRates labelRates) {
  public Product {
    if (base == null) {
      throw Refused.value("product.base", "Say which glycol it is: PG or EG.");
    }
    if (massFraction != null) {
      Refused.within("product.massFraction", massFraction, 0, 1, "");
    }
    if (labelRatingC != null) {
      Refused.within("product.labelRatingC", labelRatingC, -100, 0, " °C");
    }
  }

  /** The fraction as sold, or the least that its label lets one expect; null where nothing does. */
  public Double expectedMassFraction() {
    return massFraction != null ? massFraction : StockedGrade.weakestOf(this);
  }
}
