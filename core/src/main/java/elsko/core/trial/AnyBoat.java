package elsko.core.trial;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineDetails;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PumpDrive;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Any boat that can be described, by a number. */
public final class AnyBoat {
  private AnyBoat() {}

  public static BoatDescription of(long seed) {
    Random random = new Random(seed);
    while (true) {
      try {
        BoatDescription made = tried(random);
        Boat.of(made);
        return made;
      } catch (Refused contradiction) {
        assert !contradiction.reason().isEmpty();
      }
    }
  }

  /** The same with a circuit more that holds water; itself where none fits. */
  static Boat withAnotherCircuit(Boat boat, long seed) {
    List<Accessory> all = new ArrayList<>(List.of(Accessory.values()));
    Collections.shuffle(all, new Random(seed));
    for (Accessory accessory : all) {
      if (boat.description().has(accessory) != Answer.YES) {
        Boat more = with(boat, accessory);
        if (more != null
            && more.circuits().containsAll(boat.circuits())
            && more.circuits().size() > boat.circuits().size()) {
          return more;
        }
      }
    }
    return boat;
  }

  private static @Nullable Boat with(Boat boat, Accessory accessory) {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    answers.putAll(boat.description().accessories());
    answers.put(accessory, Answer.YES);
    try {
      return Boat.of(boat.description().with(answers));
    } catch (Refused contradiction) {
      return null;
    }
  }

  /** Any method each circuit can be done by. */
  public static Map<String, String> choices(Boat boat, long seed) {
    Random random = new Random(seed);
    Map<String, String> choices = new TreeMap<>();
    for (Choices.Choice choice : Choices.of(boat, Procedure.WINTERIZE, Practices.USUAL)) {
      choices.put(choice.circuit(), choice.all().get(random.nextInt(choice.all().size())).key());
    }
    return choices;
  }

  private static BoatDescription tried(Random random) {
    Layout layout = any(random, Layout.values());
    List<EngineDescription> engines = new ArrayList<>();
    List<Position> positions =
        switch (layout == Layout.NONE ? 0 : 1 + random.nextInt(3)) {
          case 0 -> List.of();
          case 1 -> List.of(Position.CENTER);
          case 2 -> List.of(Position.PORT, Position.STARBOARD);
          default -> List.of(Position.PORT, Position.CENTER, Position.STARBOARD);
        };
    positions.forEach(position -> engines.add(engine(random, position)));
    if (random.nextInt(3) == 0) {
      engines.add(engine(random, Position.GENERATOR));
    }
    return new BoatDescription(
        "Hull " + random.nextInt(1000),
        "",
        any(random, BoatKind.values()),
        4 + random.nextInt(14),
        layout,
        engines,
        answers(random),
        random.nextBoolean() ? null : 20.0 + random.nextInt(300),
        any(random, WaterUsedIn.values()),
        random.nextBoolean(),
        null,
        "",
        "",
        List.of(),
        List.of(),
        List.of());
  }

  private static Map<Accessory, Answer> answers(Random random) {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    boolean complete = random.nextInt(4) > 0;
    for (Accessory accessory : Accessory.values()) {
      answers.put(
          accessory,
          complete
              ? (random.nextBoolean() ? Answer.YES : Answer.NO)
              : any(random, Answer.values()));
    }
    return answers;
  }

  private static EngineDescription engine(Random random, Position position) {
    return new EngineDescription(
        position,
        any(random, Fuel.values()),
        1 + random.nextInt(8),
        any(random, Cooling.values()),
        random.nextInt(3) == 0 ? any(random, Exhaust.values()) : null,
        random.nextInt(3) == 0 ? any(random, DrainArrangement.values()) : null,
        any(random, PumpDrive.values()),
        random.nextInt(3) == 0 ? parts(random) : null,
        EngineDetails.NONE);
  }

  private static Set<EnginePart> parts(Random random) {
    Set<EnginePart> parts = EnumSet.noneOf(EnginePart.class);
    for (EnginePart part : EnginePart.values()) {
      if (random.nextInt(5) == 0) {
        parts.add(part);
      }
    }
    return parts;
  }

  private static <T> T any(Random random, T[] values) {
    return values[random.nextInt(values.length)];
  }
}
