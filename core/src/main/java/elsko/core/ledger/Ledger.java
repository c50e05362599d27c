package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.fluid.Need;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;

/**
 * Folds a boat's log into its state. Total: any log gives a state, also one whose corrections
 * describe what an interlock would have refused.
 */
public final class Ledger {
  private final Boat boat;
  private final Need need;
  private final Map<String, FittingStanding> fittings = new LinkedHashMap<>();
  private final Map<String, CircuitFold> circuits = new LinkedHashMap<>();
  private final Map<UUID, CardFold> cards = new LinkedHashMap<>();
  private final Set<String> inBay = new TreeSet<>();
  private Integer counted;
  private String countedBy;
  private Instant countedAt;
  private UUID berth;
  private String berthName = "";
  private boolean afloat;
  private boolean running;
  private boolean kicked;

  private Ledger(Boat boat, Need need) {
    this.boat = boat;
    this.need = need;
    for (Fitting fitting : boat.fittings()) {
      fittings.put(
          fitting.key(),
          new FittingStanding(fitting, fitting.kind().inCommission(), null, null, false, ""));
    }
    for (Circuit circuit : boat.circuits()) {
      circuits.put(circuit.key(), new CircuitFold(circuit, need));
    }
  }

  /**
   * The state a log leaves a boat in.
   *
   * @param need what the yard guards against now; stored readings are judged by it
   * @param log in the order it was kept
   */
  public static BoatState fold(Boat boat, Need need, List<Entry> log) {
    Ledger ledger = new Ledger(boat, need);
    Corrections.applied(log).forEach(ledger::apply);
    return ledger.state();
  }

  private void apply(Entry entry) {
    if (entry.card() != null) {
      applyToCard(entry);
    }
    Fact fact = entry.fact();
    if (fact instanceof Fact.FittingSet set) {
      set(entry, set);
    } else if (fact instanceof Fact.CircuitSeen looked) {
      circuits.get(looked.circuit()).looked(looked.inService());
    } else if (fact instanceof Fact.LowPointSeen looked) {
      of(looked.lowPoint()).lookedAt(boat.lowPoint(looked.lowPoint()), looked.seen());
    } else if (fact instanceof Fact.EngineStarted started) {
      started(started);
    } else if (fact instanceof Fact.EngineStopped) {
      running = false;
    } else if (fact instanceof Fact.FluidUsed used) {
      circuits.get(used.circuit()).filled(used, entry.person());
    } else if (fact instanceof Fact.JugRead read) {
      circuits.values().forEach(circuit -> circuit.jug(read));
    } else if (fact instanceof Fact.SampleRead read) {
      of(read.lowPoint()).sample(read);
    } else if (fact instanceof Fact.CouldNotSample said) {
      of(said.lowPoint()).notSampled(said);
    } else if (fact instanceof Fact.BagCounted bag) {
      counted = bag.count();
      countedBy = entry.person();
      countedAt = entry.deviceTime();
    } else if (fact instanceof Fact.BayEntered) {
      inBay.add(entry.person());
    } else if (fact instanceof Fact.BayLeft) {
      inBay.remove(entry.person());
    } else if (fact instanceof Fact.BerthMoved moved) {
      moved(moved);
    }
  }

  private void set(Entry entry, Fact.FittingSet set) {
    FittingStanding before = fittings.get(set.fitting());
    if (before == null) {
      return; // the boat was described anew and no longer has it
    }
    FittingStanding after =
        new FittingStanding(
            before.fitting(),
            set.state(),
            entry.person(),
            entry.deviceTime(),
            set.forSample() && set.state().isOut(),
            set.reason());
    fittings.put(set.fitting(), after);
    FittingKind kind = before.fitting().kind();
    if (kind.isBagged() && before.state() != set.state()) {
      forgetCount();
    }
    for (CircuitFold circuit : foldsOf(set.fitting(), kind)) {
      if (kind == FittingKind.HOSE_END) {
        if (set.state() == FittingState.OFF) {
          circuit.hoseOff();
        }
      } else if (after.isDrainOut()) {
        if (!before.isDrainOut()) {
          kicked = false;
          circuit.drainOut(set.fitting());
        }
      } else {
        circuit.drainIn(set.fitting());
      }
    }
  }

  /** A count speaks of the bag as it was; after a plug has moved it has to be counted again. */
  private void forgetCount() {
    counted = null;
    countedBy = null;
    countedAt = null;
  }

  private List<CircuitFold> foldsOf(String fitting, FittingKind kind) {
    if (!kind.isDrain() && kind != FittingKind.HOSE_END) {
      return List.of();
    }
    return boat.circuits().stream()
        .filter(c -> c.drains().contains(fitting) || c.hoses().contains(fitting))
        .map(c -> circuits.get(c.key()))
        .toList();
  }

  private CircuitFold of(String lowPoint) {
    return circuits.get(boat.circuitOfLowPoint(lowPoint).key());
  }

  private void started(Fact.EngineStarted started) {
    if (started.basis() == StartBasis.KICK) {
      kicked = true;
      return;
    }
    running = true;
    boolean onAntifreeze =
        started.basis() == StartBasis.FED
            && boat.fittingsOf(FittingKind.FEED).stream()
                .anyMatch(f -> fittings.get(f.key()).state() == FittingState.TANK);
    if (!onAntifreeze) {
      circuits.values().forEach(CircuitFold::flooded);
    }
  }

  private void moved(Fact.BerthMoved moved) {
    berth = moved.berth();
    berthName = moved.berthName();
    if (moved.afloat() && !afloat) {
      // No seacock keeps the water out of this path, so going afloat fills it from below.
      circuits.values().forEach(CircuitFold::flooded);
    }
    afloat = moved.afloat();
  }

  private void applyToCard(Entry entry) {
    if (entry.fact() instanceof Fact.CardOpened opened) {
      cards.put(entry.card(), new CardFold(entry, opened.method()));
    }
    CardFold card = cards.get(entry.card());
    if (card != null) {
      card.apply(entry);
    }
  }

  private BoatState state() {
    List<FittingStanding> plugs =
        fittings.values().stream().filter(f -> f.fitting().kind().isBagged()).toList();
    BagState bag =
        new BagState(
            (int) plugs.stream().filter(f -> f.state() == FittingState.OUT_BAGGED).count(),
            plugs.stream()
                .filter(f -> f.state() == FittingState.OUT_MISSING)
                .map(f -> f.fitting().name())
                .toList(),
            counted,
            countedBy,
            countedAt);
    return new BoatState(
        boat,
        need,
        Map.copyOf(fittings),
        circuits.values().stream().map(CircuitFold::state).toList(),
        bag,
        berth,
        berthName,
        afloat,
        running,
        kicked,
        Set.copyOf(inBay),
        cards.values().stream().map(CardFold::progress).toList());
  }
}
