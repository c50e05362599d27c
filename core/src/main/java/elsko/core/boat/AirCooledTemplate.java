package elsko.core.boat;

import java.util.Set;

/** No water at all. */
final class AirCooledTemplate implements EngineTemplate {
  @Override
  public Set<EnginePart> usual(EngineDescription engine) {
    return Set.of();
  }

  @Override
  public Set<EnginePart> possible(EngineDescription engine) {
    return Set.of();
  }

  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    // It holds no water by construction.
  }
}
