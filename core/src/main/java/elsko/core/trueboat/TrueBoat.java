package elsko.core.trueboat;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.SegmentKind;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One boat as it really is. Its volumes, residues, shares and times are drawn around the
 * description; how its segments lie to each other is as described. It takes actions and gives
 * observations, and is asked what would break.
 */
public final class TrueBoat {
  /** A feed under pressure, or a strainer filled to the brim, fills the pump too. */
  private static final Set<FittingState> FILLS =
      Set.of(FittingState.HOSE, FittingState.SUCTION_CUP, FittingState.STRAINER);

  private static final double THERMOSTAT_STUCK = 0.02;

  private final Boat boat;
  private final long seed;
  private final Map<String, TrueCircuit> circuits = new LinkedHashMap<>();
  private final Map<String, FittingState> fittings = new HashMap<>();
  private final Map<String, TruePump> pumps = new HashMap<>();

  /** What would break, and why. */
  public record Broken(String circuit, String segment, double massFraction, double level) {}

  /**
   * @param seed draws all that the description does not know
   */
  public TrueBoat(Boat boat, long seed) {
    this.boat = boat;
    this.seed = seed;
    Random nature = new Random(seed);
    for (Circuit circuit : boat.circuits()) {
      if (holdsRawWater(circuit)) {
        circuits.put(
            circuit.key(),
            new TrueCircuit(
                circuit,
                boat.drawReaches(circuit),
                nature,
                nature.nextDouble() < THERMOSTAT_STUCK));
      }
    }
    Random ofPumps = new Random(seed + 1);
    for (Circuit circuit : boat.engineCircuits()) {
      if (boat.fittingOf(circuit, FittingKind.IMPELLER) != null) {
        pumps.put(circuit.key(), new TruePump(boat.engine(circuit), ofPumps));
      }
    }
    boat.fittings().forEach(f -> fittings.put(f.key(), f.kind().inCommission()));
  }

  private static boolean holdsRawWater(Circuit circuit) {
    return circuit.kind() != CircuitKind.COOLANT
        && circuit.kind() != CircuitKind.UNANSWERED
        && !circuit.segments().isEmpty();
  }

  public FittingState stands(String fitting) {
    return fittings.get(fitting);
  }

  /** Sets a fitting; a drain that is taken out lets out what runs. */
  public void set(String fitting, FittingState to) {
    fittings.put(fitting, to);
    Circuit circuit = boat.circuitOf(boat.fitting(fitting));
    TruePump pump = circuit == null ? null : pumps.get(circuit.key());
    if (pump != null && FILLS.contains(to)) {
      pump.filled();
    }
    if (circuit != null && circuits.containsKey(circuit.key())) {
      settle(circuit);
    }
  }

  /** Opens a low point, or lowers the hose it runs out of. */
  public Saw open(String lowPoint) {
    Circuit circuit = boat.circuitOfLowPoint(lowPoint);
    Opening opening = circuits.get(circuit.key()).opening(lowPoint);
    String opens = opening.point().opens();
    if (opens != null) {
      fittings.put(opens, boat.fitting(opens).kind().opensAt());
    }
    Saw saw = opening.letOut(vented(circuit, opening));
    TruePump pump = pumps.get(circuit.key());
    if (pump != null && empties(circuit, opening, SegmentKind.PUMP)) {
      pump.emptied();
    }
    settle(circuit);
    return saw;
  }

  private static boolean empties(Circuit circuit, Opening opening, SegmentKind kind) {
    return opening.point().empties().stream().anyMatch(key -> circuit.segment(key).kind() == kind);
  }

  /** The raw-water pump of an engine's circuit; null where it has no rubber. */
  public @Nullable TruePump pump(String circuit) {
    return pumps.get(circuit);
  }

  /** Whether water came out of a low point since somebody looked, as when air was let in above. */
  public boolean hasRun(String lowPoint) {
    return circuits.get(boat.circuitOfLowPoint(lowPoint).key()).opening(lowPoint).look();
  }

  /** Puts a rod into the hole of an open low point; what came then. */
  public Saw rod(String lowPoint) {
    Circuit circuit = boat.circuitOfLowPoint(lowPoint);
    Opening opening = circuits.get(circuit.key()).opening(lowPoint);
    opening.rod();
    return opening.letOut(vented(circuit, opening));
  }

  /** Whether a rod, and air, get to the cavity behind a low point; or one sees into it. */
  public boolean rodAndAirPass(String lowPoint) {
    Circuit circuit = boat.circuitOfLowPoint(lowPoint);
    Opening opening = circuits.get(circuit.key()).opening(lowPoint);
    String opens = opening.point().opens();
    boolean inSight =
        opens == null
            || circuit.hoses().contains(opens)
            || boat.fitting(opens).kind() == FittingKind.DRIVE;
    return inSight || opening.rodGoesIn() && vented(circuit, opening);
  }

  /** The engine, or the circuit's own pump, pulls water through it for so long. */
  public void runOnWater(String circuit, double minutes) {
    TrueCircuit ran = circuits.get(circuit);
    if (ran == null) {
      return; // cooled by air
    }
    ran.thermostat().ran(minutes);
    ran.flood();
    settle(boat.circuit(circuit));
  }

  /** Whether the gauge rose and held: the thermostat opened. */
  public boolean gaugeHolds(String circuit) {
    TrueCircuit ran = circuits.get(circuit);
    return ran == null || ran.thermostat().isOpen();
  }

