package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** Tank, pump, lines, shower sump and, where there is one, the water heater. */
final class DomesticWater {
  /** Logs name its fittings so. */
  private static final String PREFIX = "domestic-";

  private static final double USUAL_TANK_LITERS = 100;

  private DomesticWater() {}

  static CircuitDraft written(BoatDescription boat) {
    Double tank = boat.domesticTankLiters();
    CircuitDraft circuit =
        new CircuitDraft(
                Accessory.DOMESTIC_WATER.key(),
                Accessory.DOMESTIC_WATER.words(),
                CircuitKind.DOMESTIC_WATER,
                null,
                PREFIX,
                "domestic ")
            .methods(Method.DRAW, Method.DRY)
            .holds("tank", "tank", TANK, tank == null ? USUAL_TANK_LITERS : tank)
            .fitting("tank-drain", "tank drain", FittingKind.PETCOCK, "lowest end of the tank")
            .lowPoint("tank", "tank", "tank-drain", false, "tank")
            .holds("pump", "pump", PUMP, 0.3)
            .hose("inlet-hose", "pump inlet hose", "at the pump", false)
            .lowPoint("pump", "pump", "inlet-hose", false, "pump");
    if (boat.has(Accessory.WATER_HEATER) == Answer.YES) {
      heater(circuit);
    }
    return circuit
        .holds("lines", "lines and faucets", HOSE, 4.0)
        .pocket("lines", PocketKind.DOMESTIC_LINE)
        .lowPoint("lines", "last faucet", null, true, "lines")
        .holds("sump", "shower sump", TANK, 1.0)
        .lowPoint("sump", "shower sump", null, true, "sump")
        .pour(
            "inlet-hose", "pump inlet", "until color runs at every faucet", "pump", "lines", "sump")
        .work(
            Piece.DRAIN,
            "Empty the tank and the heater",
            "Power of the water heater OFF first. Pump the tank empty, set the bypass, open both drains and a"
                + " faucet to let air in. Drains back IN when nothing runs.",
            "A full heater or tank cannot be protected; what is empty cannot burst.",
            "Water heater: power OFF and locked before it is drained; the water is hot.",
            "Electricians for anything beyond switches.")
        .work(
            Piece.HOSES,
            "Empty pump, lines and shower sump",
            "Inlet hose off at the pump. Every faucet hot and cold, shower, transom shower open until nothing"
                + " runs; sump pumped out; traps too.",
            "Water stands in pump and lines after the tank is empty.")
        .work(
            Piece.POUR,
            "Pump antifreeze until color runs at every faucet",
            "Inlet hose into the jug, heater bypassed. One faucet after another, hot and cold, shower, transom"
                + " shower, until color runs; then the sump and the traps.",
            null)
        .work(
            Piece.RINSE,
            null,
            "Fill the tank, every faucet hot and cold until it runs clear and without foam.",
            null);
  }

  private static void heater(CircuitDraft circuit) {
    circuit
        .holds("heater", "water heater", HEATER, 20)
        .fitting("heater-drain", "heater drain", FittingKind.PETCOCK, "foot of the heater")
        .lowPoint("heater", "water heater", "heater-drain", false, "heater")
        .fitting(
            "heater-bypass", "heater bypass", FittingKind.HEATER_BYPASS, "beside the water heater");
  }
}
