package elsko.server.bench.calculator;

import elsko.core.Refused;
import elsko.core.fluid.Base;
import elsko.core.fluid.Calibration;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.SampledSegment;
import java.util.List;

/**
 * What {@code POST /api/bench/verdict} takes. Only segment, tankLiters and the product's numbers
 * may be left out.
 */
record VerdictRequest(
    Double designLowC,
    Double marginK,
    Policy policy,
    ProductIn product,
    InstrumentIn instrument,
    Double jugReading,
    Double sampleReading,
    Double sampleTemperatureC,
    SegmentIn segment,
    Double tankLiters) {

  ProofQuestion question() {
    if (product == null) {
      throw Refused.value("product", "Say which product it is.");
    }
    if (instrument == null) {
      throw Refused.value("instrument", "Say which instrument it was read with.");
    }
    return new ProofQuestion(
        new Need(number("designLowC", designLowC), number("marginK", marginK), policy),
        product.product(),
        instrument.instrument(),
        number("jugReading", jugReading),
        number("sampleReading", sampleReading),
        number("sampleTemperatureC", sampleTemperatureC),
        segment == null ? null : segment.segment(),
        tankLiters == null ? ProofQuestion.TANK_LITERS : tankLiters);
  }

  static double number(String field, Double value) {
    if (value == null) {
      throw Refused.value(field, "Must be a number; it is missing.");
    }
    return value;
  }

  record ProductIn(Base base, Double massFraction, Double labelRatingC, LabelRates labelRates) {
    Product product() {
      return new Product(base, massFraction, labelRatingC, labelRates);
    }
  }

  record InstrumentIn(
      InstrumentKind kind,
      Scale scale,
      Double accuracy,
      Double compensatesFromC,
      Double compensatesToC,
      Double zeroReading,
      Double hoursSinceZeroCheck,
      List<Calibration.Point> calibration) {
    Instrument instrument() {
      return new Instrument(
          kind,
          scale,
          number("instrument.accuracy", accuracy),
          number("instrument.compensatesFromC", compensatesFromC),
          number("instrument.compensatesToC", compensatesToC),
          number("instrument.zeroReading", zeroReading),
          number("instrument.hoursSinceZeroCheck", hoursSinceZeroCheck),
          calibration == null ? null : new Calibration(calibration));
    }
  }

  record SegmentIn(Double liters, Double flowShare, Boolean gated) {
    SampledSegment segment() {
      return new SampledSegment(
          number("segment.liters", liters),
          number("segment.flowShare", flowShare),
          Boolean.TRUE.equals(gated));
    }
  }
}
