package elsko.core.boat.description;

import static elsko.core.boat.path.Position.GENERATOR;

import elsko.core.Refused;
import java.util.List;

/** What cannot be true of an engine together. */
public final class EngineContradictions {
  private static final List<Exhaust> OF_A_GENERATOR =
      List.of(Exhaust.WATER_LIFT, Exhaust.THROUGH_TRANSOM);

  private EngineContradictions() {}

  /** Ways the exhaust of this engine can leave, the usual one first. */
  public static List<Exhaust> exhausts(Layout layout, EngineDescription engine) {
    if (engine.cooling() == Cooling.AIR) {
      return List.of(Exhaust.DRY);
    }
    return engine.position() == GENERATOR ? OF_A_GENERATOR : layout.exhausts();
  }

  static void check(Layout layout, EngineDescription engine) {
    String name = engine.position().words();
    String on = engine.position() == GENERATOR ? "generator" : layout.words();
    Exhaust exhaust = engine.exhaust();
    if (exhaust != null && !exhausts(layout, engine).contains(exhaust)) {
      throw Refused.value(
          "exhaust",
          exhaust == Exhaust.DRY
              ? "A dry exhaust has no water in it, but the %s is cooled by water that has to leave."
                  .formatted(name)
              : engine.cooling() == Cooling.AIR
                  ? "The %s is cooled by air: its exhaust is dry.".formatted(name)
                  : "A %s exhaust does not exist on %s %s."
                      .formatted(exhaust.words(), article(on), on));
    }
    DrainArrangement drains = engine.drains();
    if (drains != null && !DrainArrangement.of(layout, engine).contains(drains)) {
      throw Refused.value(
          "drains",
          "%s is not how %s %s of this cooling drains.".formatted(drains.words(), article(on), on));
    }
    if (engine.cooling() == Cooling.AIR && engine.parts() != null && !engine.parts().isEmpty()) {
      throw Refused.value("parts", "An engine cooled by air has none of these parts.");
    }
    if (layout == Layout.SAILDRIVE
        && engine.position() != GENERATOR
        && engine.fuel() == Fuel.PETROL) {
      throw Refused.value("fuel", "A saildrive here is a diesel.");
    }
    if (engine.parts() != null) {
      for (EnginePart part : engine.parts()) {
        if (!EngineKind.of(layout, engine).possible().contains(part)) {
          throw Refused.value(
              "parts", "A %s does not exist on this %s.".formatted(part.words(), on));
        }
      }
    }
  }

  private static String article(String word) {
    return "aeiou".indexOf(word.charAt(0)) >= 0 ? "an" : "a";
  }
}
