package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/**
 * One short kick throws the rest of the water out of an engine that is left dry, where the yard
 * allows it.
 */
final class Kick implements Contributor {
  static final String KEY = "kick";
  private static final double SECONDS = 2;

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!on.circuit().isRawWater()
        || on.method() != Method.DRY
        || !on.request().practices().kickAllowed()
        || on.circuit().drains().isEmpty()) {
      return List.of();
    }
    List<Ask> asks = new ArrayList<>();
    for (Circuit other : on.boat().engineCircuits()) {
      Fitting battery = on.boat().fittingOf(other, FittingKind.BATTERY_SWITCH);
      boolean own = other.key().equals(on.circuit().key());
      asks.add(
          new Ask.Set(OnCircuit.words(battery, own ? ON : OFF), battery.key(), own ? ON : OFF));
    }
    for (FittingKind kind : List.of(FittingKind.EXHAUST_COVER)) {
      on.all(kind).forEach(f -> asks.add(new Ask.Set(OnCircuit.words(f, OFF), f.key(), OFF)));
    }
    asks.add(new Ask.Kick("kicked for two seconds", on.engine(), SECONDS));
    return List.of(
        on.step(KEY, "Kick the engine over, two seconds")
            .how(
                "Every drain OUT, hands out of the bay, battery ON, a short turn of the key, battery OFF.")
            .why(
                "Water stands in passages that no drain reaches; a short turn throws it out. Longer, or"
                    + " twice, and the pump's rubber is ruined.")
            .hazards("At most 3 seconds, once.")
            .hazards(Cautions.start(on))
            .asks(asks)
            .after(on.key(StepKey.DRAIN), on.key(StepKey.HOSES), on.key(StepKey.STRAINER))
            .minutes(3)
            .written());
  }
}
