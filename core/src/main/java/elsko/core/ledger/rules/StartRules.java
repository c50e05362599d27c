package elsko.core.ledger.rules;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Judged;
import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.engine.CrankCount;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import java.util.ArrayList;
import java.util.List;

/** Which start of an engine is allowed, and what has to be right before any. */
final class StartRules {
  /** A kick turns the engine at most this long, s. */
  static final double KICK_SECONDS = 3;

  private final BoatState state;
  private final Boat boat;
  private final Circuit circuit;
  private final String engine;

  private StartRules(BoatState state, Circuit circuit) {
    this.state = state;
    this.boat = state.boat();
    this.circuit = circuit;
    this.engine = circuit.engine().words();
  }

  static void check(BoatState state, Fact.EngineStarted started, boolean kickAllowed) {
    Position named = named(state, started.engine());
    StartRules rules = new StartRules(state, state.boat().engineCircuit(named));
    rules.frostBrokeNothing();
    rules.noRedTag(started.basis());
    rules.everyStart();
    rules.onBasis(started, kickAllowed);
    if (rules.bringsWater(started.basis())) {
      proofIsNotUndone(state, rules.circuit, "basis");
    }
  }

  /** Whoever wets a proven circuit says so first: it is not safe any more, and done again. */
  static void proofIsNotUndone(BoatState state, Circuit circuit, String field) {
    if (state.wouldBeUndoneByWater(circuit)) {
      throw Refused.state(
          field,
          "%s is %s: water in it undoes that. First say that its proof is given up, and why; it is winterized again afterwards."
              .formatted(
                  Words.sentence(circuit.name()),
                  state.circuit(circuit.key()).protection().name()));
    }
  }

  private boolean bringsWater(StartBasis basis) {
    Fitting feed = boat.fittingOf(circuit, FittingKind.FEED);
    boolean onTank = feed != null && state.is(feed, TANK);
    return switch (basis) {
      case AFLOAT, PRIMED -> true;
      case FED -> !onTank;
      case CRANK_SHUT, KICK -> false;
    };
  }

  /** A starter that turns an engine is as much a start as one that fires it. */
  static void checkCranking(BoatState state, Fact.Cranked cranked) {
    Position named = named(state, cranked.engine());
    new StartRules(state, state.boat().engineCircuit(named)).noRedTag(StartBasis.CRANK_SHUT);
  }

  /** The engine meant. Refuses to guess which, where there is more than one. */
  static Position named(BoatState state, Position named) {
    List<Circuit> engines = state.boat().engineCircuits();
    if (engines.isEmpty()) {
      throw Refused.value("engine", "This boat has no engine.");
    }
    if (named != null) {
      return named;
    }
    if (engines.size() > 1) {
      throw Refused.state(
          "engine",
          "Name which: %s."
              .formatted(Words.list(engines.stream().map(c -> c.engine().words()).toList())));
    }
    return engines.get(0).engine();
  }

  private void everyStart() {
    if (state.running().containsKey(circuit.engine())) {
      throw refused("The %s is running already.".formatted(engine));
    }
    if (!state.inBay().isEmpty()) {
      throw refused(
          "%s is recorded in the bay. Everybody out first."
              .formatted(Words.list(List.copyOf(state.inBay()))));
    }
    mufflerIsNotFull();
    othersAreOff();
    refuseWhen(FittingKind.DRIVE, UP, "The %s is UP: its joints break.");
    refuseWhen(FittingKind.EXHAUST_COVER, ON, "The %s is ON.");
    refuseWhen(FittingKind.BELT, REMOVED, "The %s is REMOVED: no water would move.");
    refuseWhen(FittingKind.IMPELLER, REMOVED, "The %s is REMOVED: no water would move.");
    refuseWhen(FittingKind.SPARK_PLUGS, REMOVED, "The %s are REMOVED.");
    for (Fitting key : boat.fittingsOf(FittingKind.KEY)) {
      if (state.is(key, ON_SEACOCK)) {
        throw refused("The key hangs on the seacock: open that, then bring the key to the helm.");
      }
    }
  }

  private void noRedTag(StartBasis basis) {
    RedTag tag = state.tagAgainst(circuit.engine(), basis);
    if (tag != null) {
      throw refused(tag.refusal());
    }
  }

