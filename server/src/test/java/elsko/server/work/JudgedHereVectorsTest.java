package elsko.server.work;

import elsko.core.Refused;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.Position;
import elsko.core.fluid.mix.Disinfection;
import elsko.core.gauge.GaugeLimits;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.server.RunningElsko;
import elsko.server.SharedVectors;
import elsko.server.work.view.AskView.LimitView;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a device says of a number before it has gone up, held against what core says of it. */
@ExtendWith(RunningElsko.class)
class JudgedHereVectorsTest {
  private record Reading(
      LimitView limits,
      String unit,
      double value,
      @Nullable Double against,
      String call,
      String words) {}

  private record Dose(
      double tankLiters,
      double percent,
      double mgPerLiter,
      double milliliters,
      double twiceGives) {}

  @Test
  void readings() throws IOException {
    List<Reading> vectors = new ArrayList<>();
    List<Limit> limits = new ArrayList<>(Limits.all());
    EngineDescription diesel =
        EngineDescription.usual(Position.CENTER, Fuel.DIESEL, 4, Cooling.RAW_WATER);
    limits.add(GaugeLimits.of(diesel, List.of()).limit(diesel));
    limits.add(GaugeLimits.of(diesel, List.of(51.0, 52.0, 53.0)).limit(diesel));
    for (Limit limit : limits) {
      if (limit.isOnlyNoted()) {
        continue;
      }
      Double held =
          limit.against() == null
              ? null
              : Math.rint(
                  (limit.against().possible().low() + limit.against().possible().high()) / 2);
      Limit.Range good = limit.good(held);
      Limit.Range possible = limit.possible();
      double step = (possible.high() - possible.low()) / 1000;
      for (double value :
          new double[] {
            possible.low(),
            good.low() - step,
            good.low(),
            (good.low() + good.high()) / 2,
            good.high(),
            good.high() + step,
            limit.stop() == null ? good.high() : limit.stop().from(),
            possible.high()
          }) {
        Judgement judged = judged(limit, value, held);
        if (judged != null) {
          vectors.add(
              new Reading(
                  LimitView.of(limit),
                  limit.unit(),
                  value,
                  held,
                  judged.call().name(),
                  judged.words().toString()));
        }
      }
    }
    SharedVectors.areKept("readings", vectors);
  }

  private static @Nullable Judgement judged(Limit limit, double value, @Nullable Double held) {
    try {
      return limit.judge(value, held);
    } catch (Refused impossible) {
      return null;
    }
  }

  @Test
  void doses() throws IOException {
    List<Dose> vectors = new ArrayList<>();
    for (double tank : new double[] {1, 60, 120.5, 900}) {
      for (double percent : new double[] {0.5, 4.5, 12.5}) {
        for (double wanted : new double[] {25, Disinfection.USUAL_MG_PER_LITER, 100}) {
          double milliliters = Disinfection.of(tank, wanted, percent).milliliters();
          double twice = Disinfection.poured(tank, percent, 2 * milliliters).mgPerLiter();
          vectors.add(new Dose(tank, percent, wanted, milliliters, twice));
        }
      }
    }
    SharedVectors.areKept("doses", vectors);
  }
}
