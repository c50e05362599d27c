package elsko.core.plan.model;

import elsko.core.boat.Boat;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;

/** What somebody must be able to do for a task. */
public enum Skill {
  ENGINE_PETROL("petrol engines"),
  ENGINE_DIESEL("diesel engines"),
  SYSTEMS("systems"),
  RIGGING("rigging"),
  LIFT("the lift");

  private final String words;

  Skill(String words) {
    this.words = words;
  }

  /** What the engines of a boat ask for; systems where it has none. */
  public static Skill ofEngines(Boat boat) {
    for (EngineDescription engine : boat.description().engines()) {
      return engine.fuel() == Fuel.DIESEL ? ENGINE_DIESEL : ENGINE_PETROL;
    }
    return SYSTEMS;
  }

  public String words() {
    return words;
  }
}
