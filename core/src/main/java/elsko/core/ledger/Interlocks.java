package elsko.core.ledger;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.boat.LowPoint;
import java.util.List;

/**
 * Rules that hold at every moment, whatever card is being worked on. Each refusal says in words
 * what stands in the way and what to do first.
 */
public final class Interlocks {
  /** A kick turns the engine at most this long, s. */
  public static final double KICK_SECONDS = 3;

  private final BoatState state;
  private final Boat boat;
  private final boolean kickAllowed;

  private Interlocks(BoatState state, boolean kickAllowed) {
    this.state = state;
    this.boat = state.boat();
    this.kickAllowed = kickAllowed;
  }

  /**
   * Refuses what may not come next.
   *
   * @param state the boat as it stands
   * @param person who says it
   * @param kickAllowed whether the yard allows a short kick without water
   */
  public static void check(BoatState state, String person, Fact fact, boolean kickAllowed) {
    new Interlocks(state, kickAllowed).check(person, fact);
  }

  private void check(String person, Fact fact) {
    FactFits.check(boat, fact);
    if (fact instanceof Fact.FittingSet set) {
      setting(set);
    } else if (fact instanceof Fact.LowPointSeen seen) {
      looking(seen);
    } else if (fact instanceof Fact.EngineStarted started) {
      starting(started);
    } else if (fact instanceof Fact.EngineStopped) {
      if (!state.running()) {
        throw Refused.state("kind", "The engine is not running.");
      }
    } else if (fact instanceof Fact.FluidUsed used) {
      filling(person, used);
    } else if (fact instanceof Fact.SampleRead read) {
      sampling(read);
    } else if (fact instanceof Fact.CouldNotSample said) {
      requireFilled(boat.circuitOfLowPoint(said.lowPoint()));
    } else if (fact instanceof Fact.BayEntered) {
      if (state.running()) {
        throw Refused.state(
            "kind", "The engine is running: hands stay out of the bay until it has stopped.");
      }
    } else if (fact instanceof Fact.BerthMoved moved) {
      moving(moved);
    } else if (fact instanceof Fact.CardOpened) {
      opening();
    }
  }

  private void opening() {
    if (state.afloat()) {
      throw Refused.state(
          "method",
          "The boat is afloat and no seacock shuts its path: water would come back in. Lift it first.");
    }
    state.cards().stream()
        .filter(card -> !card.isClosed())
        .findFirst()
        .ifPresent(
            card -> {
              throw Refused.state(
                  "method",
                  "A card opened by %s is still open. Go on with that one."
                      .formatted(card.openedBy()));
            });
  }

  private void setting(Fact.FittingSet set) {
    Fitting fitting = boat.fitting(set.fitting());
    FittingState to = set.state();
    boolean opens = fitting.kind().isDrain() && to.isOut() || to == FittingState.REMOVED;
    if (state.running() && (opens || fitting.kind() == FittingKind.HOSE_END)) {
      throw Refused.state(
          "fitting",
          "The engine is running. Stop it before the %s is touched.".formatted(fitting.name()));
    }
    if (fitting.kind() == FittingKind.HOSE_END
        && to == FittingState.OFF
        && fitting.belowWaterline()
        && state.afloat()) {
      throw Refused.state(
          "fitting",
          "%s is below the waterline and no seacock shuts its path: it is not opened afloat."
              .formatted(Words.sentence(fitting.name())));
    }
    if (fitting.kind() == FittingKind.HULL_PLUG && to.isOut() && state.afloat()) {
      throw Refused.state("fitting", "The hull plug comes out only ashore.");
    }
    if (set.forSample() && to.isOut()) {
      boat.circuits().stream()
          .filter(circuit -> circuit.drains().contains(fitting.key()))
          .forEach(this::requireFilled);
    }
    keepBilgePumpFed(fitting, to);
  }

