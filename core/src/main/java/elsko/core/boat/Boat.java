package elsko.core.boat;

import elsko.core.Refused;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.limits.Belt;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One hull in the yard's care, written out in full from its description. */
public final class Boat {
  private final BoatDescription description;
  private final Map<String, Circuit> circuits = new LinkedHashMap<>();
  private final Map<String, Fitting> fittings = new LinkedHashMap<>();
  private final Map<String, LowPoint> lowPoints = new HashMap<>();
  private final Map<String, Circuit> circuitOfLowPoint = new HashMap<>();
  private final Map<FittingKind, List<Fitting>> byKind = new EnumMap<>(FittingKind.class);
  private final Map<String, Map<FittingKind, List<Fitting>>> byCircuit = new HashMap<>();
  private final Map<Position, FittedEngine> engines = new EnumMap<>(Position.class);
  private final Map<CircuitKind, List<Circuit>> circuitsByKind = new EnumMap<>(CircuitKind.class);
  private final Map<String, Position> mufflerEmptiedAt = new HashMap<>();
  private final List<Circuit> all;
  private final List<Circuit> engineCircuits;
  private final List<Position> enginePositions;
  private final Map<Object, Object> workedOut = new ConcurrentHashMap<>();

  public Boat(BoatDescription description, List<Circuit> circuits, List<Fitting> fittings) {
    this.description = description;
    for (Circuit circuit : circuits) {
      this.circuits.put(circuit.key(), circuit);
      for (LowPoint point : circuit.lowPoints()) {
        lowPoints.put(point.key(), point);
        circuitOfLowPoint.put(point.key(), circuit);
        if (circuit.engine() != null && emptiesMuffler(circuit, point)) {
          mufflerEmptiedAt.put(point.key(), circuit.engine());
        }
      }
    }
    Map<String, String> names = new HashMap<>();
    for (Fitting fitting : fittings) {
      String name = fitting.name().toLowerCase(Locale.ROOT);
      if (names.put(name, fitting.key()) != null
          || this.fittings.put(fitting.key(), fitting) != null) {
        throw Refused.value(
            "fittings", "Two fittings are both called \"%s\".".formatted(fitting.name()));
      }
      byKind.computeIfAbsent(fitting.kind(), kind -> new ArrayList<>()).add(fitting);
      if (fitting.circuit() != null) {
        byCircuit
            .computeIfAbsent(fitting.circuit(), key -> new EnumMap<>(FittingKind.class))
            .computeIfAbsent(fitting.kind(), kind -> new ArrayList<>())
            .add(fitting);
      }
    }
    all = List.copyOf(circuits);
    for (CircuitKind kind : CircuitKind.values()) {
      circuitsByKind.put(kind, all.stream().filter(circuit -> circuit.kind() == kind).toList());
    }
    engineCircuits = circuitsOf(CircuitKind.RAW_WATER);
    enginePositions = engineCircuits.stream().map(Circuit::engine).toList();
    for (Circuit circuit : engineCircuits) {
      engines.put(
          circuit.engine(),
          FittedEngine.of(description.layout(), described(circuit.engine()).sizedFor(description)));
    }
  }

  /**
   * Writes a boat out by the templates of what it has. Refuses a description that contradicts
   * itself.
   */
  public static Boat of(BoatDescription description) {
    return new Composition(description).boat();
  }

  public BoatDescription description() {
    return description;
  }

  public String name() {
    return description.name();
  }

  public List<Circuit> circuits() {
    return all;
  }

  /** All fittings, in the order a person walks to them. */
  public List<Fitting> fittings() {
    return List.copyOf(fittings.values());
  }

  public boolean hasFitting(String key) {
    return fittings.containsKey(key);
  }

  public boolean hasCircuit(@Nullable String key) {
    return circuits.containsKey(key);
  }

  public boolean hasLowPoint(String key) {
    return lowPoints.containsKey(key);
  }

  /** Refuses a key the boat does not have. */
  public Fitting fitting(@Nullable String key) {
    Fitting fitting = fittings.get(key);
    if (fitting == null) {
      throw Refused.value("fitting", "%s has no fitting called \"%s\".".formatted(name(), key));
    }
    return fitting;
  }

  /** Every fitting of one kind. */
  public List<Fitting> fittingsOf(FittingKind kind) {
    return Collections.unmodifiableList(byKind.getOrDefault(kind, List.of()));
  }

  /** The fittings of one kind that belong to a circuit. */
  public List<Fitting> fittingsOf(Circuit circuit, FittingKind kind) {
    return Collections.unmodifiableList(
        byCircuit.getOrDefault(circuit.key(), Map.of()).getOrDefault(kind, List.of()));
  }

  /** The fitting of one kind that belongs to a circuit, or null. */
  public @Nullable Fitting fittingOf(Circuit circuit, FittingKind kind) {
    List<Fitting> found = fittingsOf(circuit, kind);
    return found.isEmpty() ? null : found.get(0);
  }

  /** The circuit a fitting belongs to, or null when it belongs to the boat as a whole. */
  public @Nullable Circuit circuitOf(Fitting fitting) {
    return fitting.circuit() == null ? null : circuits.get(fitting.circuit());
  }

  /** Refuses a key the boat does not have. */
  public Circuit circuit(@Nullable String key) {
    Circuit circuit = circuits.get(key);
    if (circuit == null) {
      throw Refused.value("circuit", "%s has no circuit called \"%s\".".formatted(name(), key));
    }
    return circuit;
  }

