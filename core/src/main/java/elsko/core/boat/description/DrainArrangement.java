package elsko.core.boat.description;

import elsko.core.boat.path.Position;
import java.util.List;

/** How an engine's low points reach the bilge; it changes with the model year. */
public enum DrainArrangement {
  /** The one usual way of its layout. */
  USUAL("as usual"),
  /** A plug on each block side and each manifold. */
  FOUR_DRAINS("a plug on each block side and manifold"),
  /**
   * As four drains, but a threaded sensor sits in the starboard block hole; its wire comes off
   * first.
   */
  FOUR_DRAINS_ONE_SENSOR("plugs, a threaded sensor in the starboard block"),
  /** Hoses from all low points run to one plug. */
  ONE_CENTRAL_DRAIN("one central drain"),
  /** Earlier V-drives: hexagon plugs, a plug in the crossover hose, all reached by hand. */
  HEX_PLUGS("hexagon plugs"),
  /** Later V-drives: a finger plug, a hose joint at the crossover, a remote hose at the cooler. */
  FINGER_PLUGS("finger plugs, hose joint and remote hose");

  private final String words;

  DrainArrangement(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** The arrangements an engine can have, the usual one first. */
  public static List<DrainArrangement> of(Layout layout, EngineDescription engine) {
    if (engine.position() == Position.GENERATOR || engine.cooling() == Cooling.AIR) {
      return List.of(USUAL);
    }
    if (layout == Layout.V_DRIVE) {
      return List.of(HEX_PLUGS, FINGER_PLUGS);
    }
    if (layout == Layout.STERNDRIVE && engine.cooling() == Cooling.RAW_WATER) {
      return engine.hasTwoRows()
          ? List.of(FOUR_DRAINS, FOUR_DRAINS_ONE_SENSOR, ONE_CENTRAL_DRAIN)
          : List.of(USUAL, ONE_CENTRAL_DRAIN);
    }
    return List.of(USUAL);
  }
}