  private void keepBilgePumpFed(Fitting fitting, FittingState to) {
    boolean pumpOff = fitting.kind() == FittingKind.BILGE_PUMP && to == FittingState.OFF;
    boolean batteryOff = fitting.kind() == FittingKind.BATTERY_SWITCH && to == FittingState.OFF;
    if (state.afloat()
        && (pumpOff && anyIs(FittingKind.BATTERY_SWITCH, FittingState.OFF)
            || batteryOff && anyIs(FittingKind.BILGE_PUMP, FittingState.OFF))) {
      throw Refused.state(
          "fitting", "Afloat with the battery OFF the bilge pump must have a live feed.");
    }
  }

  private void looking(Fact.LowPointSeen seen) {
    LowPoint point = boat.lowPoint(seen.lowPoint());
    FittingStanding opens = state.fitting(point.opens());
    boolean open = opens.isDrainOut() || opens.state() == FittingState.OFF;
    if (!open) {
      throw Refused.state(
          "lowPoint",
          "The %s is %s: open it before saying what ran out."
              .formatted(opens.fitting().name(), opens.state().words()));
    }
  }

  private void starting(Fact.EngineStarted started) {
    if (state.running()) {
      throw Refused.state("basis", "The engine is running already.");
    }
    if (!state.inBay().isEmpty()) {
      throw Refused.state(
          "basis",
          "%s is recorded in the bay. Everybody out first."
              .formatted(Words.list(List.copyOf(state.inBay()))));
    }
    refuseStartWith(FittingKind.DRIVE, FittingState.UP, "The drive is UP: its joints break.");
    refuseStartWith(FittingKind.EXHAUST_COVER, FittingState.ON, "The exhaust cover is ON.");
    refuseStartWith(
        FittingKind.BELT,
        FittingState.REMOVED,
        "The belt of the raw-water pump is REMOVED: no water would move.");
    refuseStartWith(
        FittingKind.IMPELLER,
        FittingState.REMOVED,
        "The impeller is REMOVED: no water would move.");
    refuseStartWith(FittingKind.SPARK_PLUGS, FittingState.REMOVED, "The spark plugs are REMOVED.");
    refuseStartWith(
        FittingKind.KEY,
        FittingState.ON_SEACOCK,
        "The key hangs on the seacock: open that, then bring the key to the helm.");
    switch (started.basis()) {
      case KICK -> kicking(started.seconds());
      case AFLOAT -> {
        if (!state.afloat()) {
          throw Refused.state("basis", "The boat is ashore: connect a feed first.");
        }
        refuseStartWithOpenCircuit();
      }
      case FED -> {
        if (anyIs(FittingKind.FEED, FittingState.NONE)) {
          throw Refused.state(
              "basis",
              "Nothing feeds the raw-water pump: dry, its rubber is ruined within a minute or two."
                  + " Connect the feed first.");
        }
        refuseStartWithOpenCircuit();
      }
    }
  }

  private void refuseStartWithOpenCircuit() {
    for (Circuit circuit : boat.circuits()) {
      List<String> open = openIn(circuit.drains());
      if (!open.isEmpty()) {
        throw Refused.state("basis", "%s: what is drawn in runs out.".formatted(isOut(open)));
      }
      List<String> off =
          circuit.hoses().stream()
              .map(state::fitting)
              .filter(hose -> hose.state() == FittingState.OFF)
              .map(hose -> hose.fitting().name())
              .toList();
      if (!off.isEmpty()) {
        throw Refused.state("basis", "%s OFF: clamp before starting.".formatted(nameList(off)));
      }
    }
  }

  private void kicking(double seconds) {
    if (!kickAllowed) {
      throw Refused.state("basis", "This yard never runs a pump dry: no kick.");
    }
    if (state.kicked()) {
      throw Refused.state("basis", "It was kicked once already: only once.");
    }
    if (!(seconds > 0) || seconds > KICK_SECONDS) {
      throw Refused.value("seconds", "A kick lasts at most 3 s.");
    }
    for (Circuit circuit : boat.circuits()) {
      if (openIn(circuit.drains()).size() < circuit.drains().size()) {
        throw Refused.state("basis", "A kick needs every drain OUT.");
      }
    }
  }

