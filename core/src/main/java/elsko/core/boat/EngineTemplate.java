package elsko.core.boat;

import java.util.Set;

/** The raw water of one kind of engine, in the usual case. Volumes in liters. */
interface EngineTemplate {
  /** The parts that are fitted when nobody says otherwise. */
  Set<EnginePart> usual(EngineDescription engine);

  /** The parts there can be. */
  Set<EnginePart> possible(EngineDescription engine);

  /** Writes segments, low points and fittings, from the intake to the exhaust. */
  void write(CircuitDraft circuit, FittedEngine engine);

  static EngineTemplate of(Layout layout, EngineDescription engine) {
    if (engine.cooling() == Cooling.AIR) {
      return new AirCooledTemplate();
    }
    if (engine.position() == Position.GENERATOR) {
      return new GeneratorTemplate();
    }
    return switch (layout) {
      case STERNDRIVE -> new SterndriveTemplate();
      case V_DRIVE -> new VDriveTemplate();
      case SAILDRIVE -> new SmallDieselTemplate(false);
      case OUTBOARD -> new OutboardTemplate();
      case JET -> new JetTemplate();
      case SHAFT, NONE -> ofShaft(engine);
    };
  }

  private static EngineTemplate ofShaft(EngineDescription engine) {
    if (engine.cooling() == Cooling.CLOSED) {
      return new ShaftClosedTemplate();
    }
    return engine.fuel() == Fuel.DIESEL ? new SmallDieselTemplate(true) : new VintageTemplate();
  }
}
