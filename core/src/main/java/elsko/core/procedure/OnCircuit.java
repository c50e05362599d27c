package elsko.core.procedure;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.CircuitKind;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.boat.Method;
import elsko.core.boat.Position;
import elsko.core.ledger.circuit.CircuitState;
import java.util.List;

/** One circuit on a card: names its steps and finds its fittings. */
record OnCircuit(CardRequest request, Circuit circuit) {
  private static final String ONLY_ENGINE = "engine";

  Boat boat() {
    return request.boat();
  }

  Method method() {
    return request.method(circuit);
  }

  CircuitState state() {
    return request.state().circuit(circuit.key());
  }

  Position engine() {
    return circuit.engine();
  }

  boolean isEngine() {
    return circuit.kind() == CircuitKind.RAW_WATER;
  }

  /** Key of a step about this circuit; the engine of a boat with one has the plain names. */
  String key(String step) {
    return key(circuit.key(), step);
  }

  static String key(String circuit, String step) {
    return circuit.equals(ONLY_ENGINE) ? step : circuit + "." + step;
  }

  /** A step about this circuit. Where there are several, its title names which, aloud. */
  Step.Draft step(String step, String title) {
    return Step.called(key(step), titled(title)).of(circuit.key());
  }

  String titled(String title) {
    boolean alone = circuit.key().equals(ONLY_ENGINE) && boat().engineCircuits().size() == 1;
    return alone
        ? title
        : Words.sentence(shortName())
            + ": "
            + title.substring(0, 1).toLowerCase(java.util.Locale.ROOT)
            + title.substring(1);
  }

  /** "Port engine", "generator", "air conditioning". */
  String shortName() {
    if (!isEngine()) {
      return circuit.name();
    }
    return circuit.name().replace(" raw water", "").replace(", air-cooled", "");
  }

  Fitting the(FittingKind kind) {
    return boat().fittingOf(circuit, kind);
  }

  List<Fitting> all(FittingKind kind) {
    return boat().fittingsOf(circuit, kind);
  }

  /** Every fitting of a kind set to a state, in its own words. */
  List<Ask> set(FittingKind kind, FittingState to) {
    return all(kind).stream()
        .<Ask>map(one -> new Ask.Set(Running.words(one, to), one.key(), to))
        .toList();
  }

  boolean has(FittingKind kind) {
    return the(kind) != null;
  }

  boolean is(FittingKind kind, FittingState state) {
    Fitting fitting = the(kind);
    return fitting != null && request.state().is(fitting, state);
  }

  /** Whether antifreeze goes in at hoses rather than through the pump's feed. */
  boolean fillsAtHoses() {
    return method() == Method.POUR
        || method() == Method.DRAW && !isEngine() && !circuit.pourPoints().isEmpty();
  }

  List<String> toolsFor(List<String> fittings) {
    return fittings.stream()
        .map(key -> boat().fitting(key).tool())
        .filter(tool -> !tool.isEmpty() && !tool.equals("by hand"))
        .distinct()
        .toList();
  }
}
