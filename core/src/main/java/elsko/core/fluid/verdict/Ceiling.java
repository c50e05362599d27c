package elsko.core.fluid.verdict;

import elsko.core.Judged;
import elsko.core.Measure;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Mixture;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;

/**
 * Whether a product can do at all, undiluted, what the yard needs: said before anything is poured.
 *
 * @param outcome CHANGE_PRODUCT when it cannot; null when it can, or when its strength is not known
 * @param words what it rests on
 */
public record Ceiling(Outcome outcome, Text words) {

  public static Ceiling of(Product product, Need yards) {
    Need need = yards.on(product);
    if (need.policy() == Policy.LABEL && product.labelRatingC() == null) {
      return new Ceiling(
          Outcome.CHANGE_PRODUCT,
          Text.of("It has no label rating for the label policy to rest on."));
    }
    if (need.policy() == Policy.LABEL && product.labelRates() == null) {
      return new Ceiling(
          Outcome.CHANGE_PRODUCT,
          Text.of(
              "Nobody said whether its label states burst or freeze protection: the label policy cannot rest on it."));
    }
    Double expected = product.expectedMassFraction();
    if (expected != null && expected < Policy.LEAST_MASS_FRACTION) {
      return cannot(
          Text.of("%s glycol", Words.percent(expected)),
          Text.of("%s at the least", Words.percent(Policy.LEAST_MASS_FRACTION)));
    }
    if (need.policy() == Policy.LABEL) {
      Judged rated = Judged.atMost(need.temperatureC(), product.labelRatingC());
      Text says = Text.of("label rating %s", rated.value(Measure.TEMPERATURE));
      return rated.value() <= rated.limit()
          ? new Ceiling(null, Text.of("%s.", says.sentence()))
          : cannot(says, needed(rated));
    }
    if (product.massFraction() == null) {
      return new Ceiling(
          null, Text.of("Its strength is not known: only the jug's reading will tell."));
    }
    Mixture undiluted =
        GlycolCurve.of(product.base())
            .atMassFraction(Math.min(product.massFraction(), GlycolCurve.MAX_MASS_FRACTION));
    boolean freeze = need.policy() == Policy.FREEZE;
    double reaches = freeze ? undiluted.freezePointC() : undiluted.burstPointC();
    Judged judged = Judged.atMost(need.temperatureC(), reaches);
    Text says =
        Text.of(
            "%s point %s%s",
            freeze ? "freeze" : "burst",
            !freeze && undiluted.burstIsFloor() ? "at or below " : "",
            judged.value(Measure.TEMPERATURE));
    return reaches <= need.temperatureC()
        ? new Ceiling(null, Text.of("Undiluted %s.", says))
        : cannot(says, needed(judged));
  }

  private static Text needed(Judged judged) {
    return Text.of("%s", judged.limit(Measure.TEMPERATURE));
  }

  private static Ceiling cannot(Text says, Text needed) {
    return new Ceiling(
        Outcome.CHANGE_PRODUCT,
        Text.of(
            "Undiluted it has %s; %s is needed. Change the product, or the policy knowingly.",
            says, needed));
  }
}
