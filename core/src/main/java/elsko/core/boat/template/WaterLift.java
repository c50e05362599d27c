package elsko.core.boat.template;

import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.SegmentKind;

/** The wet end of an exhaust: water lift or muffler, and a separator where there is one. */
final class WaterLift {
  private WaterLift() {}

  /** A water lift that also takes what runs back from the elbow. */
  static void write(
      CircuitDraft circuit, FittedEngine engine, double liters, String... alsoEmpties) {
    if (engine.liftsWater()) {
      circuit.segment("water-lift", "water lift", SegmentKind.MUFFLER, engine.muffler(liters));
      circuit.drain(
          "water-lift",
          "water lift",
          FittingKind.DRAIN_PLUG,
          "bottom of the water lift",
          "by hand",
          with("water-lift", alsoEmpties));
    }
    separator(circuit, engine);
  }

  static void separator(CircuitDraft circuit, FittedEngine engine) {
    if (engine.has(EnginePart.SEPARATOR)) {
      circuit.segment("separator", "gas and water separator", SegmentKind.MUFFLER, 3.0);
      circuit.drain(
          "separator",
          "separator",
          FittingKind.DRAIN_PLUG,
          "bottom of the separator",
          "by hand",
          "separator");
    }
  }

  private static String[] with(String first, String... more) {
    String[] all = new String[more.length + 1];
    all[0] = first;
    System.arraycopy(more, 0, all, 1, more.length);
    return all;
  }
}
