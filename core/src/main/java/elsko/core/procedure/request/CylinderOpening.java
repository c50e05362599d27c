package elsko.core.procedure.request;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import java.util.List;

/** How water is let out of cylinders: an engine has one way, by its fuel. */
public enum CylinderOpening {
  PLUGS("spark plugs out", "petrol: each cylinder is open at its plug"),
  INJECTORS("injectors out", "diesel: each cylinder is open at its injector or glow plug");

  private final String words;
  private final String reason;

  CylinderOpening(String words, String reason) {
    this.words = words;
    this.reason = reason;
  }

  public String words() {
    return words;
  }

  public String reason() {
    return reason;
  }

  /** The one way of an engine with a water path that can reach its cylinders. */
  public static List<CylinderOpening> possible(Boat boat, Circuit circuit) {
    if (circuit.kind() != CircuitKind.RAW_WATER || !circuit.isRawWater()) {
      return List.of();
    }
    return List.of(boat.engine(circuit).fuel() == Fuel.PETROL ? PLUGS : INJECTORS);
  }
}
