package elsko.core.boat.accessory;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;
import elsko.core.boat.template.CircuitDraft;
import org.jspecify.annotations.Nullable;

/** Finds what is written of each accessory. */
public final class Accessories {
  private Accessories() {}

  /** The circuit an accessory makes; null where it is part of another. */
  public static @Nullable CircuitDraft of(Accessory accessory, BoatDescription boat) {
    return switch (accessory) {
      case GENERATOR, WATER_HEATER -> null;
      case AIR_CONDITIONING -> AirConditioning.written();
      case REFRIGERATOR_CONDENSER -> RefrigeratorCondenser.written();
      case DOMESTIC_WATER -> DomesticWater.written(boat);
      case HEADS -> Heads.written();
      case HEATER_CORE -> HeaterCore.written();
      case BALLAST -> Ballast.written();
      case WASHDOWN -> Washdown.written();
      case LIVE_WELL -> LiveWell.written();
      case ICE_MAKER -> IceMaker.written();
      case WATERMAKER -> Watermaker.written();
      case BILGE_PUMP_LINES -> BilgePumpLines.written();
    };
  }

  /** A circuit nobody has said anything about: shown, and never safe. */
  public static CircuitDraft unanswered(Accessory accessory) {
    return begun(accessory, CircuitKind.UNANSWERED, accessory.words() + " ");
  }

  /**
   * @param said what the names of its fittings begin with, so short that a sentence can carry them
   */
  static CircuitDraft begun(Accessory accessory, CircuitKind kind, String said) {
    return new CircuitDraft(
        accessory.key(), accessory.words(), kind, null, accessory.key() + "-", said);
  }

  /** What is left to somebody trained on it: no path of its own, and nothing to fill. */
  static CircuitDraft leftToASpecialist(Accessory accessory, double liters) {
    return begun(accessory, CircuitKind.SPECIALIST, "")
        .methods(Method.DRY)
        .holds("unit", accessory.words(), SegmentKind.TANK, liters)
        .lowPoint("unit", accessory.words(), null, false, "unit");
  }
}
