package elsko.core.procedure;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.fluid.ProofQuestion;
import elsko.core.ledger.Method;
import java.util.ArrayList;
import java.util.List;

/** Antifreeze drawn through by the engine's own pump, out of a tank. */
final class Draw implements Contributor {
  static final String KEY = "draw";
  static final String HOSES_BACK = "hoses-back";

  @Override
  public List<Step> steps(CardRequest request) {
    if (request.method() != Method.DRAW) {
      return List.of();
    }
    List<Step> steps = new ArrayList<>();
    List<Ask> clamps =
        request.circuit().hoses().stream()
            .map(
                hose ->
                    (Ask)
                        new Ask.Set(
                            request.boat().fitting(hose).name() + " clamped",
                            hose,
                            FittingState.CLAMPED))
            .toList();
    steps.add(
        Step.called(HOSES_BACK, "Clamp the hoses again")
            .how("Both hoses back on, clamped, pulled once by hand.")
            .why("Before the pump a loose hose lets air in, and the pump runs dry.")
            .asks(clamps)
            .after(Drain.KEY)
            .minutes(4)
            .written());
    steps.add(
        Step.called(KEY, "Draw it through from the tank")
            .how(
                "Begin within 15 minutes of stopping, while the thermostat is open. Tank on the muffs."
                    + " Watch the tank and the clear hose; stop at the first air bubble, with the color"
                    + " steady at the exhaust.")
            .why(
                "It reaches elbow and exhaust. Cold fluid can close the thermostat, so both block sides"
                    + " must be sampled; pouring is the surer method for this engine.")
            .tools(List.of("tank kit", "flush muffs", "clear hose"))
            .hurts(
                "Petrol vapor: sniff and run the blower before the start.",
                "Exhaust gas kills: no engine run in a closed shed without extraction.",
                "Nobody near the propeller; hands and sleeves out of the bay while it runs.",
                "Catch what comes out at the exhaust.")
            .asks(asks(request, ProofQuestion.TANK_LITERS))
            .after(PlugsBack.KEY, HOSES_BACK)
            .minutes(12)
            .people(2)
            .written());
    return steps;
  }

  static List<Ask> asks(CardRequest request, double liters) {
    String feed = request.only(FittingKind.FEED);
    return List.of(
        new Ask.Set("battery ON", request.only(FittingKind.BATTERY_SWITCH), FittingState.ON),
        new Ask.Set("tank on the feed", feed, FittingState.TANK),
        new Ask.Engine("start", true),
        new Ask.Fill(
            "drawn from the tank",
            request.circuit().key(),
            null,
            liters,
            "stop at the first air bubble"),
        new Ask.Engine("stop", false),
        new Ask.Set("tank off the feed", feed, FittingState.NONE));
  }
}
