package elsko.core.boat.template;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import org.jspecify.annotations.Nullable;

/** The usual circuits beside the engines. Volumes in liters. */
public final class AccessoryTemplates {
  private static final double USUAL_TANK_LITERS = 100;

  private AccessoryTemplates() {}

  /** The circuit an accessory makes; null where it is part of another. */
  public static @Nullable CircuitDraft of(Accessory accessory, BoatDescription boat) {
    return switch (accessory) {
      case GENERATOR, WATER_HEATER -> null;
      case AIR_CONDITIONING -> airConditioning();
      case DOMESTIC_WATER -> domestic(boat);
      case HEADS -> heads();
      case HEATER_CORE -> heaterCore();
      case BALLAST -> ballast();
      case WASHDOWN -> washdown();
      case LIVE_WELL -> liveWell();
      case BILGE_PUMP_LINES -> bilgePumpLines();
      case ICE_MAKER -> specialist(accessory, 1.0);
      case WATERMAKER -> specialist(accessory, 3.0);
    };
  }

  /** A circuit nobody has said anything about: shown, and never safe. */
  public static CircuitDraft unanswered(Accessory accessory) {
    return draft(accessory, CircuitKind.UNANSWERED);
  }

  private static CircuitDraft draft(Accessory accessory, CircuitKind kind) {
    return new CircuitDraft(
        accessory.key(), accessory.words(), kind, null, accessory.key() + "-", said(accessory));
  }

  /** What the names of its fittings begin with, so short that a sentence can carry them. */
  private static String said(Accessory accessory) {
    return switch (accessory) {
      case HEADS -> "heads ";
      case HEATER_CORE -> "heater ";
      case BALLAST -> "ballast ";
      case LIVE_WELL -> "live-well ";
      case BILGE_PUMP_LINES -> "bilge ";
      case ICE_MAKER, WATERMAKER -> "";
      default -> accessory.words() + " ";
    };
  }

  /**
   * Hose 2.0, strainer 0.6, pump 0.3, condenser 1.5, discharge 1.5; its own pump must be primed.
   */
  private static CircuitDraft airConditioning() {
    CircuitDraft circuit = draft(Accessory.AIR_CONDITIONING, CircuitKind.AIR_CONDITIONING);
    circuit.methods(Method.DRAW, Method.DRY);
    circuit.fitting("seacock", "seacock", FittingKind.SEACOCK, "at the through-hull");
    Intake.strainer(circuit, true);
    circuit.segment("intake-hose", "intake hose", HOSE, 2.0);
    circuit.segment("strainer", "strainer", STRAINER, 0.6);
    circuit.segment("pump", "pump", PUMP, 0.3);
    circuit.hoseLow(
        "pump",
        "intake and pump",
        CircuitDraft.PUMP_HOSE,
        "pump hose",
        "suction side of the pump",
        true,
        "intake-hose",
        "strainer",
        "pump");
    circuit.segment("condenser", "condenser", COOLER, 1.5);
    circuit.segment("discharge", "discharge", HOSE, 1.5);
    circuit.drain(
        "condenser",
        "condenser",
        FittingKind.DRAIN_PLUG,
        "low end of the condenser",
        "by hand",
        "condenser",
        "discharge");
    circuit.fitting("feed", "feed of its pump", FittingKind.FEED, "strainer");
    return circuit;
  }

  private static CircuitDraft domestic(BoatDescription boat) {
    CircuitDraft circuit =
        new CircuitDraft(
            Accessory.DOMESTIC_WATER.key(),
            "domestic water",
            CircuitKind.DOMESTIC_WATER,
            null,
            "domestic-",
            "domestic ");
    circuit.methods(Method.DRAW, Method.DRY);
    double tank = boat.domesticTankLiters() == null ? USUAL_TANK_LITERS : boat.domesticTankLiters();
    circuit.segment("tank", "tank", TANK, tank);
    circuit.fitting("tank-drain", "tank drain", FittingKind.PETCOCK, "lowest end of the tank");
    circuit.lowPoint("tank", "tank", "tank-drain", false, "tank");
    circuit.segment("pump", "pump", PUMP, 0.3);
    circuit.hose("inlet-hose", "pump inlet hose", "at the pump", false);
    circuit.lowPoint("pump", "pump", "inlet-hose", false, "pump");
    if (boat.has(Accessory.WATER_HEATER) == Answer.YES) {
      circuit.segment("heater", "water heater", HEATER, 20);
      circuit.fitting("heater-drain", "heater drain", FittingKind.PETCOCK, "foot of the heater");
      circuit.lowPoint("heater", "water heater", "heater-drain", false, "heater");
      circuit.fitting(
          "heater-bypass", "heater bypass", FittingKind.HEATER_BYPASS, "beside the water heater");
    }
    circuit.segment("lines", "lines and faucets", HOSE, 4.0);
    circuit.lowPoint("lines", "last faucet", null, true, "lines");
    circuit.segment("sump", "shower sump", TANK, 1.0);
    circuit.lowPoint("sump", "shower sump", null, true, "sump");
    circuit.pour(
        "inlet-hose", "pump inlet", "until color runs at every faucet", "pump", "lines", "sump");
    return circuit;
  }

