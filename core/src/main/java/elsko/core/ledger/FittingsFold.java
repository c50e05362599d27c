package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.TagCause;
import java.util.Set;

/** Follows through the log how each fitting was set, and what that lets out or in. */
final class FittingsFold {
  private static final Set<FittingKind> FEEDS_THE_PUMP =
      Set.of(FittingKind.FEED, FittingKind.SEACOCK, FittingKind.DRIVE);

  private final Boat boat;
  private final HullFold hull;
  private final CircuitsFold circuits;
  private final EnginesFold engines;
  private final EngineRuns runs;
  private final BagFold bag;
  private final StayFold stays;

  FittingsFold(
      Boat boat,
      HullFold hull,
      CircuitsFold circuits,
      EnginesFold engines,
      EngineRuns runs,
      BagFold bag,
      StayFold stays) {
    this.boat = boat;
    this.hull = hull;
    this.circuits = circuits;
    this.engines = engines;
    this.runs = runs;
    this.bag = bag;
    this.stays = stays;
  }

  void set(Entry entry, Fact.FittingSet set) {
    FittingStanding before = hull.get(set.fitting());
    if (before == null || !before.fitting().kind().has(set.state())) {
      return; // the boat was described again and no longer has it
    }
    FittingStanding after =
        new FittingStanding(
            before.fitting(),
            set.state(),
            entry.person(),
            entry.deviceTime(),
            set.forSample() && set.state().isOut(),
            set.reason());
    hull.put(after);
    FittingKind kind = before.fitting().kind();
    if (kind.isBagged() && before.state() != set.state()) {
      bag.moved();
    }
    if (kind == FittingKind.COVER && before.fitting().equals(boat.fittingsOf(kind).get(0))) {
      stays.covered(set.state(), entry.deviceTime());
    }
    String circuit = before.fitting().circuit();
    if (circuit != null) {
      follow(circuits.get(circuit), before, after);
      if (FEEDS_THE_PUMP.contains(kind)) {
        engines.pumpFed(boat.circuit(circuit), entry);
      }
    }
  }

  private void follow(CircuitFold circuit, FittingStanding before, FittingStanding after) {
    FittingKind kind = after.fitting().kind();
    if (kind == FittingKind.HOSE_END) {
      if (after.state() == FittingState.OFF) {
        circuit.hoseOff();
      }
    } else if (kind.isDrain()) {
      if (!after.isDrainOut()) {
        circuit.drainIn(after.fitting().key());
      } else if (!before.isDrainOut()) {
        engines.opened(boat.circuitOf(after.fitting()).engine());
        circuit.drainOut(after.fitting().key());
        circuits.leaveServiceWith(after.fitting().circuit());
      }
    } else if (kind == FittingKind.SEACOCK) {
      if (hull.afloat()
          && after.state() == FittingState.OPEN
          && before.state() != FittingState.OPEN) {
        circuit.flooded();
        runs.seaCameIn(boat.circuit(after.fitting().circuit()).engine());
      }
    } else if (kind == FittingKind.DRIVE) {
      circuit.stands(after.state() == FittingState.DOWN);
    }
  }

  /** It runs at low load only, until somebody takes the limit off by hand. */
  void limitLoad(Position engine, Entry entry, TagCause cause) {
    for (Fitting limit : boat.fittingsOf(boat.engineCircuit(engine), FittingKind.LOAD_LIMIT)) {
      set(
          entry,
          new Fact.FittingSet(
              limit.key(), FittingState.LOW_LOAD_ONLY, false, "red tag: " + cause.words()));
    }
  }
}