  private void frostBrokeNothing() {
    for (CircuitState broken : state.brokenByFrost()) {
      if (broken.circuit().engine() == circuit.engine()) {
        throw refused(
            "%s: %s. It is mended and looked at again before any start."
                .formatted(
                    Words.sentence(broken.circuit().name()), broken.history().found().words()));
      }
    }
  }

  /** Turned too long, it holds more water than a start could blow out. */
  private void mufflerIsNotFull() {
    CrankCount cranked = state.runs().get(circuit.engine()).cranked();
    if (cranked.standing(boat.exhaust(circuit), false) == CrankCount.Standing.STOP) {
      throw refused(
          "It was turned for %s s without firing: its muffler is drained first, or water gets into the engine."
              .formatted(Words.number(cranked.allSeconds(), 0)));
    }
  }

  /** Another engine that runs was confirmed when it was started; one that stands has no power. */
  private void othersAreOff() {
    for (Circuit other : boat.engineCircuits()) {
      if (other == circuit || state.running().containsKey(other.engine())) {
        continue;
      }
      Fitting battery = boat.fittingOf(other, FittingKind.BATTERY_SWITCH);
      if (battery != null && state.is(battery, ON)) {
        throw refused(
            "The %s is ON: with more than one engine, only the one meant has power."
                .formatted(battery.name()));
      }
    }
  }

  private void onBasis(Fact.EngineStarted started, boolean kickAllowed) {
    if (started.basis() == StartBasis.KICK) {
      kick(started.seconds(), kickAllowed);
      return;
    }
    if (boat.engine(circuit).cooling() == Cooling.AIR) {
      return;
    }
    switch (started.basis()) {
      case AFLOAT -> afloat();
      case FED -> fed();
      case PRIMED -> primed();
      default -> crankShut(started.seconds());
    }
    if (started.basis() != StartBasis.CRANK_SHUT) {
      pathIsClosed(started.basis());
    }
  }

  private void afloat() {
    if (!state.afloat()) {
      throw refused("The boat is ashore: connect a feed first.");
    }
    for (Fitting seacock : boat.fittingsOf(circuit, FittingKind.SEACOCK)) {
      if (!state.is(seacock, OPEN)) {
        throw refused(
            "The %s is SHUT: no water would reach the pump. Open it first."
                .formatted(seacock.name()));
      }
    }
    strainerIsSealed();
  }

  private void fed() {
    Fitting feed = boat.fittingOf(circuit, FittingKind.FEED);
    FittingState from = feed == null ? NONE : state.fitting(feed.key()).state();
    if (from == NONE) {
      if (isTwoPortWithHose()) {
        return; // a two-port jet gets its water within 10 s after the start
      }
      throw refused(
          "Nothing feeds the raw-water pump: dry, its rubber is ruined within a minute or two."
              + " Connect the feed first.");
    }
    FeedGuard hose = FeedGuard.hose(boat.engine(circuit));
    if ((from == HOSE || from == SUCTION_CUP) && !hose.isEnough()) {
      throw refused(
          Text.of(
              "It draws about %s and a hose gives about %s: the pump would run dry. A tub of at least %s, topped up by the hose, does for 10 minutes.",
              Quantity.litersPerMinute(hose.draws()),
              Quantity.litersPerMinute(hose.gives()).withoutUnit(),
              Judged.litersAtLeast(FeedGuard.tub(boat.engine(circuit), 10).reservoirLiters())));
    }
    boolean open = from == BUCKET || from == TANK || from == BILGE_BRANCH;
    if (open && state.runs().get(circuit.engine()).suctionDry()) {
      throw refused(
          "Pump and intake were drained: dry, its rubber is ruined within a minute or two. Prime them"
              + " first, and say so.");
    }
    if (from == STRAINER) {
      for (Fitting seacock : boat.fittingsOf(circuit, FittingKind.SEACOCK)) {
        if (state.afloat() && !state.is(seacock, SHUT)) {
          throw refused("The strainer is open: the %s has to be SHUT.".formatted(seacock.name()));
        }
      }
    } else if (from == HOSE || from == SUCTION_CUP) {
      strainerIsSealed();
    }
  }

