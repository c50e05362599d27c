package elsko.core.fluid.verdict;

import elsko.core.Words;
import elsko.core.fluid.Policy;
import java.util.ArrayList;
import java.util.List;

/** A verdict's reasons and remedy in words. Every temperature says freeze or burst. */
final class VerdictWords {
  private VerdictWords() {}

  static List<String> of(Verdict verdict) {
    List<String> sentences = new ArrayList<>();
    for (Reason reason : verdict.reasons()) {
      sentences.add(sentence(reason, verdict));
    }
    if (verdict.remedy() != null) {
      sentences.add(remedy(verdict.remedy()));
    }
    return List.copyOf(sentences);
  }

  private static String sentence(Reason reason, Verdict verdict) {
    String need = Words.celsius(verdict.need().temperatureC());
    return switch (reason) {
      case ZERO_CHECK_TOO_OLD ->
          "The instrument had no zero check in the 24 h before the reading. Check it on clean water, then read again.";
      case ZERO_OFF ->
          "Clean water did not read zero within 1 unit. Set the instrument, then read again.";
      case SAMPLE_OUT_OF_COMPENSATION ->
          "The sample is outside the temperatures the instrument corrects for. Wait until it is in range.";
      case JUG_READ_OTHERWISE ->
          "Jug and sample were read on different scales or curves. Read the jug with the instrument of the sample.";
      case OUTSIDE_THE_CURVE ->
          "The reading, or its weak end, lies outside what this instrument's curve knows. Extend the calibration, or read it with another.";
      case LOT_SUSPECT ->
          "Lot suspect: the jug reads weaker than the product is sold. Read the jug again or open another.";
      case LOT_NOT_CHECKED ->
          "The jug could not be held against the product: its strength or label is not known.";
      case WRONG_BOTTLE_OR_JUG ->
          "The sample reads stronger than the jug: wrong bottle or wrong jug.";
      case COMPARISON_ONLY ->
          "This instrument cannot tell the strength of this glycol: the readings are only compared.";
      case NEEDS_RIGHT_SCALE -> "This policy needs an instrument with the right scale.";
      case NO_LABEL_RATING -> "The product has no label rating to rest on.";
      case LABEL_MEANING_UNKNOWN ->
          "Nobody said whether the label states burst or freeze protection: nothing can rest on it.";
      case LABEL_RATES_FREEZE ->
          "The label states a freeze point, so it is judged by freeze point.";
      case NEED_BELOW_BURST_FLOOR ->
          "No burst point proves a need below −51 °C: below that the table only knows a floor.";
      case NEED_BELOW_ANY_MIXTURE -> "No mixture in the table has a freeze point of " + need + ".";
      case PRODUCT_CANNOT_PASS ->
          "The undiluted product itself cannot pass %s under this policy. Change the product, or the policy knowingly."
              .formatted(need);
      case WITHSTANDS_NEED -> "%s, needed %s.".formatted(Words.sentence(withstands(verdict)), need);
      case SHORT_OF_NEED ->
          "%s is not enough, needed %s.".formatted(Words.sentence(withstands(verdict)), need);
      case TOO_WEAK_FOR_ANY_NEED ->
          "It may hold less than %s glycol: that spoils, and reads too near water, whatever is needed."
              .formatted(Words.percent(Policy.LEAST_MASS_FRACTION));
      case RESTS_ON_LABEL -> "This rests on the maker's label, not on a freeze or burst point.";
      case STRENGTH_KEPT -> "It kept %s of the jug's strength.".formatted(kept(verdict));
      case STRENGTH_LOST ->
          "It kept only %s of the jug's strength: water was left somewhere."
              .formatted(kept(verdict));
    };
  }

  private static String withstands(Verdict verdict) {
    return switch (verdict.need().policy()) {
      case FREEZE -> "freeze point " + Words.celsius(verdict.freezePointC());
      case BURST ->
          "burst point "
              + (verdict.burstIsFloor() ? "at or below " : "")
              + Words.celsius(verdict.burstPointC());
      case LABEL -> "label rating";
    };
  }

  private static String kept(Verdict verdict) {
    return Words.percent(verdict.strengthKept());
  }

  private static String remedy(Remedy remedy) {
    return switch (remedy.kind()) {
      case MORE_THROUGH ->
          "Send %s more through it: %s from the tank."
              .formatted(
                  Words.liters(remedy.litersThroughSegment()),
                  Words.liters(remedy.litersFromTank()));
      case DRAIN_AND_REFILL ->
          "Drain it, rod the hole until it runs, close it and refill %s."
              .formatted(Words.liters(remedy.litersThroughSegment()));
    };
  }
}
