package elsko.core.boat;

import elsko.core.Refused;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** One hull in the yard's care, written out in full from its description. */
public final class Boat {
  private final BoatDescription description;
  private final List<Circuit> circuits;
  private final Map<String, Fitting> fittings = new LinkedHashMap<>();

  Boat(BoatDescription description, List<Circuit> circuits, List<Fitting> fittings) {
    this.description = description;
    this.circuits = List.copyOf(circuits);
    for (Fitting fitting : fittings) {
      if (this.fittings.put(fitting.key(), fitting) != null) {
        throw Refused.value("fittings", "Two fittings are both called " + fitting.key() + ".");
      }
    }
  }

  /** Writes a boat out by the template of its layout. */
  public static Boat of(BoatDescription description) {
    return switch (description.layout()) {
      case STERNDRIVE -> SterndrivePetrolV8.boat(description);
    };
  }

  public BoatDescription description() {
    return description;
  }

  public String name() {
    return description.name();
  }

  public List<Circuit> circuits() {
    return circuits;
  }

  /** All fittings, in the order a person walks to them. */
  public List<Fitting> fittings() {
    return List.copyOf(fittings.values());
  }

  public boolean hasFitting(String key) {
    return fittings.containsKey(key);
  }

  /** Refuses a key the boat does not have. */
  public Fitting fitting(String key) {
    Fitting fitting = fittings.get(key);
    if (fitting == null) {
      throw Refused.value("fitting", "%s has no fitting called \"%s\".".formatted(name(), key));
    }
    return fitting;
  }

  /** Every fitting of one kind. */
  public List<Fitting> fittingsOf(FittingKind kind) {
    return fittings.values().stream().filter(fitting -> fitting.kind() == kind).toList();
  }

  /** Refuses a key the boat does not have. */
  public Circuit circuit(String key) {
    return circuits.stream()
        .filter(circuit -> circuit.key().equals(key))
        .findFirst()
        .orElseThrow(
            () ->
                Refused.value(
                    "circuit", "%s has no circuit called \"%s\".".formatted(name(), key)));
  }

  /** The circuit a low point belongs to. Refuses a key the boat does not have. */
  public Circuit circuitOfLowPoint(String lowPoint) {
    return circuits.stream()
        .filter(circuit -> circuit.lowPoints().stream().anyMatch(p -> p.key().equals(lowPoint)))
        .findFirst()
        .orElseThrow(
            () ->
                Refused.value(
                    "lowPoint", "%s has no low point called \"%s\".".formatted(name(), lowPoint)));
  }

  /** Refuses a key the boat does not have. */
  public LowPoint lowPoint(String key) {
    return circuitOfLowPoint(key).lowPoints().stream()
        .filter(point -> point.key().equals(key))
        .findFirst()
        .orElseThrow();
  }
}