  private boolean isTwoPortWithHose() {
    return boat.description().layout() == Layout.JET
        && circuit.engine() != Position.GENERATOR
        && boat.fittingsOf(circuit, FittingKind.FLUSH_PORT).stream()
            .anyMatch(port -> state.is(port, OUT));
  }

  private void primed() {
    Fitting lid = boat.fittingOf(circuit, FittingKind.STRAINER_LID);
    if (lid == null || boat.fittingsOf(circuit, FittingKind.SEACOCK).isEmpty()) {
      throw refused("Only a path with a seacock and a strainer can be primed.");
    }
    seacockIsShut();
    strainerIsSealed();
  }

  private void crankShut(double seconds) {
    if (boat.fittingsOf(circuit, FittingKind.SEACOCK).isEmpty()) {
      throw refused("There is no seacock to shut while it is turned.");
    }
    if (!(seconds > 0) || seconds > 30) {
      throw Refused.value("seconds", "One turn of the starter lasts from 1 to 30 s.");
    }
    seacockIsShut();
  }

  private void seacockIsShut() {
    for (Fitting seacock : boat.fittingsOf(circuit, FittingKind.SEACOCK)) {
      if (!state.is(seacock, SHUT)) {
        throw refused(
            "The %s has to be SHUT, and opened within 15 s of firing.".formatted(seacock.name()));
      }
    }
  }

  private void strainerIsSealed() {
    refuseWhen(FittingKind.STRAINER_LID, OFF, "The %s is OFF: the pump would suck air.");
    refuseWhen(FittingKind.STRAINER_SEAL, MISSING, "The %s is missing: the pump would suck air.");
  }

  /** A feed takes the place of the hose it is put on; every other joint is made. */
  private void pathIsClosed(StartBasis basis) {
    List<String> open = outOf(circuit.drains());
    if (!open.isEmpty()) {
      throw refused("%s OUT: what is drawn in runs out.".formatted(areNamed(open)));
    }
    List<String> off = new ArrayList<>();
    Fitting feedsAt = basis == StartBasis.FED ? boat.suctionHose(circuit) : null;
    for (String hose : circuit.hoses()) {
      boolean isFed = feedsAt != null && feedsAt.key().equals(hose);
      if (!isFed && state.fitting(hose).state() == OFF) {
        off.add(state.fitting(hose).fitting().name());
      }
    }
    for (Fitting outlet : boat.fittingsOf(circuit, FittingKind.OUTLET_HOSE)) {
      if (state.is(outlet, OFF)) {
        off.add(outlet.name());
      }
    }
    if (!off.isEmpty()) {
      throw refused("%s OFF: clamp before starting.".formatted(areNamed(off)));
    }
  }

  private void kick(double seconds, boolean kickAllowed) {
    if (!kickAllowed) {
      throw refused("This yard never runs a pump dry: no kick.");
    }
    if (state.kicked().contains(circuit.engine())) {
      throw refused("It was kicked once already: only once.");
    }
    if (!(seconds > 0) || seconds > KICK_SECONDS) {
      throw Refused.value("seconds", "A kick lasts at most 3 s.");
    }
    if (circuit.drains().isEmpty() || outOf(circuit.drains()).size() < circuit.drains().size()) {
      throw refused("A kick needs every drain OUT.");
    }
  }

  private List<String> outOf(List<String> drains) {
    return drains.stream()
        .map(state::fitting)
        .filter(drain -> drain.state().isOut())
        .map(drain -> drain.fitting().name())
        .toList();
  }

  private void refuseWhen(FittingKind kind, FittingState bad, String reason) {
    for (Fitting fitting : boat.fittingsOf(circuit, kind)) {
      if (state.is(fitting, bad)) {
        throw refused(reason.formatted(fitting.name()));
      }
    }
  }

  private static String areNamed(List<String> names) {
    return "%s %s".formatted(Words.sentence(Words.list(names)), names.size() == 1 ? "is" : "are");
  }

  private static Refused refused(Text reason) {
    return Refused.state("engine", reason);
  }

  private static Refused refused(String reason) {
    return Refused.state("basis", reason);
  }
}
