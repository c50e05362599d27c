package elsko.core.procedure.request;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import java.util.List;

/** One circuit on a card: names its steps and finds its fittings. */
public record OnCircuit(CardRequest request, Circuit circuit) {
  private static final String ONLY_ENGINE = "engine";

  public Boat boat() {
    return request.boat();
  }

  public Method method() {
    return request.method(circuit);
  }

  public CircuitState state() {
    return request.state().circuit(circuit.key());
  }

  public Position engine() {
    return circuit.engine();
  }

  public boolean isEngine() {
    return circuit.kind() == CircuitKind.RAW_WATER;
  }

  /** Key of a step about this circuit; the engine of a boat with one has the plain names. */
  public String key(String step) {
    return key(circuit.key(), step);
  }

  public static String key(String circuit, String step) {
    return circuit.equals(ONLY_ENGINE) ? step : circuit + "." + step;
  }

  /** A step about this circuit. Where there are several, its title names which, aloud. */
  public Step.Draft step(String step, String title) {
    return Step.called(key(step), titled(title)).of(circuit.key());
  }

  public String titled(String title) {
    boolean alone = circuit.key().equals(ONLY_ENGINE) && boat().engineCircuits().size() == 1;
    return alone
        ? title
        : Words.sentence(shortName())
            + ": "
            + title.substring(0, 1).toLowerCase(java.util.Locale.ROOT)
            + title.substring(1);
  }

  /** "Port engine", "generator", "air conditioning". */
  public String shortName() {
    if (!isEngine()) {
      return circuit.name();
    }
    return circuit.name().replace(" raw water", "").replace(", air-cooled", "");
  }

  public Fitting the(FittingKind kind) {
    return boat().fittingOf(circuit, kind);
  }

  public List<Fitting> all(FittingKind kind) {
    return boat().fittingsOf(circuit, kind);
  }

  /** Every fitting of a kind set to a state, in its own words. */
  public List<Ask> set(FittingKind kind, FittingState to) {
    return all(kind).stream().<Ask>map(one -> new Ask.Set(words(one, to), one.key(), to)).toList();
  }

  public static String words(Fitting fitting, FittingState to) {
    return fitting.name() + " " + to.words();
  }

  public boolean has(FittingKind kind) {
    return the(kind) != null;
  }

  boolean is(FittingKind kind, FittingState state) {
    Fitting fitting = the(kind);
    return fitting != null && request.state().is(fitting, state);
  }

  /** Whether antifreeze goes in at hoses rather than through the pump's feed. */
  public boolean fillsAtHoses() {
    return method() == Method.POUR
        || method() == Method.DRAW && !isEngine() && !circuit.pourPoints().isEmpty();
  }

  /** Safe, or filled and only its samples are missing. */
  public boolean isLaidUp() {
    Protection protection = state().protection();
    return protection.isSafe() || protection == Protection.FILLED;
  }

  /** Whether a run on water would undo what is proven of it, and nobody let go of that. */
  public boolean wouldBeUndone() {
    return request.progress().procedure() != Procedure.COMMISSION
        && request.state().wouldBeUndoneByWater(circuit);
  }

  public List<String> toolsFor(List<String> fittings) {
    return fittings.stream()
        .map(key -> boat().fitting(key).tool())
        .filter(tool -> !tool.isEmpty() && !tool.equals("by hand"))
        .distinct()
        .toList();
  }
}