  /** Circuits of one kind. */
  public List<Circuit> circuitsOf(CircuitKind kind) {
    return circuitsByKind.getOrDefault(kind, List.of());
  }

  /** The raw water of each engine, generator last; air-cooled engines too. */
  public List<Circuit> engineCircuits() {
    return engineCircuits;
  }

  /** The engine that was named, or the only one; null when nobody named one of several. */
  public @Nullable Position engineMeant(@Nullable Position named) {
    return named == null && enginePositions.size() == 1 ? enginePositions.get(0) : named;
  }

  /** The engine that was named, if the boat has it; all of them when nobody said which. */
  public List<Position> enginesMeant(Position named) {
    if (named == null) {
      return enginePositions;
    }
    return enginePositions.contains(named) ? List.of(named) : List.of();
  }

  /** The engine whose muffler is empty once a low point has run out, or null. */
  public @Nullable Position mufflerEmptiedAt(String lowPoint) {
    return mufflerEmptiedAt.get(lowPoint);
  }

  /**
   * What follows from how the boat is built alone, worked out only the first time it is asked for.
   *
   * @param question with equality; its class belongs to whoever asks
   * @param answer never null, and always the same for the same boat and question
   */
  @SuppressWarnings("unchecked")
  public <T> T workedOut(Object question, Supplier<T> answer) {
    Object known = workedOut.get(question);
    if (known == null) {
      known = answer.get();
      workedOut.put(question, known);
    }
    return (T) known;
  }

  private static boolean emptiesMuffler(Circuit circuit, LowPoint point) {
    return point.empties().stream()
        .anyMatch(key -> circuit.segment(key).kind() == SegmentKind.MUFFLER);
  }

  /** The raw water of an engine. Refuses an engine the boat does not have. */
  public Circuit engineCircuit(@Nullable Position engine) {
    for (Circuit circuit : engineCircuits) {
      if (circuit.engine() == engine) {
        return circuit;
      }
    }
    String which = engine == null ? "engine" : engine.words();
    throw Refused.value("engine", "%s has no %s.".formatted(name(), which));
  }

  /** The engine that circuit belongs to, as it was described. */
  public EngineDescription engine(Circuit circuit) {
    return fitted(circuit).description();
  }

  /** Its belts: one, and another where its raw-water pump has its own. */
  public List<Belt> belts(Circuit circuit) {
    Integer said = engine(circuit).details().belts();
    boolean two = said != null ? said > 1 : fittingOf(circuit, FittingKind.BELT) != null;
    return two ? List.of(Belt.FIRST, Belt.SECOND) : List.of(Belt.FIRST);
  }

  /** How the exhaust of that circuit's engine leaves the boat. */
  public Exhaust exhaust(Circuit circuit) {
    return fitted(circuit).exhaust();
  }

  /** Whether a part is fitted around that circuit's engine. */
  public boolean has(Circuit circuit, EnginePart part) {
    return fitted(circuit).has(part);
  }

  private FittedEngine fitted(Circuit circuit) {
    return Objects.requireNonNull(engines.get(circuit.engine()));
  }

  /**
   * Keys of the segments that are reached when antifreeze is drawn from a tank: all from where the
   * tank is put on. Muffs and ports reach everything, a flush tee all but the leg, an adapter on
   * the strainer the strainer and what follows; without any of them the pump's own intake is used.
   */
  public Set<String> drawReaches(Circuit circuit) {
    List<Segment> path = circuit.segments();
    SegmentKind from = drawnFrom(circuit);
    int first = 0;
    while (from != null && first < path.size() && path.get(first).kind() != from) {
      first++;
    }
    return path.subList(first == path.size() ? 0 : first, path.size()).stream()
        .map(Segment::key)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** The kind of the first segment that is reached; null when all are. */
  private @Nullable SegmentKind drawnFrom(Circuit circuit) {
    boolean jet = description.layout() == Layout.JET && circuit.engine() != Position.GENERATOR;
    if (circuit.engine() == null) {
      return circuit.hasSegment(SegmentKind.STRAINER) ? SegmentKind.STRAINER : null;
    }
    if (circuit.kind() != CircuitKind.RAW_WATER || jet || has(circuit, EnginePart.TAKES_MUFFS)) {
      return null;
    }
    if (has(circuit, EnginePart.FLUSH_TEE)) {
      return SegmentKind.HOSE;
    }
    return circuit.hasSegment(SegmentKind.STRAINER) ? SegmentKind.STRAINER : SegmentKind.PUMP;
  }

  private EngineDescription described(@Nullable Position position) {
    return description.engines().stream()
        .filter(engine -> engine.position() == position)
        .findFirst()
        .orElseGet(Composition::usualGenerator);
  }

  /** The hose end on the suction side of a circuit's pump, or null. */
  public @Nullable Fitting suctionHose(Circuit circuit) {
    return circuit.suctionHose() == null ? null : fittings.get(circuit.suctionHose());
  }

  /** The circuit a low point belongs to. Refuses a key the boat does not have. */
  public Circuit circuitOfLowPoint(String lowPoint) {
    lowPoint(lowPoint);
    return Objects.requireNonNull(circuitOfLowPoint.get(lowPoint));
  }

  /** Refuses a key the boat does not have. */
  public LowPoint lowPoint(String key) {
    LowPoint point = lowPoints.get(key);
    if (point == null) {
      throw Refused.value("lowPoint", "%s has no low point called \"%s\".".formatted(name(), key));
    }
    return point;
  }
}