  private static CircuitDraft heads() {
    CircuitDraft circuit = draft(Accessory.HEADS, CircuitKind.HEADS);
    circuit.methods(Method.DRAW, Method.DRY);
    circuit.fitting("seacock", "intake seacock", FittingKind.SEACOCK, "heads, forward");
    circuit.fitting("outlet-seacock", "outlet seacock", FittingKind.SEACOCK, "heads, aft");
    circuit.segment("intake-hose", "intake hose", HOSE, 0.5);
    circuit.segment("pump", "pump", PUMP, 0.3);
    circuit.hoseLow(
        "intake",
        "intake",
        "intake-hose",
        "intake hose",
        "at the heads pump",
        true,
        "intake-hose",
        "pump");
    circuit.segment("bowl", "bowl and discharge", HOSE, 1.5);
    circuit.lowPoint("bowl", "bowl", null, true, "bowl");
    circuit.segment("holding-tank", "holding tank", TANK, 60);
    circuit.lowPoint("holding-tank", "holding tank", null, true, "holding-tank");
    circuit.pour(
        "intake-hose",
        "intake hose",
        "until color stands in the bowl and has run to the holding tank",
        "intake-hose",
        "pump",
        "bowl",
        "holding-tank");
    return circuit;
  }

  private static CircuitDraft heaterCore() {
    CircuitDraft circuit = draft(Accessory.HEATER_CORE, CircuitKind.HEATER_CORE);
    circuit.methods(Method.DRY, Method.POUR);
    circuit.segment("hoses", "hoses", HOSE, 1.0);
    circuit.segment("core", "core", COOLER, 1.0);
    circuit.hose("supply-hose", "supply hose", "engine end", false);
    circuit.hose("return-hose", "return hose", "engine end", false);
    circuit.lowPoint("core", "core", "return-hose", true, "core", "hoses");
    circuit.pour("supply-hose", "supply hose", "until it runs from the return", "hoses", "core");
    return circuit;
  }

  private static CircuitDraft ballast() {
    CircuitDraft circuit = draft(Accessory.BALLAST, CircuitKind.BALLAST);
    circuit.methods(Method.DRY);
    circuit.fitting("seacock", "seacock", FittingKind.SEACOCK, "ballast intake");
    circuit.segment("tanks", "tanks or bags", TANK, 300);
    circuit.segment("pumps", "pumps and lines", PUMP, 2.5);
    circuit.lowPoint("tanks", "tanks and pumps", null, false, "tanks", "pumps");
    return circuit;
  }

  private static CircuitDraft washdown() {
    CircuitDraft circuit = draft(Accessory.WASHDOWN, CircuitKind.WASHDOWN);
    circuit.methods(Method.DRY, Method.DRAW);
    circuit.fitting("seacock", "seacock", FittingKind.SEACOCK, "washdown intake");
    circuit.segment("intake-hose", "intake hose", HOSE, 0.5);
    circuit.segment("pump", "pump", PUMP, 0.2);
    circuit.segment("line", "line to the nozzle", HOSE, 1.5);
    circuit.hoseLow(
        "intake",
        "intake and pump",
        "inlet-hose",
        "inlet hose",
        "at the pump",
        true,
        "intake-hose",
        "pump");
    circuit.lowPoint("nozzle", "nozzle", null, true, "line");
    circuit.pour(
        "inlet-hose",
        "inlet hose",
        "until color runs at the nozzle",
        "intake-hose",
        "pump",
        "line");
    return circuit;
  }

  private static CircuitDraft liveWell() {
    CircuitDraft circuit = draft(Accessory.LIVE_WELL, CircuitKind.LIVE_WELL);
    circuit.methods(Method.DRY);
    circuit.fitting("seacock", "seacock", FittingKind.SEACOCK, "live-well intake");
    circuit.segment("pump", "pump and hose", PUMP, 1.2);
    circuit.segment("well", "well", TANK, 40);
    circuit.drain(
        "well", "bottom", FittingKind.DRAIN_PLUG, "bottom of the well", "by hand", "well", "pump");
    return circuit;
  }

  private static CircuitDraft bilgePumpLines() {
    CircuitDraft circuit = draft(Accessory.BILGE_PUMP_LINES, CircuitKind.BILGE_PUMP_LINES);
    circuit.methods(Method.DRAW_UNDRAINED);
    circuit.segment("lines", "pump and lines", HOSE, 1.5);
    circuit.lowPoint("lines", "pump well", null, true, "lines");
    return circuit;
  }

  private static CircuitDraft specialist(Accessory accessory, double liters) {
    CircuitDraft circuit = draft(accessory, CircuitKind.SPECIALIST);
    circuit.methods(Method.DRY);
    circuit.segment("unit", accessory.words(), TANK, liters);
    circuit.lowPoint("unit", accessory.words(), null, false, "unit");
    return circuit;
  }
}
