package elsko.server.bench.calculator;

import elsko.core.Refused;
import elsko.core.fill.Prediction;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Mixture;
import elsko.core.fluid.verdict.Proof;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Calculators: they store nothing, so that others can use and check them. */
@RestController
@RequestMapping("/api/bench")
class CalculatorController {
  private static final int CURVE_STEPS = 120;

  /** What a mixture withstands, from its mass or volume fraction. */
  @PostMapping("/protection")
  Mixture protection(@RequestBody FractionIn in) {
    GlycolCurve curve = curve(in.base());
    oneOf("massFraction", in.massFraction(), "volumeFraction", in.volumeFraction());
    return in.massFraction() != null
        ? curve.atMassFraction(in.massFraction())
        : curve.atVolumeFraction(in.volumeFraction());
  }

  /** The strength a freeze or burst point needs. */
  @PostMapping("/strength")
  Strength strength(@RequestBody TargetIn in) {
    GlycolCurve curve = curve(in.base());
    oneOf("freezePointC", in.freezePointC(), "burstPointC", in.burstPointC());
    Mixture mixture =
        in.freezePointC() != null
            ? curve.withFreezePoint(in.freezePointC())
            : curve.withBurstPoint(in.burstPointC());
    return new Strength(mixture.massFraction(), mixture.volumeFraction());
  }

  /** The verdict on one low point. */
  @PostMapping("/verdict")
  VerdictView verdict(@RequestBody VerdictRequest in) {
    return VerdictView.of(Proof.judge(in.question()));
  }

  /** What a fill is predicted to leave in each segment. */
  @PostMapping("/fill")
  Prediction fill(@RequestBody FillRequest in) {
    return Prediction.of(in.question());
  }

  /** The freeze and burst curves of one glycol, to be drawn. */
  @GetMapping("/curve")
  List<Mixture> points(@RequestParam Base base) {
    GlycolCurve curve = curve(base);
    return IntStream.rangeClosed(0, CURVE_STEPS)
        .mapToObj(i -> curve.atMassFraction(GlycolCurve.MAX_MASS_FRACTION * i / CURVE_STEPS))
        .toList();
  }

  private static GlycolCurve curve(Base base) {
    if (base == null) {
      throw Refused.value("base", "Say which glycol it is: PG or EG.");
    }
    return GlycolCurve.of(base);
  }

  private static void oneOf(String first, Double a, String second, Double b) {
    if ((a == null) == (b == null)) {
      throw Refused.value(first, "Give either %s or %s, not both.".formatted(first, second));
    }
  }

  record FractionIn(Base base, Double massFraction, Double volumeFraction) {}

  record TargetIn(Base base, Double freezePointC, Double burstPointC) {}

  record Strength(double massFraction, double volumeFraction) {}
}
