package elsko.core.plan.model;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;

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

  /** What the engines of a boat ask for, each of them; systems where it has none. */
  public static Set<Skill> ofEngines(Boat boat) {
    Set<Skill> asked = EnumSet.noneOf(Skill.class);
    for (EngineDescription engine : boat.description().engines()) {
      asked.add(engine.fuel() == Fuel.DIESEL ? ENGINE_DIESEL : ENGINE_PETROL);
    }
    return asked.isEmpty() ? EnumSet.of(SYSTEMS) : asked;
  }

  public String words() {
    return words;
  }

  /** "petrol engines and systems", in the order above. */
  public static String words(Collection<Skill> skills) {
    return Words.list(skills.stream().sorted().map(Skill::words).toList());
  }
}
