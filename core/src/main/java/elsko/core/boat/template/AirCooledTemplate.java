package elsko.core.boat.template;

import elsko.core.boat.description.FittedEngine;

/** No water at all. */
final class AirCooledTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    // It holds no water by construction.
  }
}
