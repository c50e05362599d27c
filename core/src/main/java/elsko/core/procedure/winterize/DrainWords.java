package elsko.core.procedure.winterize;

import elsko.core.boat.path.FittingKind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/** What draining one kind of circuit is called, how it goes, why, and what hurts. */
final class DrainWords {
  private static final String[] COUNT = {
    "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"
  };

  private DrainWords() {}

  static String count(int n) {
    return n < COUNT.length ? COUNT[n] : String.valueOf(n);
  }

  static String title(OnCircuit on) {
    if (on.circuit().centralDrain()) {
      return "Open the central drain";
    }
    if (on.circuit().selfDraining()) {
      return "Stand it upright until it stops dripping";
    }
    int drains = on.circuit().drains().size();
    return switch (on.circuit().kind()) {
      case DOMESTIC_WATER -> "Empty the tank and the heater";
      case LIVE_WELL -> "Drain the well";
      default ->
          WaterSupply.isJet(on)
              ? "Open both flush ports and let it run"
              : drains == 1
                  ? "Open the drain"
                  : "Open the %s drains, lowest first".formatted(count(drains));
    };
  }

  static String how(OnCircuit on) {
    String silt = "If a hole does not run, rod it: silt sits in front of the water.";
    if (on.circuit().centralDrain()) {
      return down(on)
          + "All four low points run to one plug: watch each of its hoses run. One that does not run is"
          + " rodded.";
    }
    if (on.circuit().selfDraining()) {
      return "Drive DOWN, vertical, until nothing drips. Store it so: tilted, half a liter stays in the"
          + " coolers.";
    }
    return switch (on.circuit().kind()) {
      case DOMESTIC_WATER ->
          "Power of the water heater OFF first. Pump the tank empty, set the bypass, open both drains and a"
              + " faucet to let air in. Drains back IN when nothing runs.";
      case AIR_CONDITIONING -> "Its power OFF. " + silt;
      default -> down(on) + silt;
    };
  }

  private static String down(OnCircuit on) {
    return on.has(FittingKind.DRIVE) ? "Drive down. " : "";
  }

  static String why(OnCircuit on) {
    return switch (on.circuit().kind()) {
      case DOMESTIC_WATER ->
          "A full heater or tank cannot be protected; what is empty cannot burst.";
      default ->
          on.circuit().selfDraining()
              ? "Upright it empties by itself and needs nothing filled in."
              : "Whatever stays behind dilutes the antifreeze, or freezes by itself. A hole that does not"
                  + " run is blocked, not empty.";
    };
  }

  public static List<String> hurts(OnCircuit on) {
    List<String> hurts = new ArrayList<>();
    switch (on.circuit().kind()) {
      case DOMESTIC_WATER -> {
        hurts.add("Water heater: power OFF and locked before it is drained; the water is hot.");
        hurts.add("Electricians for anything beyond switches.");
      }
      case RAW_WATER -> {
        hurts.add(Cautions.HOT);
        hurts.add(Cautions.BATTERY_OFF);
      }
      default -> hurts.add("Its power OFF while hands are near the pump.");
    }
    if (on.request().state().afloat() && on.has(FittingKind.SEACOCK)) {
      hurts.add(Cautions.FLOODING);
    }
    return hurts;
  }

  static String hosesTitle(OnCircuit on, List<Ask> opens) {
    return switch (on.circuit().kind()) {
      case BALLAST -> "Run every emptying pump until dry";
      case HEADS -> "Pump out the holding tank and empty the heads";
      case HEATER_CORE -> "Take both hoses off and blow the core clear";
      case DOMESTIC_WATER -> "Empty pump, lines and shower sump";
      case WASHDOWN -> "Empty pump and line";
      default ->
          opens.size() == 1
              ? "Take the pump hose off and hold it low"
              : "Take %s hoses off and hold them low".formatted(count(opens.size()));
    };
  }

  static String hosesHow(OnCircuit on) {
    return switch (on.circuit().kind()) {
      case BALLAST -> "Each pump until it runs dry, then its line held low.";
      case HEADS ->
          "Holding tank pumped out at a station. Seacocks SHUT, bowl pumped dry, intake hose off at the"
              + " pump and held low.";
      case HEATER_CORE ->
          "Both hoses off at the engine end; air at low pressure until no drop comes, or the core is filled.";
      case DOMESTIC_WATER ->
          "Inlet hose off at the pump. Every faucet hot and cold, shower, transom shower open until nothing"
              + " runs; sump pumped out; traps too.";
      case WASHDOWN -> "Seacock SHUT, inlet hose off, nozzle open and low.";
      default ->
          "Break each loose by a twist, a pick and a little soapy water, never by pulling its end."
              + " Hold the end below the pump until nothing comes.";
    };
  }

  static String hosesWhy(OnCircuit on) {
    return switch (on.circuit().kind()) {
      case HEATER_CORE ->
          "A heater core nobody listed is how boats crack: it has no drain of its own.";
      case BALLAST -> "What the pumps leave stands in their housings and lines.";
      case HEADS -> "A full holding tank cannot be protected.";
      case DOMESTIC_WATER, WASHDOWN -> "Water stands in pump and lines after the tank is empty.";
      default ->
          on.method().drains()
              ? "Pump, coolers and hoses have no drain of their own."
              : "The tank is put on behind it: what stands before is never reached.";
    };
  }
}
