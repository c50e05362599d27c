package elsko.core.fluid;

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
  private Double neededMassFraction;
  private Double strengthKept;
  private double jug;
  private double sample;
  private Double worst;

  private Proof(ProofQuestion question) {
    this.question = question;
    this.need = question.need();
    this.curve = GlycolCurve.of(question.product().base());
    this.tellsStrength = question.instrument().tellsStrengthOf(question.product().base());
  }

  /** Judges one low point. Never fails on a question that could be built. */
  public static Verdict judge(ProofQuestion question) {
    return new Proof(question).judge();
  }

  private Verdict judge() {
    neededMassFraction = fractionForNeed();
    if (instrumentNotTrusted()) {
      return verdict(Outcome.RETAKE, null);
    }
    measure();
    if (jugOrBottleNotTrusted()) {
      return verdict(Outcome.RETAKE, null);
    }
    if (!tellsStrength) {
      reasons.add(Reason.COMPARISON_ONLY);
      if (need.policy() != Policy.LABEL) {
        reasons.add(Reason.NEEDS_RIGHT_SCALE);
        return verdict(Outcome.RETAKE, null);
      }
    }
    if (!undilutedPasses()) {
      reasons.add(Reason.PRODUCT_CANNOT_PASS);
      return verdict(Outcome.CHANGE_PRODUCT, null);
    }
    boolean keptEnough = strengthKept >= STRENGTH_KEPT - ROUNDING;
    boolean protects =
        need.policy() == Policy.LABEL ? keptEnough : passes(question.sampleReading());
    if (need.policy() == Policy.LABEL) {
      reasons.add(Reason.RESTS_ON_LABEL);
    } else {
      reasons.add(protects ? Reason.WITHSTANDS_NEED : Reason.SHORT_OF_NEED);
    }
    reasons.add(keptEnough ? Reason.STRENGTH_KEPT : Reason.STRENGTH_LOST);
    if (protects) {
      return verdict(keptEnough ? Outcome.PROVEN : Outcome.PROVEN_WITH_REMARK, null);
    }
    return verdict(Outcome.HELD, remedy());
  }

  private boolean instrumentNotTrusted() {
    Instrument instrument = question.instrument();
    if (!instrument.zeroCheckIsFresh()) {
      reasons.add(Reason.ZERO_CHECK_TOO_OLD);
    }
    if (!instrument.zeroIsTrue()) {
      reasons.add(Reason.ZERO_OFF);
    }
    if (!instrument.compensatesAt(question.sampleTemperatureC())) {
      reasons.add(Reason.SAMPLE_OUT_OF_COMPENSATION);
    }
    return !reasons.isEmpty();
  }

  private void measure() {
    Instrument instrument = question.instrument();
    Base base = question.product().base();
    if (tellsStrength) {
      jug = instrument.strength("jugReading", base, question.jugReading());
      sample = instrument.strength("sampleReading", base, question.sampleReading());
      worst =
          instrument.strength("sampleReading", base, instrument.atWorst(question.sampleReading()));
    } else {
      jug = Math.abs(question.jugReading());
      sample = Math.abs(question.sampleReading());
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
    if (tellsStrength && product.massFraction() != null) {
      return jug < JUG_REACHES * product.massFraction() - ROUNDING;
    }
    if (instrument.scale() == Scale.LABEL && product.labelRatingC() != null) {
      return Math.abs(question.jugReading() - product.labelRatingC())
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
      return rating <= need.temperatureC() + ROUNDING;
    }
    if (neededMassFraction == null) {
      reasons.add(
          need.policy() == Policy.BURST
              ? Reason.NEED_BELOW_BURST_FLOOR
              : Reason.NEED_BELOW_ANY_MIXTURE);
      return false;
    }
    return passes(question.jugReading());
  }

  /**
   * Whether a reading, moved by the accuracy toward weak, still meets the need. Stronger mixtures
   * read colder, so readings are compared with what the weakest mixture that is good enough would
   * read.
   */
  private boolean passes(double reading) {
    Instrument instrument = question.instrument();
    double weakest = instrument.atWorst(reading);
    if (instrument.calibration() != null) {
      return instrument.strength("sampleReading", question.product().base(), weakest)
          >= neededMassFraction - ROUNDING;
    }
    double enough =
        need.policy() == Policy.FREEZE
            ? need.temperatureC()
            : curve.freezePointC(neededMassFraction);
    return weakest <= enough + ROUNDING;
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
    if (neededMassFraction != null) {
      wanted = Math.max(wanted, neededMassFraction);
    }
    return question.instrument().strengthToRead(question.product().base(), wanted);
  }

  private Verdict verdict(Outcome outcome, Remedy remedy) {
    if (need.policy() == Policy.LABEL && tellsStrength && strengthKept != null) {
      neededMassFraction = STRENGTH_KEPT * jug;
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
