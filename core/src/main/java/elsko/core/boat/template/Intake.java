package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;

/** What stands between the sea and the pump. */
final class Intake {
  private Intake() {}

  static void fittings(CircuitDraft circuit, FittedEngine engine, boolean strainerBelowWaterline) {
    if (engine.has(SEACOCK)) {
      boolean saildrive =
          engine.layout() == Layout.SAILDRIVE
              && engine.description().position() != Position.GENERATOR;
      circuit.fitting(
          "seacock",
          "seacock",
          FittingKind.SEACOCK,
          saildrive ? "tap on the leg" : "at the through-hull");
    }
    if (engine.has(BILGE_BRANCH)) {
      circuit.fitting(
          "bilge-branch", "bilge branch", FittingKind.BILGE_BRANCH, "on the intake hose");
    }
    if (engine.has(FLUSH_TEE)) {
      circuit.fitting("flush-tee", "flush tee plug", FittingKind.TEE_PLUG, "above the seacock");
    }
    if (engine.has(QUICK_CONNECTOR)) {
      circuit.fitting(
          "flush-cap", "cap of the quick connector", FittingKind.FLUSH_CAP, "on the intake hose");
    }
    if (engine.has(STRAINER)) {
      strainer(circuit, strainerBelowWaterline);
    }
  }

  /** Hose and strainer, as segments; keys of those there are. */
  static List<String> segments(
      CircuitDraft circuit, FittedEngine engine, double hoseLiters, double strainerLiters) {
    List<String> keys = new ArrayList<>();
    keys.add(circuit.segment("intake-hose", "intake hose", SegmentKind.HOSE, hoseLiters).key());
    if (engine.has(STRAINER)) {
      keys.add(circuit.segment("strainer", "strainer", SegmentKind.STRAINER, strainerLiters).key());
    }
    return keys;
  }

  /** The pump hose, put low to empty everything up to the coolers behind the pump. */
  static void pumpHoseLow(CircuitDraft circuit, String name, List<String> empties) {
    circuit.hoseLow(
        "pump",
        name,
        CircuitDraft.PUMP_HOSE,
        "pump hose",
        "suction side of the pump",
        true,
        empties.toArray(String[]::new));
  }

  static void strainer(CircuitDraft circuit, boolean belowWaterline) {
    circuit.fitting(
        "strainer-lid", "strainer lid", FittingKind.STRAINER_LID, "", "by hand", belowWaterline);
    circuit.fitting(
        "strainer-basket", "strainer basket", FittingKind.STRAINER_BASKET, "in the strainer");
    circuit.fitting(
        "strainer-seal", "strainer sealing ring", FittingKind.STRAINER_SEAL, "under the lid");
  }

  static void feed(CircuitDraft circuit, String where) {
    circuit.fitting("feed", "feed of the raw-water pump", FittingKind.FEED, where);
  }
}
