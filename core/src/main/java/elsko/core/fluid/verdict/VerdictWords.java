package elsko.core.fluid.verdict;

import elsko.core.Judged;
import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Policy;
import java.util.ArrayList;
import java.util.List;

/** A verdict's reasons and remedy in words. Every temperature says freeze or burst. */
final class VerdictWords {
  private VerdictWords() {}

  static List<Text> of(Verdict verdict) {
    List<Text> sentences = new ArrayList<>();
    for (Reason reason : verdict.reasons()) {
      sentences.add(sentence(reason, verdict));
    }
    if (verdict.remedy() != null) {
      sentences.add(remedy(verdict.remedy()));
    }
    return List.copyOf(sentences);
  }

  private static Text sentence(Reason reason, Verdict verdict) {
    Quantity need = Quantity.celsius(verdict.need().temperatureC());
    return switch (reason) {
      case ZERO_CHECK_TOO_OLD ->
          Text.of(
              "The instrument had no zero check in the 24 h before the reading. Check it on clean water, then read again.");
      case ZERO_OFF ->
          Text.of(
              "Clean water did not read zero within 1 unit. Set the instrument, then read again.");
      case SAMPLE_OUT_OF_COMPENSATION ->
          Text.of(
              "The sample is outside the temperatures the instrument corrects for. Wait until it is in range.");
      case JUG_READ_OTHERWISE ->
          Text.of(
              "Jug and sample were read on different scales or curves. Read the jug with the instrument of the sample.");
      case OUTSIDE_THE_CURVE ->
          Text.of(
              "The reading, or its weak end, lies outside what this instrument's curve knows. Extend the calibration, or read it with another.");
      case LOT_SUSPECT ->
          Text.of(
              "Lot suspect: the jug reads weaker than the product is sold. Read the jug again or open another.");
      case LOT_NOT_CHECKED ->
          Text.of(
              "The jug could not be held against the product: its strength or label is not known.");
      case WRONG_BOTTLE_OR_JUG ->
          Text.of("The sample reads stronger than the jug: wrong bottle or wrong jug.");
      case COMPARISON_ONLY ->
          Text.of(
              "This instrument cannot tell the strength of this glycol: the readings are only compared.");
      case NEEDS_RIGHT_SCALE -> Text.of("This policy needs an instrument with the right scale.");
      case NO_LABEL_RATING -> Text.of("The product has no label rating to rest on.");
      case LABEL_MEANING_UNKNOWN ->
          Text.of(
              "Nobody said whether the label states burst or freeze protection: nothing can rest on it.");
      case LABEL_RATES_FREEZE ->
          Text.of("The label states a freeze point, so it is judged by freeze point.");
      case NEED_BELOW_BURST_FLOOR ->
          Text.of(
              "No burst point proves a need below %s: below that the table only knows a floor.",
              Quantity.celsius(GlycolCurve.BURST_FLOOR_C));
      case NEED_BELOW_ANY_MIXTURE ->
          Text.of("No mixture in the table has a freeze point of %s.", need);
      case PRODUCT_CANNOT_PASS ->
          Text.of(
              "The undiluted product itself cannot pass %s under this policy. Change the product, or the policy knowingly.",
              need);
      case WITHSTANDS_NEED ->
          Text.of("%s, needed %s.", withstands(verdict).sentence(), needBeside(verdict));
      case SHORT_OF_NEED ->
          Text.of(
              "%s is not enough, needed %s.", withstands(verdict).sentence(), needBeside(verdict));
      case TOO_WEAK_FOR_ANY_NEED ->
          Text.of(
              "It may hold less than %s glycol: that spoils, and reads too near water, whatever is needed.",
              Words.percent(Policy.LEAST_MASS_FRACTION));
      case RESTS_ON_LABEL ->
          Text.of("This rests on the maker's label, not on a freeze or burst point.");
      case STRENGTH_KEPT -> Text.of("It kept %s of the jug's strength.", kept(verdict));
      case STRENGTH_LOST ->
          Text.of(
              "It kept only %s of the jug's strength: water was left somewhere.", kept(verdict));
    };
  }

  private static Text withstands(Verdict verdict) {
    return switch (verdict.need().policy()) {
      case FREEZE -> Text.of("freeze point %s", judged(verdict).value(Measure.TEMPERATURE));
      case BURST ->
          Text.of(
              "burst point %s%s",
              verdict.burstIsFloor() ? "at or below " : "",
              judged(verdict).value(Measure.TEMPERATURE));
      case LABEL -> Text.of("label rating");
    };
  }

  private static Quantity needBeside(Verdict verdict) {
    return judged(verdict).limit(Measure.TEMPERATURE);
  }

  /** It should freeze, or burst, at what is needed or colder. */
  private static Judged judged(Verdict verdict) {
    double at =
        switch (verdict.need().policy()) {
          case FREEZE -> verdict.freezePointC();
          case BURST -> verdict.burstPointC();
          case LABEL -> Double.NaN;
        };
    return Judged.atMost(verdict.need().temperatureC(), at);
  }

  private static String kept(Verdict verdict) {
    return Words.percent(verdict.strengthKept());
  }

  private static Text remedy(Remedy remedy) {
    return switch (remedy.kind()) {
      case MORE_THROUGH ->
          Text.of(
              "Send %s more through it: %s from the tank.",
              Quantity.liters(remedy.litersThroughSegment()),
              Quantity.liters(remedy.litersFromTank()));
      case DRAIN_AND_REFILL ->
          Text.of(
              "Drain it, rod the hole until it runs, close it and refill %s.",
              Quantity.liters(remedy.litersThroughSegment()));
    };
  }
}
