package elsko.core.boat.description;

import elsko.core.Refused;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a person says about a boat once; everything else follows from it.
 *
 * @param hullId the number on the hull, unique in the fleet; may be empty
 * @param hullLengthM over all, m
 * @param silty the water it is used in carries silt
 * @param engines at most three to drive it, and a generator
 * @param accessories what it has; what is not in it nobody has said
 * @param domesticTankLiters L; null when nobody has said
 * @param method how this boat is winterized; null for what the yard does with its layout
 * @param notes free text, at most 2,000 characters
 */
public record BoatDescription(
    String name,
    String hullId,
    BoatKind kind,
    double hullLengthM,
    Layout layout,
    List<EngineDescription> engines,
    Map<Accessory, Answer> accessories,
    @Nullable Double domesticTankLiters,
    WaterUsedIn waterUsedIn,
    boolean silty,
    @Nullable Method method,
    String owner,
    String notes,
    List<SegmentChange> segmentChanges,
    List<FittingChange> fittingChanges,
    List<AddedDrain> addedDrains) {

  private static final int MOST_ENGINES = 3;

  public BoatDescription {
    name = required("name", oneLine(name), 60, "Give the boat a name.");
    hullId = optional("hullId", oneLine(hullId), 40);
    kind = kind == null ? BoatKind.POWER : kind;
    Refused.within("hullLengthM", hullLengthM, 2, 40, " m");
    if (layout == null) {
      throw Refused.value("layout", "Say which layout it is.");
    }
    engines = engines == null ? List.of() : List.copyOf(engines);
    accessories = answered(accessories);
    if (domesticTankLiters != null) {
      Refused.within("domesticTankLiters", domesticTankLiters, 1, 5_000, " L");
    }
    if (waterUsedIn == null) {
      throw Refused.value("waterUsedIn", "Say what water it is used in.");
    }
    owner = optional("owner", oneLine(owner), 120);
    notes = optional("notes", notes, 2_000);
    segmentChanges = segmentChanges == null ? List.of() : List.copyOf(segmentChanges);
    fittingChanges = fittingChanges == null ? List.of() : List.copyOf(fittingChanges);
    addedDrains = addedDrains == null ? List.of() : List.copyOf(addedDrains);
    checkEngines(layout, engines);
    if (engines.stream().anyMatch(e -> e.position() == Position.GENERATOR)) {
      accessories = withGenerator(accessories);
    }
    if (accessories.get(Accessory.WATER_HEATER) == Answer.YES
        && accessories.get(Accessory.DOMESTIC_WATER) == Answer.NO) {
      throw Refused.value("accessories", "A water heater needs domestic water.");
    }
  }

  /** What was said about an accessory. */
  public Answer has(Accessory accessory) {
    return accessories.getOrDefault(accessory, Answer.UNKNOWN);
  }

  /** The engines that drive it, in the order PORT, CENTER, STARBOARD. */
  public List<EngineDescription> propulsion() {
    return engines.stream()
        .filter(engine -> engine.position() != Position.GENERATOR)
        .sorted((a, b) -> Integer.compare(along(a.position()), along(b.position())))
        .toList();
  }

  private static int along(Position position) {
    return switch (position) {
      case PORT -> 0;
      case CENTER -> 1;
      default -> 2;
    };
  }

  /** The same boat with other answers about what it has. */
  public BoatDescription with(Map<Accessory, Answer> answers) {
    return new BoatDescription(
        name,
        hullId,
        kind,
        hullLengthM,
        layout,
        engines,
        answers,
        domesticTankLiters,
        waterUsedIn,
        silty,
        method,
        owner,
        notes,
        segmentChanges,
        fittingChanges,
        addedDrains);
  }

  /** The same boat with other changes to its template. */
  public BoatDescription with(
      List<SegmentChange> segments, List<FittingChange> fittings, List<AddedDrain> drains) {
    return new BoatDescription(
        name,
        hullId,
        kind,
        hullLengthM,
        layout,
        engines,
        accessories,
        domesticTankLiters,
        waterUsedIn,
        silty,
        method,
        owner,
        notes,
        segments,
        fittings,
        drains);
  }

  /** The same boat, winterized its own way. */
  public BoatDescription with(Method own) {
    return new BoatDescription(
        name,
        hullId,
        kind,
        hullLengthM,
        layout,
        engines,
        accessories,
        domesticTankLiters,
        waterUsedIn,
        silty,
        own,
        owner,
        notes,
        segmentChanges,
        fittingChanges,
        addedDrains);
  }

  private static Map<Accessory, Answer> answered(Map<Accessory, Answer> said) {
    Map<Accessory, Answer> kept = new EnumMap<>(Accessory.class);
    if (said != null) {
      said.forEach(
          (accessory, answer) -> {
            if (answer != null && answer != Answer.UNKNOWN) {
              kept.put(accessory, answer);
            }
          });
    }
    return Collections.unmodifiableMap(kept);
  }

  private static Map<Accessory, Answer> withGenerator(Map<Accessory, Answer> said) {
    if (said.get(Accessory.GENERATOR) == Answer.NO) {
      throw Refused.value("accessories", "A generator is described, but said not to be there.");
    }
    Map<Accessory, Answer> kept = new EnumMap<>(Accessory.class);
    kept.putAll(said);
    kept.put(Accessory.GENERATOR, Answer.YES);
    return Collections.unmodifiableMap(kept);
  }

  private static void checkEngines(Layout layout, List<EngineDescription> engines) {
    Set<Position> taken = EnumSet.noneOf(Position.class);
    for (EngineDescription engine : engines) {
      if (!taken.add(engine.position())) {
        throw Refused.value(
            "engines",
            "Two engines stand at the same place: %s.".formatted(engine.position().words()));
      }
      EngineContradictions.check(layout, engine);
    }
    long driving = engines.stream().filter(e -> e.position() != Position.GENERATOR).count();
    if (driving > MOST_ENGINES) {
      throw Refused.value("engines", "At most three engines and a generator.");
    }
    if (layout == Layout.NONE && driving > 0) {
      throw Refused.value("engines", "The layout says no engine, but one is described.");
    }
    if (layout != Layout.NONE && driving == 0) {
      throw Refused.value("engines", "Describe the engine of the %s.".formatted(layout.words()));
    }
    if (driving == 2 && taken.contains(Position.CENTER)) {
      throw Refused.value("engines", "Two engines stand at port and starboard.");
    }
  }

  /** A name stands in one line wherever it is written. */
  private static @Nullable String oneLine(@Nullable String text) {
    return text == null ? null : text.replaceAll("\\s+", " ");
  }

  static String required(String field, @Nullable String text, int most, String missing) {
    String kept = optional(field, text, most);
    if (kept.isEmpty()) {
      throw Refused.value(field, missing);
    }
    return kept;
  }

  static String optional(String field, @Nullable String text, int most) {
    String kept = text == null ? "" : text.strip();
    if (kept.length() > most) {
      throw Refused.value(
          field, "At most %,d characters; this has %,d.".formatted(most, kept.length()));
    }
    return kept;
  }

  /** Every change of one thing is said once. */
  public void refuseChangesSaidTwice() {
    Set<String> seen = new HashSet<>();
    List<String> all = new ArrayList<>();
    segmentChanges.forEach(c -> all.add(c.circuit() + "/" + c.segment()));
    fittingChanges.forEach(c -> all.add(c.fitting()));
    for (String key : all) {
      if (!seen.add(key)) {
        throw Refused.value("changes", "%s is changed twice.".formatted(key));
      }
    }
  }
}
