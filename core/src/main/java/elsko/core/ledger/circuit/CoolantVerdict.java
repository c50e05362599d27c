package elsko.core.ledger.circuit;

import elsko.core.Judged;
import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.ledger.fact.Fact;

/**
 * What a reading of the coolant side means. The coolant is a block's only frost protection and has
 * to stay liquid, so it is judged by its freeze point, taken at the weak end of the instrument's
 * accuracy.
 *
 * @param outcome PROVEN, HELD or RETAKE
 * @param freezePointC of the weak end; null when RETAKE
 */
public record CoolantVerdict(Outcome outcome, Double freezePointC, Text words) {
  public boolean good() {
    return outcome == Outcome.PROVEN;
  }

  /** The verdict on one reading. */
  public static CoolantVerdict of(Need need, Fact.CoolantRead read) {
    Instrument instrument = read.with().instrument();
    if (!instrument.zeroCheckIsFresh()) {
      return retake(
          "The instrument had no zero check in the 24 h before it. Check it on clean water, then read again.");
    }
    if (!instrument.zeroIsTrue()) {
      return retake(
          "Clean water did not read zero within 1 unit. Set the instrument, then read again.");
    }
    if (read.temperatureC() != null && !instrument.compensatesAt(read.temperatureC())) {
      return retake(
          Text.of(
              "Read at %s; the instrument is right from %s to %s. Let it come into that range, then read again.",
              Quantity.celsius(read.temperatureC()),
              Quantity.celsius(instrument.compensatesFromC()),
              Quantity.celsius(instrument.compensatesToC())));
    }
    Double weakest = instrument.weakestMassFraction(Base.EG, read.reading());
    if (weakest == null) {
      return retake(
          "The reading, or its weak end, lies outside what this instrument knows. Read it with another.");
    }
    double freezes = GlycolCurve.of(Base.EG).freezePointC(weakest);
    return freezes <= need.temperatureC()
        ? new CoolantVerdict(
            Outcome.PROVEN,
            freezes,
            Text.of("Good: freezes at %s or below.", Quantity.celsius(freezes)))
        : new CoolantVerdict(
            Outcome.HELD,
            freezes,
            Text.of(
                "Freezes at %s, needed %s: strengthen it, run it warm, read it again cold.",
                Judged.atMost(need.temperatureC(), freezes).value(Measure.TEMPERATURE),
                Judged.atMost(need.temperatureC(), freezes).limit(Measure.TEMPERATURE)));
  }

  /** Of a reading made after it was changed or topped up, with no warm run since. */
  static CoolantVerdict unmixed() {
    return retake(
        "Read before a warm run had mixed what went in: run it warm, let it cool, read it again.");
  }

  /** Of a reading made before the boat was last in service. */
  static CoolantVerdict ofAnotherSeason() {
    return retake("Read before this lay-up began: read it again, cold.");
  }

  /** Of a reading made a year ago or longer. */
  static CoolantVerdict tooOld() {
    return retake("Read 12 months ago or longer: read it again, cold.");
  }

  private static CoolantVerdict retake(String words) {
    return retake(Text.of(words));
  }

  private static CoolantVerdict retake(Text words) {
    return new CoolantVerdict(Outcome.RETAKE, null, words);
  }
}
