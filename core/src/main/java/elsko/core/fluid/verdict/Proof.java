package elsko.core.fluid.verdict;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import java.util.ArrayList;
import java.util.List;

/**
 * The verdict for one low point: trust first, then strength kept, protection by policy, ceiling,
 * remedy.
 */
public final class Proof {
  /** The jug must reach this part of the product's fraction. */
  public static final double JUG_REACHES = 0.95;

  /** On a label scale the jug may stand this far off its label, beside the accuracy, K. */
  public static final double LABEL_TOLERANCE_K = 2;

  /** A sample may not read stronger than this part of the jug. */
  public static final double SAMPLE_AT_MOST = 1.05;

  /** Below this part of the jug's strength water was left somewhere. */
  public static final double STRENGTH_KEPT = 0.90;

  private static final double ROUNDING = 1e-9;

  private final ProofQuestion question;
  private final Need need;
  private final GlycolCurve curve;
  private final boolean tellsStrength;
  private final List<Reason> reasons = new ArrayList<>(4);

  /** The weakest fraction that withstands the temperature. */
  private Double coldEnough;

  private Double neededMassFraction;
  private Double strengthKept;
  private double jugReading;
  private double sampleReading;
  private Double jug;
  private Double sample;
  private Double jugWorst;
  private Double worst;

  private Proof(ProofQuestion question) {
    this.question = question;
    this.need = question.need().on(question.product());
    this.curve = GlycolCurve.of(question.product().base());
    this.tellsStrength = question.instrument().tellsStrengthOf(question.product().base());
  }

  /** Judges one low point. Never fails on a question that could be built. */
  public static Verdict judge(ProofQuestion question) {
    return new Proof(question).judge();
  }

  private Verdict judge() {
    coldEnough = fractionForNeed();
    neededMassFraction =
        coldEnough == null ? null : (Double) Math.max(coldEnough, Policy.LEAST_MASS_FRACTION);
    if (instrumentsNotTrusted()) {
      return verdict(Outcome.RETAKE, null);
    }
    measure();
    if (jug == null || sample == null) {
      reasons.add(Reason.OUTSIDE_THE_CURVE);
      return verdict(Outcome.RETAKE, null);
    }
    if (jugOrBottleNotTrusted()) {
      return verdict(Outcome.RETAKE, null);
    }
    if (need.policy() != question.need().policy()) {
      reasons.add(Reason.LABEL_RATES_FREEZE);
    }
    if (!tellsStrength) {
      reasons.add(Reason.COMPARISON_ONLY);
      if (need.policy() != Policy.LABEL || question.product().expectedMassFraction() == null) {
        reasons.add(Reason.NEEDS_RIGHT_SCALE);
        return verdict(Outcome.RETAKE, null);
      }
    }
    if (tellsStrength && jugWorst == null && mayPass(jug, true)) {
      reasons.add(Reason.OUTSIDE_THE_CURVE);
      return verdict(Outcome.RETAKE, null);
    }
    if (!undilutedPasses()) {
      reasons.add(Reason.PRODUCT_CANNOT_PASS);
      return verdict(Outcome.CHANGE_PRODUCT, null);
    }
    return judgeSample();
  }

  private Verdict judgeSample() {
    boolean keptEnough = strengthKept >= STRENGTH_KEPT - ROUNDING;
    boolean known = !tellsStrength || worst != null;
    if (!known && mayPass(sample, keptEnough)) {
      reasons.add(Reason.OUTSIDE_THE_CURVE);
      return verdict(Outcome.RETAKE, null);
    }
    boolean withstands =
        known && (need.policy() == Policy.LABEL ? keptEnough : passes(sampleReading, coldEnough));
    boolean strongEnough = known && weakEnd() >= Policy.LEAST_MASS_FRACTION - ROUNDING;
    reasons.add(protectionReason(known, withstands, strongEnough));
    boolean protects = withstands && strongEnough;
    reasons.add(keptEnough ? Reason.STRENGTH_KEPT : Reason.STRENGTH_LOST);
    if (protects) {
      return verdict(keptEnough ? Outcome.PROVEN : Outcome.PROVEN_WITH_REMARK, null);
    }
    return verdict(Outcome.HELD, remedy());
  }

