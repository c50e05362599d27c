package elsko.core.procedure;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.ledger.Method;
import java.util.List;

/**
 * One short kick throws the rest of the water out of an engine that is left dry, where the yard
 * allows it.
 */
final class Kick implements Contributor {
  static final String KEY = "kick";
  private static final double SECONDS = 2;

  @Override
  public List<Step> steps(CardRequest request) {
    if (request.method() != Method.DRY || !request.kickAllowed()) {
      return List.of();
    }
    String battery = request.only(FittingKind.BATTERY_SWITCH);
    return List.of(
        Step.called(KEY, "Kick the engine over, two seconds")
            .how(
                "Every drain OUT, hands out of the bay, battery ON, a short turn of the key, battery OFF.")
            .why(
                "Water stands in passages that no drain reaches; a short turn throws it out. Longer, or"
                    + " twice, and the pump's rubber is ruined.")
            .hurts(
                "At most 3 seconds, once.",
                "Petrol vapor: sniff and run the blower before the start.",
                "Nobody near the propeller; hands and sleeves out of the bay.")
            .asks(
                List.of(
                    new Ask.Set("battery ON", battery, FittingState.ON),
                    new Ask.Kick("kicked for two seconds", SECONDS)))
            .after(Drain.KEY, Drain.HOSES)
            .minutes(3)
            .written());
  }
}
