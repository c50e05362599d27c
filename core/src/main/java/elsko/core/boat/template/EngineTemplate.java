package elsko.core.boat.template;

import elsko.core.boat.description.EngineKind;
import elsko.core.boat.description.FittedEngine;

/** The raw water of one kind of engine, in the usual case. Volumes in liters. */
public interface EngineTemplate {
  /** Writes segments, low points and fittings, from the intake to the exhaust. */
  void write(CircuitDraft circuit, FittedEngine engine);

  static EngineTemplate of(EngineKind kind) {
    return switch (kind) {
      case AIR_COOLED -> new AirCooledTemplate();
      case GENERATOR -> new GeneratorTemplate();
      case STERNDRIVE -> new SterndriveTemplate();
      case V_DRIVE -> new VDriveTemplate();
      case SAILDRIVE -> new SmallDieselTemplate(false);
      case OUTBOARD -> new OutboardTemplate();
      case JET -> new JetTemplate();
      case SHAFT_CLOSED -> new ShaftClosedTemplate();
      case SHAFT_DIESEL -> new SmallDieselTemplate(true);
      case VINTAGE -> new VintageTemplate();
    };
  }
}
