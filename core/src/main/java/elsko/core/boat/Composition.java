package elsko.core.boat;

import elsko.core.Refused;
import elsko.core.boat.accessory.Accessories;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.AddedDrain;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineKind;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.FittingChange;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.SegmentChange;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.boat.template.CircuitDraft;
import elsko.core.boat.template.EngineFittings;
import elsko.core.boat.template.EngineTemplate;
import elsko.core.boat.template.HullChanges;
import java.util.ArrayList;
import java.util.List;

/** Puts a boat together from what it has, then makes the changes of this hull. */
final class Composition {
  private static final double USUAL_COOLANT_LITERS = 8;

  private final BoatDescription description;
  private final List<CircuitDraft> circuits = new ArrayList<>();
  private final List<Fitting> ofTheBoat = new ArrayList<>();

  Composition(BoatDescription description) {
    this.description = description;
  }

  Boat boat() {
    for (EngineDescription engine : description.propulsion()) {
      engine(engine);
    }
    generator();
    for (Accessory accessory : Accessory.values()) {
      accessory(accessory);
    }
    wholeBoat();
    changes();
    List<Fitting> fittings = new ArrayList<>();
    ofTheBoat.stream().filter(Composition::isReachedFirst).forEach(fittings::add);
    circuits.forEach(circuit -> fittings.addAll(circuit.fittings));
    ofTheBoat.stream().filter(fitting -> !isReachedFirst(fitting)).forEach(fittings::add);
    List<Circuit> built = circuits.stream().map(CircuitDraft::built).toList();
    refuseMethod(built);
    return new Boat(description, built, fittings);
  }

  /** What stands in for a generator nobody described further. */
  static EngineDescription usualGenerator() {
    return EngineDescription.usual(Position.GENERATOR, Fuel.DIESEL, 3, Cooling.CLOSED);
  }

  private void engine(EngineDescription described) {
    EngineDescription engine = described.sizedFor(description);
    String said =
        engine.position() == Position.CENTER
            ? description.propulsion().size() > 1 ? "center engine " : ""
            : engine.position().words() + " ";
    String name =
        engine.position() == Position.CENTER && description.propulsion().size() > 1
            ? "center engine"
            : engine.position().words();
    String prefix = engine.position().prefix();
    FittedEngine fitted = FittedEngine.of(description.layout(), engine);
    boolean generator = engine.position() == Position.GENERATOR;
    CircuitDraft raw =
        new CircuitDraft(
            generator ? "generator" : prefix + "engine",
            engine.cooling() == Cooling.AIR ? name + ", air-cooled" : name + " raw water",
            CircuitKind.RAW_WATER,
            engine.position(),
            prefix,
            said);
    raw.overboard();
    EngineTemplate.of(EngineKind.of(description.layout(), engine)).write(raw, fitted);
    EngineFittings.write(raw, fitted);
    circuits.add(raw);
    if (engine.cooling() == Cooling.CLOSED) {
      circuits.add(coolant(engine, name, prefix, said));
    }
  }

  private static CircuitDraft coolant(
      EngineDescription engine, String name, String prefix, String said) {
    CircuitDraft coolant =
        new CircuitDraft(
            prefix + "coolant",
            name + " coolant",
            CircuitKind.COOLANT,
            engine.position(),
            prefix + "coolant-",
            said);
    Double liters = engine.details().coolantLiters();
    coolant.segment(
        "coolant",
        "coolant side",
        SegmentKind.COOLANT,
        liters == null ? USUAL_COOLANT_LITERS : liters);
    coolant.lowPoint("filler", "coolant filler", null, true, "coolant");
    return coolant;
  }

  private void generator() {
    EngineDescription described =
        description.engines().stream()
            .filter(engine -> engine.position() == Position.GENERATOR)
            .findFirst()
            .orElse(null);
    if (described != null) {
      engine(described);
    } else if (description.has(Accessory.GENERATOR) == Answer.YES) {
      engine(usualGenerator());
    } else if (description.has(Accessory.GENERATOR) == Answer.UNKNOWN) {
      circuits.add(Accessories.unanswered(Accessory.GENERATOR));
    }
  }

