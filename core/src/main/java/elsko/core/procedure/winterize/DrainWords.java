package elsko.core.procedure.winterize;

import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Work.Piece;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/** What draining is called, how it goes, why, and what hurts; a circuit may say it otherwise. */
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
    return on.circuit()
        .work(Piece.DRAIN)
        .title(
            WaterSupply.isJet(on)
                ? "Open both flush ports and let it run"
                : drains == 1
                    ? "Open the drain"
                    : "Open the %s drains, lowest first".formatted(count(drains)));
  }

  static String how(OnCircuit on) {
    if (on.circuit().centralDrain()) {
      return down(on)
          + "All four low points run to one plug: watch each of its hoses run. One that does not run is"
          + " rodded.";
    }
    if (on.circuit().selfDraining()) {
      return "Drive DOWN, vertical, until nothing drips. Store it so: tilted, half a liter stays in the"
          + " coolers.";
    }
    return on.circuit()
        .work(Piece.DRAIN)
        .how(down(on) + "If a hole does not run, rod it: silt sits in front of the water.");
  }

  private static String down(OnCircuit on) {
    return on.has(FittingKind.DRIVE) ? "Drive down. " : "";
  }

  static String why(OnCircuit on) {
    return on.circuit()
        .work(Piece.DRAIN)
        .why(
            on.circuit().selfDraining()
                ? "Upright it empties by itself and needs nothing filled in."
                : "Whatever stays behind dilutes the antifreeze, or freezes by itself. A hole that does"
                    + " not run is blocked, not empty.");
  }

  public static List<String> hazards(OnCircuit on) {
    List<String> hazards = new ArrayList<>(on.circuit().work(Piece.DRAIN).hazards());
    if (on.isEngine()) {
      hazards.add(Cautions.HOT);
      hazards.add(Cautions.BATTERY_OFF);
    } else if (hazards.isEmpty()) {
      hazards.add("Its power OFF while hands are near the pump.");
    }
    if (on.request().state().afloat() && on.has(FittingKind.SEACOCK)) {
      hazards.add(Cautions.FLOODING);
    }
    return hazards;
  }

  static String hosesTitle(OnCircuit on, List<Ask> opens) {
    return on.circuit()
        .work(Piece.HOSES)
        .title(
            opens.size() == 1
                ? "Take the pump hose off and hold it low"
                : "Take %s hoses off and hold them low".formatted(count(opens.size())));
  }

  static String hosesHow(OnCircuit on) {
    return on.circuit()
        .work(Piece.HOSES)
        .how(
            "Break each loose by a twist, a pick and a little soapy water, never by pulling its end."
                + " Hold the end below the pump until nothing comes.");
  }

  static String hosesWhy(OnCircuit on) {
    return on.circuit()
        .work(Piece.HOSES)
        .why(
            on.method().drains()
                ? "Pump, coolers and hoses have no drain of their own."
                : "The tank is put on behind it: what stands before is never reached.");
  }
}