  private void filling(String person, Fact.FluidUsed used) {
    Circuit circuit = boat.circuit(used.circuit());
    boolean poured = used.pourPoint() != null;
    List<String> open = openIn(circuit.drains());
    if (!open.isEmpty() && !(poured && circuit.centralDrain())) {
      throw Refused.state(
          "liters",
          "%s. Put %s back IN before filling: what goes in would run out."
              .formatted(isOut(open), open.size() == 1 ? "it" : "them"));
    }
    if (poured) {
      pouring(used.pourPoint());
    } else if (!state.running() || !anyIs(FittingKind.FEED, FittingState.TANK)) {
      throw Refused.state(
          "liters", "Drawing through needs the tank on the pump's feed and the engine running.");
    }
    if (person.equals(state.circuit(circuit.key()).mustNotFillAgain())) {
      throw Refused.state(
          "liters", "Two fills by %s came out short: someone else does it now.".formatted(person));
    }
  }

  private void pouring(String pourPoint) {
    FittingStanding hose = state.fitting(pourPoint);
    if (hose.state() != FittingState.OFF) {
      throw Refused.state(
          "liters", "The %s is CLAMPED: open it to pour into it.".formatted(hose.fitting().name()));
    }
  }

  private void sampling(Fact.SampleRead read) {
    LowPoint point = boat.lowPoint(read.lowPoint());
    Circuit circuit = boat.circuitOfLowPoint(read.lowPoint());
    requireFilled(circuit);
    FittingStanding drain = state.fitting(point.opens());
    if (drain.state().isOut()) {
      throw Refused.state(
          "lowPoint",
          "The %s is still OUT. Put it back IN, then enter the reading."
              .formatted(drain.fitting().name()));
    }
    if (!state.circuit(circuit.key()).jugs().containsKey(read.lot().number())) {
      throw Refused.state(
          "lot",
          "The jug of lot %s was not read yet. Read it first: samples are held against it."
              .formatted(read.lot().number()));
    }
  }

  private void requireFilled(Circuit circuit) {
    Protection protection = state.circuit(circuit.key()).protection();
    if (protection != Protection.FILLED
        && protection != Protection.HELD
        && protection != Protection.PROVEN) {
      throw Refused.state(
          "lowPoint",
          "%s is %s, not filled: there is nothing to sample yet."
              .formatted(Words.sentence(circuit.name()), protection.name().replace('_', ' ')));
    }
  }

  private void moving(Fact.BerthMoved moved) {
    if (!moved.afloat() || state.afloat()) {
      return;
    }
    List<String> inTheWay =
        state.looseEnds().stream()
            .filter(end -> keepsAshore(end.fitting().kind()))
            .map(end -> "%s is %s".formatted(end.fitting().name(), end.state().words()))
            .toList();
    if (!inTheWay.isEmpty()) {
      throw Refused.state(
          "berth",
          "Not launched: the %s. Everything that keeps the sea out comes back first."
              .formatted(Words.list(inTheWay)));
    }
    refuseLaunchWithDeadBilgePump();
  }

  private void refuseLaunchWithDeadBilgePump() {
    if (anyIs(FittingKind.BATTERY_SWITCH, FittingState.OFF)
        && anyIs(FittingKind.BILGE_PUMP, FittingState.OFF)) {
      throw Refused.state(
          "berth", "Not launched: battery and bilge pump are both OFF. Afloat one of them is on.");
    }
  }

  private static boolean keepsAshore(FittingKind kind) {
    return kind.isBagged() || kind == FittingKind.HOSE_END || kind == FittingKind.EXHAUST_COVER;
  }

  private List<String> openIn(List<String> drains) {
    return drains.stream()
        .map(state::fitting)
        .filter(drain -> drain.state().isOut())
        .map(drain -> drain.fitting().name())
        .toList();
  }

  private boolean anyIs(FittingKind kind, FittingState fittingState) {
    return boat.fittingsOf(kind).stream().anyMatch(f -> state.is(f, fittingState));
  }

  private void refuseStartWith(FittingKind kind, FittingState fittingState, String reason) {
    if (anyIs(kind, fittingState)) {
      throw Refused.state("basis", reason);
    }
  }

  private static String isOut(List<String> names) {
    return "%s OUT".formatted(nameList(names));
  }

  private static String nameList(List<String> names) {
    return "%s %s".formatted(Words.sentence(Words.list(names)), names.size() == 1 ? "is" : "are");
  }
}
