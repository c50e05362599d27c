package elsko.core.boat.description;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.path.Position;
import java.util.EnumSet;
import java.util.Set;

/** The kinds of engine a boat can have, each with the parts there can be around it. */
public enum EngineKind {
  AIR_COOLED,
  GENERATOR(SEACOCK, STRAINER, SIPHON_BREAK, FLUSH_TEE, SEPARATOR),
  STERNDRIVE(
      SEACOCK,
      STRAINER,
      OIL_COOLER,
      FUEL_COOLER,
      STEERING_COOLER,
      THERMOSTAT_HOUSING,
      TAKES_MUFFS,
      QUICK_CONNECTOR),
  V_DRIVE(
      SEACOCK,
      STRAINER,
      TRANSMISSION_COOLER,
      FLUSH_TEE,
      QUICK_CONNECTOR,
      THERMOSTAT_HOUSING,
      FACE_SEAL),
  SAILDRIVE(
      SEACOCK,
      STRAINER,
      TRANSMISSION_COOLER,
      SIPHON_BREAK,
      FLUSH_TEE,
      BILGE_BRANCH,
      THERMOSTAT_HOUSING,
      SEPARATOR),
  OUTBOARD(TAKES_MUFFS, QUICK_CONNECTOR),
  JET(PORT_VALVE),
  SHAFT_CLOSED(
      SEACOCK,
      STRAINER,
      OIL_COOLER,
      TRANSMISSION_COOLER,
      FUEL_COOLER,
      SIPHON_BREAK,
      FLUSH_TEE,
      BILGE_BRANCH,
      SEPARATOR,
      FACE_SEAL),
  SHAFT_DIESEL(
      SEACOCK,
      STRAINER,
      TRANSMISSION_COOLER,
      SIPHON_BREAK,
      FLUSH_TEE,
      BILGE_BRANCH,
      THERMOSTAT_HOUSING,
      SEPARATOR,
      FACE_SEAL),
  VINTAGE(SEACOCK, STRAINER, FLUSH_TEE, BILGE_BRANCH, THERMOSTAT_HOUSING, SIPHON_BREAK, FACE_SEAL);

  private final Set<EnginePart> possible = EnumSet.noneOf(EnginePart.class);

  EngineKind(EnginePart... possible) {
    this.possible.addAll(Set.of(possible));
  }

  public static EngineKind of(Layout layout, EngineDescription engine) {
    if (engine.cooling() == Cooling.AIR) {
      return AIR_COOLED;
    }
    if (engine.position() == Position.GENERATOR) {
      return GENERATOR;
    }
    return switch (layout) {
      case STERNDRIVE -> STERNDRIVE;
      case V_DRIVE -> V_DRIVE;
      case SAILDRIVE -> SAILDRIVE;
      case OUTBOARD -> OUTBOARD;
      case JET -> JET;
      case SHAFT, NONE -> onShaft(engine);
    };
  }

  private static EngineKind onShaft(EngineDescription engine) {
    if (engine.cooling() == Cooling.CLOSED) {
      return SHAFT_CLOSED;
    }
    return engine.fuel() == Fuel.DIESEL ? SHAFT_DIESEL : VINTAGE;
  }

  /** The parts there can be. */
  public Set<EnginePart> possible() {
    return Set.copyOf(possible);
  }

  /** The parts that are fitted when nobody says otherwise. */
  public Set<EnginePart> usual(EngineDescription engine) {
    boolean rawWater = engine.cooling() == Cooling.RAW_WATER;
    return switch (this) {
      case AIR_COOLED, JET -> Set.of();
      case GENERATOR -> Set.of(SEACOCK, STRAINER);
      case STERNDRIVE ->
          rawWater && engine.fuel() == Fuel.PETROL
              ? Set.of(FUEL_COOLER, STEERING_COOLER, THERMOSTAT_HOUSING, TAKES_MUFFS)
              : Set.of(FUEL_COOLER, STEERING_COOLER, TAKES_MUFFS);
      case V_DRIVE ->
          rawWater
              ? Set.of(STRAINER, TRANSMISSION_COOLER, THERMOSTAT_HOUSING)
              : Set.of(STRAINER, TRANSMISSION_COOLER);
      case SAILDRIVE, SHAFT_DIESEL ->
          rawWater
              ? Set.of(SEACOCK, STRAINER, TRANSMISSION_COOLER, THERMOSTAT_HOUSING)
              : Set.of(SEACOCK, STRAINER, SIPHON_BREAK);
      case OUTBOARD -> Set.of(TAKES_MUFFS);
      case SHAFT_CLOSED ->
          PowerClass.of(engine).cooler() > 0
              ? Set.of(SEACOCK, STRAINER, OIL_COOLER)
              : Set.of(SEACOCK, STRAINER);
      case VINTAGE -> Set.of(SEACOCK, THERMOSTAT_HOUSING);
    };
  }
}
