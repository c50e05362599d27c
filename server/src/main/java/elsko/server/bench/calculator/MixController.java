package elsko.server.bench.calculator;

import static elsko.server.bench.calculator.VerdictRequest.number;

import elsko.core.Refused;
import elsko.core.fluid.Base;
import elsko.core.fluid.Blend;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Mixture;
import elsko.core.fluid.mix.Disinfection;
import elsko.core.fluid.mix.RatioMix;
import elsko.core.fluid.mix.Topping;
import elsko.server.yard.Yards;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to mix. Calculators: they store nothing. */
@RestController
@RequestMapping("/api/bench")
class MixController {
  private final Yards yards;

  MixController(Yards yards) {
    this.yards = yards;
  }

  /** Concentrate and water for a total at a strength, or at a freeze point. */
  @PostMapping("/blend")
  Blend blend(@RequestBody BlendIn in) {
    Base base = base(in.base());
    if ((in.targetFreezePointC() == null) == (in.targetMassFraction() == null)) {
      throw Refused.value(
          "targetFreezePointC", "Give either targetFreezePointC or targetMassFraction, not both.");
    }
    double target =
        in.targetMassFraction() != null
            ? in.targetMassFraction()
            : freezing(base, in.targetFreezePointC());
    return Blend.of(
        base,
        number("concentrateMassFraction", in.concentrateMassFraction()),
        target,
        number("totalLiters", in.totalLiters()));
  }

  private static double freezing(Base base, double freezePointC) {
    try {
      return GlycolCurve.of(base).withFreezePoint(freezePointC).massFraction();
    } catch (Refused refused) {
      throw Refused.value("targetFreezePointC", refused.reason());
    }
  }

  /** What a mixture that is there already needs to reach another strength. */
  @PostMapping("/topping")
  ToppingView topping(@RequestBody ToppingIn in) {
    Base base = base(in.base());
    Topping topping =
        Topping.of(
            base,
            number("liters", in.liters()),
            number("presentMassFraction", in.presentMassFraction()),
            number("targetMassFraction", in.targetMassFraction()),
            number("concentrateMassFraction", in.concentrateMassFraction()));
    boolean known = in.targetMassFraction() <= GlycolCurve.MAX_MASS_FRACTION;
    return new ToppingView(
        topping.addLiters(),
        topping.replaceLiters(),
        known ? GlycolCurve.of(base).atMassFraction(in.targetMassFraction()) : null);
  }

  /** Descaler by parts, in whole containers of the yard's sizes unless others are given. */
  @PostMapping("/ratio")
  RatioMix ratio(@RequestBody RatioIn in) {
    return RatioMix.of(
        number("waterParts", in.waterParts()),
        number("concentrateParts", in.concentrateParts()),
        number("circuitLiters", in.circuitLiters()),
        in.containerLiters() == null ? yards.view().containerLiters() : in.containerLiters());
  }

  /** How much of a chlorine product disinfects a tank of domestic water. */
  @PostMapping("/disinfection")
  Disinfection disinfection(@RequestBody DisinfectionIn in) {
    return Disinfection.of(
        number("tankLiters", in.tankLiters()),
        in.mgPerLiter() == null ? Disinfection.USUAL_MG_PER_LITER : in.mgPerLiter(),
        number("chlorinePercent", in.chlorinePercent()));
  }

  private static Base base(Base base) {
    if (base == null) {
      throw Refused.value("base", "Say which glycol it is: PG or EG.");
    }
    return base;
  }

  record BlendIn(
      Base base,
      Double concentrateMassFraction,
      Double targetFreezePointC,
      Double targetMassFraction,
      Double totalLiters) {}

  record ToppingIn(
      Base base,
      Double liters,
      Double presentMassFraction,
      Double targetMassFraction,
      Double concentrateMassFraction) {}

  /** Added where there is room, replaced where there is none; and what the mixture withstands. */
  record ToppingView(double addLiters, double replaceLiters, @Nullable Mixture mixture) {}

  record DisinfectionIn(Double tankLiters, Double mgPerLiter, Double chlorinePercent) {}

  record RatioIn(
      Double waterParts,
      Double concentrateParts,
      Double circuitLiters,
      List<Double> containerLiters) {}
}