  private Reason protectionReason(boolean known, boolean withstands, boolean strongEnough) {
    if (!known) {
      return Reason.OUTSIDE_THE_CURVE;
    }
    if (withstands && !strongEnough) {
      return Reason.TOO_WEAK_FOR_ANY_NEED;
    }
    if (need.policy() == Policy.LABEL) {
      return Reason.RESTS_ON_LABEL;
    }
    return withstands ? Reason.WITHSTANDS_NEED : Reason.SHORT_OF_NEED;
  }

  /** Whether a strength would do if it were exactly so. */
  private boolean mayPass(double massFraction, boolean keptEnough) {
    if (need.policy() == Policy.LABEL) {
      return keptEnough && massFraction >= Policy.LEAST_MASS_FRACTION;
    }
    return neededMassFraction != null && massFraction >= neededMassFraction;
  }

  /** The least glycol the sample may hold: as measured, or as its label lets one expect. */
  private double weakEnd() {
    if (tellsStrength) {
      return worst;
    }
    Instrument instrument = question.instrument();
    double weakest = Math.abs(instrument.atWorst(sampleReading)) / jug;
    return Math.min(1, weakest) * question.product().expectedMassFraction();
  }

  private boolean instrumentsNotTrusted() {
    Instrument instrument = question.instrument();
    Instrument atJug = question.jugInstrument();
    if (!instrument.zeroCheckIsFresh() || !atJug.zeroCheckIsFresh()) {
      reasons.add(Reason.ZERO_CHECK_TOO_OLD);
    }
    if (!instrument.zeroIsTrue() || !atJug.zeroIsTrue()) {
      reasons.add(Reason.ZERO_OFF);
    }
    if (!instrument.compensatesAt(question.sampleTemperatureC())) {
      reasons.add(Reason.SAMPLE_OUT_OF_COMPENSATION);
    }
    if (!instrument.readsAs(atJug)) {
      reasons.add(Reason.JUG_READ_OTHERWISE);
    }
    return !reasons.isEmpty();
  }

  private void measure() {
    Instrument instrument = question.instrument();
    Base base = question.product().base();
    jugReading = question.jugInstrument().corrected(question.jugReading());
    sampleReading = instrument.corrected(question.sampleReading());
    if (tellsStrength) {
      jug = question.jugInstrument().strength(base, jugReading);
      sample = instrument.strength(base, sampleReading);
      jugWorst = instrument.strength(base, instrument.atWorst(jugReading));
      worst = instrument.strength(base, instrument.atWorst(sampleReading));
    } else {
      jug = Math.abs(jugReading);
      sample = Math.abs(sampleReading);
    }
  }

  private boolean jugOrBottleNotTrusted() {
    if (lotIsSuspect()) {
      reasons.add(Reason.LOT_SUSPECT);
      return true;
    }
    if (sample > SAMPLE_AT_MOST * jug + ROUNDING) {
      reasons.add(Reason.WRONG_BOTTLE_OR_JUG);
      return true;
    }
    strengthKept = sample / jug;
    return false;
  }

  private boolean lotIsSuspect() {
    if (jug <= 0) {
      return true;
    }
    Product product = question.product();
    Instrument instrument = question.instrument();
    Double sold =
        need.policy() == Policy.LABEL ? product.expectedMassFraction() : product.massFraction();
    if (tellsStrength && sold != null) {
      return jug < JUG_REACHES * sold - ROUNDING;
    }
    if (instrument.scale() == Scale.LABEL && product.labelRatingC() != null) {
      return Math.abs(jugReading - product.labelRatingC())
          > instrument.accuracy() + LABEL_TOLERANCE_K + ROUNDING;
    }
    reasons.add(Reason.LOT_NOT_CHECKED);
    return false;
  }