  private void accessory(Accessory accessory) {
    if (accessory == Accessory.GENERATOR) {
      return;
    }
    Answer answer = description.has(accessory);
    if (answer == Answer.UNKNOWN) {
      if (accessory != Accessory.WATER_HEATER
          || description.has(Accessory.DOMESTIC_WATER) == Answer.YES) {
        circuits.add(Accessories.unanswered(accessory));
      }
    } else if (answer == Answer.YES) {
      CircuitDraft made = Accessories.of(accessory, description);
      if (made != null) {
        circuits.add(made);
      }
    }
  }

  /** The hull plug is outside, before anybody climbs aboard. */
  private static boolean isReachedFirst(Fitting fitting) {
    return fitting.kind() == FittingKind.HULL_PLUG;
  }

  private void wholeBoat() {
    if (description.kind() == BoatKind.POWER) {
      ofTheBoat.add(
          new Fitting(
              "hull-plug",
              "hull plug",
              FittingKind.HULL_PLUG,
              null,
              "transom, low",
              "by hand",
              true));
    }
    ofTheBoat.add(whole("bilge-pump", "bilge pump", FittingKind.BILGE_PUMP, "helm"));
    if (!description.engines().isEmpty()) {
      ofTheBoat.add(whole("key", "key", FittingKind.KEY, ""));
    }
    ofTheBoat.add(whole("vent-mesh", "vent mesh", FittingKind.VENT_MESH, "tank and battery vents"));
    ofTheBoat.add(whole("cover", "cover", FittingKind.COVER, ""));
  }

  private static Fitting whole(String key, String name, FittingKind kind, String where) {
    return new Fitting(key, name, kind, null, where, "", false);
  }

  private void changes() {
    description.refuseChangesSaidTwice();
    for (SegmentChange change : description.segmentChanges()) {
      new HullChanges(circuit("segmentChanges", change.circuit())).change(change);
    }
    for (AddedDrain added : description.addedDrains()) {
      new HullChanges(circuit("addedDrains", added.circuit())).add(added);
    }
    for (FittingChange change : description.fittingChanges()) {
      boolean found = false;
      for (CircuitDraft circuit : circuits) {
        found |= new HullChanges(circuit).change(change);
      }
      if (!found && !changeOfTheBoat(change)) {
        throw Refused.value(
            "fittingChanges",
            "The boat has no fitting \"%s\" to change.".formatted(change.fitting()));
      }
    }
  }

  private boolean changeOfTheBoat(FittingChange change) {
    for (int i = 0; i < ofTheBoat.size(); i++) {
      Fitting before = ofTheBoat.get(i);
      if (before.key().equals(change.fitting())) {
        ofTheBoat.set(
            i,
            new Fitting(
                before.key(),
                change.name() == null ? before.name() : change.name(),
                before.kind(),
                null,
                change.where() == null ? before.where() : change.where(),
                change.tool() == null ? before.tool() : change.tool(),
                before.belowWaterline()));
        return true;
      }
    }
    return false;
  }

  private CircuitDraft circuit(String field, String key) {
    return circuits.stream()
        .filter(circuit -> circuit.key.equals(key))
        .findFirst()
        .orElseThrow(() -> Refused.value(field, "The boat has no circuit \"%s\".".formatted(key)));
  }

  private void refuseMethod(List<Circuit> built) {
    Method method = description.method();
    if (method != Method.POUR) {
      return;
    }
    for (Circuit circuit : built) {
      if (circuit.hasSegment(SegmentKind.BLOCK)
          && !circuit.methods().contains(Method.POUR)
          && circuit.engine() != Position.GENERATOR) {
        throw Refused.value(
            "method",
            "Pouring needs a thermostat housing whose hoses can be opened; the block of the %s has"
                    .formatted(circuit.name())
                + " none. Choose another method.");
      }
    }
  }
}
