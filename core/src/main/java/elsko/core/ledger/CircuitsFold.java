package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.circuit.LogTime;
import elsko.core.ledger.circuit.ProofRules;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** The circuits of a boat, each followed through the log. */
final class CircuitsFold {
  private final Boat boat;
  private final Map<String, CircuitFold> circuits = new LinkedHashMap<>();

  CircuitsFold(Boat boat, ProofRules rules, LogTime time) {
    this.boat = boat;
    for (Circuit circuit : boat.circuits()) {
      circuits.put(circuit.key(), new CircuitFold(circuit, boat.drawReaches(circuit), rules, time));
    }
  }

  Collection<CircuitFold> all() {
    return circuits.values();
  }

  /** Null, when the boat was described again and no longer has it. */
  CircuitFold get(String key) {
    return circuits.get(key);
  }

  void flooded(Circuit circuit) {
    circuits.get(circuit.key()).flooded();
  }

  void ifThere(String circuit, Consumer<CircuitFold> then) {
    CircuitFold fold = circuits.get(circuit);
    if (fold != null) {
      then.accept(fold);
    }
  }

  void ifLowPoint(String lowPoint, Consumer<CircuitFold> then) {
    if (boat.hasLowPoint(lowPoint)) {
      then.accept(circuits.get(boat.circuitOfLowPoint(lowPoint).key()));
    }
  }

  void coolantOf(Position said, Consumer<CircuitFold> then) {
    List<Position> engines = boat.enginesMeant(said);
    for (Circuit coolant : boat.circuitsOf(CircuitKind.COOLANT)) {
      if (engines.contains(coolant.engine())) {
        then.accept(circuits.get(coolant.key()));
      }
    }
  }

  /** With its raw water laid up, the coolant of an engine is no longer in service either. */
  void leaveServiceWith(String circuit) {
    if (boat.hasCircuit(circuit) && boat.circuit(circuit).engine() != null) {
      coolantOf(boat.circuit(circuit).engine(), CircuitFold::leaveService);
    }
  }

  /** Liters that went into each of those that hold antifreeze. */
  Map<String, Double> filled() {
    Map<String, Double> filled = new HashMap<>();
    circuits.forEach(
        (key, circuit) -> {
          if (circuit.holdsAntifreeze()) {
            filled.put(key, circuit.litersUsed());
          }
        });
    return Collections.unmodifiableMap(filled);
  }
}