  /** The ceiling: the jug, judged as strictly as a sample would be. */
  private boolean undilutedPasses() {
    if (need.policy() == Policy.LABEL) {
      Double rating = question.product().labelRatingC();
      if (rating == null) {
        reasons.add(Reason.NO_LABEL_RATING);
        return false;
      }
      if (question.product().labelRates() == null) {
        reasons.add(Reason.LABEL_MEANING_UNKNOWN);
        return false;
      }
      Double holds = tellsStrength ? jugWorst : question.product().expectedMassFraction();
      if (holds == null || holds < Policy.LEAST_MASS_FRACTION - ROUNDING) {
        reasons.add(Reason.TOO_WEAK_FOR_ANY_NEED);
        return false;
      }
      return rating <= need.temperatureC() + ROUNDING;
    }
    if (neededMassFraction == null) {
      reasons.add(
          need.policy() == Policy.BURST
              ? Reason.NEED_BELOW_BURST_FLOOR
              : Reason.NEED_BELOW_ANY_MIXTURE);
      return false;
    }
    return passes(jugReading, neededMassFraction);
  }

  /**
   * Whether a corrected reading, moved by the accuracy toward weak, meets the need. Stronger
   * mixtures read colder, so readings are compared with what the weakest mixture that is good
   * enough would read.
   */
  private boolean passes(double reading, double fraction) {
    Instrument instrument = question.instrument();
    double weakest = instrument.atWorst(reading);
    if (instrument.calibration() != null) {
      Double strength = instrument.strength(question.product().base(), weakest);
      return strength != null && strength >= fraction - ROUNDING;
    }
    double enough = curve.freezePointC(fraction);
    return weakest
        <= (need.policy() == Policy.FREEZE ? Math.min(enough, need.temperatureC()) : enough)
            + ROUNDING;
  }

  /** The weakest fraction the policy accepts, or null when no mixture can or the label decides. */
  private Double fractionForNeed() {
    double temperatureC = need.temperatureC();
    return switch (need.policy()) {
      case FREEZE ->
          temperatureC < curve.lowestFreezePointC()
              ? null
              : (Double) curve.massFractionFreezingAt("designLowC", temperatureC);
      case BURST ->
          temperatureC < GlycolCurve.BURST_FLOOR_C
              ? null
              : (Double) curve.massFractionBurstingAt(temperatureC);
      case LABEL -> null;
    };
  }

  private Remedy remedy() {
    SampledSegment segment = question.segment();
    if (segment == null) {
      return null;
    }
    double liters = segment.liters();
    double target = remedyTarget();
    if (!segment.gated() && target < jug) {
      double through = liters * Math.log((jug - sample) / (jug - target));
      double fromTank = through / segment.flowShare();
      if (fromTank <= question.tankLiters()) {
        return new Remedy(RemedyKind.MORE_THROUGH, through, fromTank);
      }
    }
    return new Remedy(RemedyKind.DRAIN_AND_REFILL, liters, liters);
  }

  /** What must be reached so that the next sample passes even when read toward weak. */
  private double remedyTarget() {
    double wanted = STRENGTH_KEPT * jug;
    if (!tellsStrength) {
      return wanted;
    }
    wanted =
        Math.max(
            wanted, neededMassFraction == null ? Policy.LEAST_MASS_FRACTION : neededMassFraction);
    return question.instrument().strengthToRead(question.product().base(), wanted);
  }

  private Verdict verdict(Outcome outcome, Remedy remedy) {
    if (need.policy() == Policy.LABEL && tellsStrength && strengthKept != null) {
      neededMassFraction = Math.max(STRENGTH_KEPT * jug, Policy.LEAST_MASS_FRACTION);
    }
    return new Verdict(
        outcome,
        need,
        strengthKept,
        worst,
        worst == null ? null : (Double) curve.freezePointC(worst),
        worst == null ? null : (Double) curve.burstPointC(worst),
        worst != null && curve.burstIsFloor(worst),
        neededMassFraction,
        List.copyOf(reasons),
        remedy);
  }
}
