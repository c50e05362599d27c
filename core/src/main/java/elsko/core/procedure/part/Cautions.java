package elsko.core.procedure.part;

import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.Position;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/** What hurts, said where the danger is. Local rules and licensed practice come first. */
public final class Cautions {
  public static final String CATCH =
      "Catch what runs out; do not let it reach the water where rules forbid it.";
  public static final String NO_GLYCOL_OF_THE_OTHER_KIND =
      "Propylene glycol only; ethylene glycol is poison and never goes into raw or drinking water.";
  public static final String HOT =
      "Water is hot for 30 minutes after a run. Keep hands from under the hole.";
  public static final String BATTERY_OFF = "Battery OFF while hands are in the bay.";
  public static final String PLUGS_OUT =
      "Petrol vapor with the plugs out: no ignition until clear.";
  public static final String ACID =
      "Acid: gloves, goggles, rinse water at hand. Water first, then the concentrate, slowly. Never with"
          + " bleach or other cleaners.";
  public static final String FLOODING =
      "Afloat: seacock SHUT before anything under the waterline is opened; one at a time, a plug at"
          + " hand.";

  public static final String STOPPED = "Engine stopped, battery isolated, hands and sleeves out.";
  public static final String COLD = "Hot cap: do not open. Cold only, no pressure.";

  private Cautions() {}

  /** Before an engine is started. */
  public static List<String> start(OnCircuit on) {
    List<String> cautions = new ArrayList<>();
    if (on.boat().engine(on.circuit()).fuel() == Fuel.PETROL) {
      cautions.add("Petrol vapor: sniff and run the blower before the start.");
    }
    cautions.add("Exhaust gas kills: no engine run in a closed shed without extraction.");
    cautions.add(
        on.engine() == Position.GENERATOR
            ? "Hands and sleeves out of the bay while it runs."
            : "Nobody near the propeller or the outlet; hands and sleeves out of the bay while it runs.");
    return cautions;
  }
}
