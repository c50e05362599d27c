package elsko.core.ledger.rules;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import java.util.List;

/** How a fitting may be set, and a low point be looked at. */
final class FittingRules {
  private final BoatState state;
  private final Boat boat;

  FittingRules(BoatState state) {
    this.state = state;
    this.boat = state.boat();
  }

  void setting(Fact.FittingSet set) {
    Fitting fitting = boat.fitting(set.fitting());
    Circuit circuit = boat.circuitOf(fitting);
    FittingState to = set.state();
    boolean opens = fitting.kind().isDrain() && to.isOut() || to == REMOVED;
    boolean atEngine = circuit != null && circuit.engine() != null;
    if (!state.running().isEmpty()
        && atEngine
        && (opens
            || fitting.kind() == FittingKind.HOSE_END
            || fitting.kind() == FittingKind.OUTLET_HOSE)) {
      throw Refused.state(
          "fitting",
          "The engine is running. Stop it before the %s is touched.".formatted(fitting.name()));
    }
    keepTheSeaOut(fitting, circuit, to);
    if (fitting.kind() == FittingKind.HULL_PLUG && to.isOut() && state.afloat()) {
      throw Refused.state("fitting", "The hull plug comes out only ashore.");
    }
    if (set.forSample() && to.isOut()) {
      FillRules.requireFilled(state, circuit);
    }
    if (fitting.kind() == FittingKind.FEED) {
      noPressureOnAStoppedEngine(circuit, to);
    }
    keepBilgePumpFed(fitting, to);
  }

  /** A strainer or hose below the waterline is not opened afloat with its seacock open. */
  private void keepTheSeaOut(Fitting fitting, Circuit circuit, FittingState to) {
    boolean opens =
        to == OFF
            && (fitting.kind() == FittingKind.HOSE_END
                || fitting.kind() == FittingKind.STRAINER_LID);
    if (!opens || !fitting.belowWaterline() || !state.afloat()) {
      return;
    }
    List<Fitting> seacocks = seacocks(boat, circuit);
    if (seacocks.isEmpty()) {
      throw Refused.state(
          "fitting",
          "%s is below the waterline and no seacock shuts its path: it is not opened afloat."
              .formatted(Words.sentence(fitting.name())));
    }
    for (Fitting seacock : seacocks) {
      if (state.is(seacock, OPEN)) {
        throw Refused.state(
            "fitting",
            "%s is below the waterline: the %s is shut first."
                .formatted(Words.sentence(fitting.name()), seacock.name()));
      }
    }
  }

  private void noPressureOnAStoppedEngine(Circuit circuit, FittingState to) {
    boolean pressure = to == HOSE || to == SUCTION_CUP;
    if (pressure
        && circuit.engine() != null
        && boat.exhaust(circuit) == Exhaust.WATER_LIFT
        && !state.running().containsKey(circuit.engine())) {
      throw Refused.state(
          "fitting",
          "A hose under pressure fills the water lift of a stopped engine, then the engine. It draws"
              + " from an open bucket or tank.");
    }
  }

  private void keepBilgePumpFed(Fitting fitting, FittingState to) {
    if (!state.afloat()) {
      return;
    }
    boolean pumpGoesOff = fitting.kind() == FittingKind.BILGE_PUMP && to == OFF;
    boolean batteryGoesOff = fitting.kind() == FittingKind.BATTERY_SWITCH && to == OFF;
    if (pumpGoesOff && LaunchRules.allBatteriesAreOff(state)
        || batteryGoesOff && LaunchRules.bilgePumpIsOff(state)) {
      throw Refused.state(
          "fitting", "Afloat with the battery OFF the bilge pump must have a live feed.");
    }
  }

  void looking(Fact.LowPointSeen seen) {
    LowPoint point = boat.lowPoint(seen.lowPoint());
    if (point.opens() == null) {
      return; // nothing has to be opened: a faucet runs, a bowl or sump is dipped
    }
    FittingStanding opens = state.fitting(point.opens());
    FittingState opensAt = opens.fitting().kind().opensAt();
    boolean open = opens.fitting().kind().isDrain() ? opens.isDrainOut() : opens.state() == opensAt;
    if (seen.seen() == Seen.WOULD_NOT_COME_OFF) {
      stillSits(opens, open);
      return;
    }
    if (!open) {
      throw Refused.state(
          "lowPoint",
          "The %s is %s: open it before saying what ran out."
              .formatted(opens.fitting().name(), opens.state().words()));
    }
  }

  private static void stillSits(FittingStanding opens, boolean open) {
    if (open || opens.fitting().kind() != FittingKind.HOSE_END) {
      throw Refused.state(
          "seen",
          "The %s is %s: only a hose that sits fast would not come off."
              .formatted(opens.fitting().name(), opens.state().words()));
    }
  }

  static List<Fitting> seacocks(Boat boat, Circuit circuit) {
    return boat.fittingsOf(circuit, FittingKind.SEACOCK);
  }
}
