package elsko.core.procedure.commission;

import elsko.core.boat.path.CircuitKind;
import elsko.core.fluid.mix.Disinfection;
import elsko.core.limits.Conditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** Domestic water after a winter: chlorine in, left to stand, rinsed out. */
final class DisinfectWater {
  static final String KEY = "disinfect";
  static final String RINSE = "rinse";
  private static final int HOUR = 60;

  /** Longer, and it eats at seals; our estimate. */
  private static final int MOST_HOURS = 24;

  private DisinfectWater() {}

  /**
   * Both steps for domestic water, none for other circuits.
   *
   * @param rinsedOut key of the step that takes the antifreeze out
   */
  static List<Step> steps(OnCircuit on, String rinsedOut) {
    if (on.circuit().kind() != CircuitKind.DOMESTIC_WATER) {
      return List.of();
    }
    Ask dose =
        new Ask.Disinfect(
            "disinfectant",
            on.circuit().key(),
            on.boat().description().domesticTankLiters(),
            Disinfection.USUAL_MG_PER_LITER,
            Disinfection.WARN_ABOVE_MG_PER_LITER);
    Step disinfect =
        on.step(KEY, "Disinfect")
            .how(
                "Tank full. Product in, then every faucet, hot and cold, until it smells of chlorine. Let it stand"
                    + " %d h.".formatted(Disinfection.CONTACT_HOURS))
            .why("What grew in a tank over the winter is drunk in spring.")
            .tools(List.of("measuring cup", "gloves"))
            .hazards(
                "Chlorine: gloves, goggles, hatch open. Never with acid or descaler about: poison gas.",
                "Local health rules come first. Nobody drinks from it before it is rinsed.")
            .asks(List.of(dose))
            .after(rinsedOut)
            .minutes(15)
            .soak(
                Disinfection.CONTACT_HOURS * HOUR,
                MOST_HOURS * HOUR,
                "Stood long enough: drain and rinse.",
                "Stood longer than a day: drain and rinse now.")
            .written();
    Step rinse =
        on.step(RINSE, "Drain and rinse")
            .how("Drain it, fill, every faucet. Again until nothing smells.")
            .why("What is left burns the mouth and eats seals.")
            .hazards("Pour it away where local rules allow it.")
            .asks(List.of(Ask.See.of(null, Conditions.TAP_WATER)))
            .after(disinfect.key())
            .minutes(15)
            .written();
    return List.of(disinfect, rinse);
  }
}