  /** Draws so much of a product through, from where the feed is put on. */
  public void draw(String circuit, double liters, double massFraction) {
    TrueCircuit drawn = circuits.get(circuit);
    double rest = liters;
    while (rest > 0) {
      double now = Math.min(rest, 0.5);
      drawn.draw(Pulse.of(now, massFraction));
      drawn.thermostat().cold(now);
      rest -= now;
    }
    settle(boat.circuit(circuit));
  }

  /** Pours so much of a product in at a hose; how much ran over, L. */
  public double pour(String circuit, String hose, double liters, double massFraction) {
    for (PourPoint point : boat.circuit(circuit).pourPoints()) {
      if (point.hose().equals(hose)) {
        TruePump pump = pumps.get(circuit);
        Circuit of = boat.circuit(circuit);
        if (pump != null
            && point.fills().stream().anyMatch(k -> of.segment(k).kind() == SegmentKind.PUMP)) {
          pump.filled();
        }
        double over =
            circuits.get(circuit).pour(point.fills(), Pulse.of(liters, massFraction)).liters();
        if (!boat.circuit(circuit).centralDrain()) {
          settle(boat.circuit(circuit));
        }
        return over;
      }
    }
    return liters;
  }

  /** A short turn without water: pump, hoses and coolers throw out what stands in them. */
  public void kick(String circuit) {
    for (Vessel vessel : circuits.get(circuit).vessels()) {
      SegmentKind kind = vessel.segment().kind();
      if (kind == SegmentKind.PUMP || kind == SegmentKind.HOSE) {
        vessel.runOut();
      }
    }
  }

  /** The true fraction of what a bottle at a low point catches; null when nothing comes. */
  public Double sample(String lowPoint) {
    Circuit circuit = boat.circuitOfLowPoint(lowPoint);
    Opening opening = circuits.get(circuit.key()).opening(lowPoint);
    return opening.fillsABottle() ? (Double) opening.sample() : null;
  }

  /** So much time passes. */
  public void pass(double minutes) {
    circuits.values().forEach(circuit -> circuit.thermostat().stands(minutes));
  }

  /** What would break at this temperature, if it stood there long enough. */
  public List<Broken> breaksAt(double temperatureC) {
    GlycolCurve curve = GlycolCurve.of(Base.PG);
    List<Broken> broken = new ArrayList<>();
    circuits.forEach(
        (key, circuit) -> {
          for (Vessel vessel : circuit.vessels()) {
            double level = vessel.liters() / vessel.capacity();
            Double weakest = vessel.weakest();
            boolean safe =
                weakest == null
                    || curve.burstIsFloor(weakest)
                    || curve.burstPointC(weakest) <= temperatureC;
            if (!safe) {
              broken.add(new Broken(key, vessel.segment().key(), weakest, level));
            }
          }
        });
    return broken;
  }

  /** Leaves it as it stands, in air of this temperature, to what the weather will be. */
  public InTheCold leftInTheCold(double airC) {
    GlycolCurve curve = GlycolCurve.of(Base.PG);
    Random nature = new Random(~seed);
    InTheCold cold = new InTheCold();
    for (TrueCircuit circuit : circuits.values()) {
      for (Vessel vessel : circuit.vessels()) {
        Double weakest = vessel.weakest();
        if (weakest != null && !curve.burstIsFloor(weakest)) {
          cold.add(circuit, vessel, curve.burstPointC(weakest), airC, nature);
        }
      }
    }
    return cold;
  }

  /** Keys of the fittings that are not as they are in commission. */
  public Set<String> loose() {
    Set<String> loose = new HashSet<>();
    for (Fitting fitting : boat.fittings()) {
      if (fittings.get(fitting.key()) != fitting.kind().inCommission()) {
        loose.add(fitting.key());
      }
    }
    return loose;
  }

  /** All that stands in a circuit: liters, and glycol in liters times mass fraction. */
  double[] holds(String circuit) {
    double liters = 0;
    double glycol = 0;
    for (Vessel vessel : circuits.get(circuit).vessels()) {
      liters += vessel.liters();
      glycol += vessel.glycolLiters();
    }
    return new double[] {liters, glycol};
  }

  /** Air gets in above a low point through any other opening of its circuit. */
  private boolean vented(Circuit circuit, Opening opening) {
    Set<String> open = new HashSet<>(circuit.hoses());
    circuit.lowPoints().forEach(point -> open.add(point.opens()));
    open.remove(null);
    open.remove(opening.point().opens());
    return open.stream().anyMatch(this::isOpen);
  }

  private boolean isOpen(String fitting) {
    FittingKind kind = boat.fitting(fitting).kind();
    return kind == FittingKind.HOSE_END
        ? fittings.get(fitting) == FittingState.OFF
        : fittings.get(fitting).isOut();
  }

  /** Through every drain that stands open, what can run runs. */
  private void settle(Circuit circuit) {
    for (Opening opening : circuits.get(circuit.key()).openings()) {
      String opens = opening.point().opens();
      if (opens == null) {
        continue;
      }
      Fitting fitting = boat.fitting(opens);
      if (fitting.kind() != FittingKind.HOSE_END
          && fitting.kind() != FittingKind.SEACOCK
          && fittings.get(opens) == fitting.kind().opensAt()) {
        opening.letOut(vented(circuit, opening));
      }
    }
  }
}
