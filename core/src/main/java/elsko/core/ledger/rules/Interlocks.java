package elsko.core.ledger.rules;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.engine.EngineHours;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FactFits;
import elsko.core.limits.Limits;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * Rules that hold at every moment, whatever card is being worked on. Each refusal says in words
 * what stands in the way and what to do first.
 */
public final class Interlocks {
  /** A kick turns the engine at most this long, s. */
  public static final double KICK_SECONDS = StartRules.KICK_SECONDS;

  private final BoatState state;
  private final Boat boat;
  private final YardRules rules;
  private final Instant at;
  private final FittingRules fittings;
  private final FillRules fills;
  private final TagRules tags;

  private Interlocks(BoatState state, YardRules rules, Instant at) {
    this.state = state;
    this.boat = state.boat();
    this.rules = rules;
    this.at = at;
    this.fittings = new FittingRules(state);
    this.fills = new FillRules(state, rules, at);
    this.tags = new TagRules(state);
  }

  /**
   * Refuses what may not come next.
   *
   * @param state the boat as it stands
   * @param person who says it
   * @param at when it happens
   */
  public static void check(BoatState state, String person, Fact fact, YardRules rules, Instant at) {
    new Interlocks(state, rules, at).check(person, fact);
  }

  private void check(String person, Fact fact) {
    FactFits.check(boat, fact);
    switch (fact) {
      case Fact.FittingSet set -> {
        fittings.setting(set);
      }
      case Fact.LowPointSeen seen -> {
        fittings.looking(seen);
      }
      case Fact.EngineStarted started -> {
        StartRules.check(state, started, rules.kickAllowed());
      }
      case Fact.Cranked cranked -> {
        StartRules.checkCranking(state, cranked);
      }
      case Fact.TagRemedied remedied -> {
        tags.remedying(remedied);
      }
      case Fact.TagLifted lifted -> {
        tags.lifting(lifted);
      }
      case Fact.ReadingTaken read -> {
        hours(read);
      }
      case Fact.LearnedUsed said -> {
        if (state.learned().stream().noneMatch(one -> one.key().equals(said.key()))) {
          throw Refused.state("key", "The boat has not taught that yet.");
        }
      }
      case Fact.EngineStopped stopped -> {
        stopping(stopped);
      }
      case Fact.FluidUsed used -> {
        fills.filling(person, used);
      }
      case Fact.DescalerUsed used -> {
        fills.descaling(used);
      }
      case Fact.RoundDone round -> {
        round.set().forEach(fittings::setting);
      }
      case Fact.Disinfected disinfected -> {
        fills.noAcidAbout();
      }
      case Fact.SampleRead read -> {
        fills.sampling(read);
      }
      case Fact.CouldNotSample said -> {
        FillRules.requireFilled(state, boat.circuitOfLowPoint(said.lowPoint()));
      }
      case Fact.Countersigned signed -> {
        fills.countersigning(person, signed);
      }
      case Fact.CoolantRead read -> {
        fills.readingCoolant(read);
      }
      case Fact.GaugeRead read -> {
        Position engine = StartRules.named(state, read.engine());
        if (!state.running().containsKey(engine)) {
          throw Refused.state(
              "temperatureC",
              "The %s is not running: its gauge says nothing.".formatted(engine.words()));
        }
      }
      case Fact.PiecesFound found -> {
        Position engine = StartRules.named(state, found.engine());
        int missing = state.missingPieces().getOrDefault(engine, 0);
        if (found.count() > missing) {
          throw Refused.state(
              "count",
              missing == 0
                  ? "No piece of this impeller is missing by the record."
                  : "Only %d are missing by the record. Count its vanes again.".formatted(missing));
        }
      }
      case Fact.WorkDone done -> {
        if (!isOpen(done.work())) {
          throw Refused.state("work", "That is done already, or was never asked for.");
        }
      }
      case Fact.Accepted taken -> {
        fills.accepting(taken);
      }
      case Fact.LateSettled settled -> {
        if (state.contradicted().stream().noneMatch(late -> late.id().equals(settled.entry()))) {
          throw Refused.state("entry", "That is settled already, or contradicts nothing.");
        }
      }
      case Fact.BayEntered bayEntered -> {
        if (!state.running().isEmpty()) {
          throw Refused.state(
              "kind", "The engine is running: hands stay out of the bay until it has stopped.");
        }
      }
      case Fact.BerthMoved moved -> {
        moving(moved);
      }
      case Fact.CardOpened opened -> {
        opening(opened);
      }
      case Fact.AccessorySeen accessorySeen -> {}
      case Fact.CircuitSeen circuitSeen -> {}
      case Fact.FrostLooked frostLooked -> {}
      case Fact.ServiceDone serviceDone -> {}
      case Fact.DuePlanned duePlanned -> {}
      case Fact.FluidCaught fluidCaught -> {}
      case Fact.PartPicked partPicked -> {}
      case Fact.CameBack cameBack -> {}
      case Fact.EngineTroubled engineTroubled -> {}
      case Fact.JugRead jugRead -> {}
      case Fact.MeterReplaced meterReplaced -> {}
      case Fact.CylindersOiled oiled -> {
        oiling(oiled);
      }
      case Fact.Complained complained -> {
        complaining(complained);
      }
      case Fact.ProofGivenUp given -> {
        fills.givingUp(given);
      }
      case Fact.CaughtAtDrain caughtAtDrain -> {}
      case Fact.ConditionSeen conditionSeen -> {}
      case Fact.BagCounted bagCounted -> {}
      case Fact.GuideLooked guideLooked -> {}
      case Fact.WorkAdded workAdded -> {}
      case Fact.BayLeft bayLeft -> {}
      case Fact.Noted noted -> {}
      case Fact.PhotoTaken photoTaken -> {}
      case Fact.CardTaken cardTaken -> {}
      case Fact.HandedOver handedOver -> {}
      case Fact.StepDone stepDone -> {}
      case Fact.StepSkipped stepSkipped -> {}
      case Fact.Withdrawn withdrawn -> {}
    }
  }

  /** With two engines somebody says which: a cause is looked for on one. */
  private void complaining(Fact.Complained complained) {
    if (complained.complaint().isPerEngine() && boat.engineMeant(complained.engine()) == null) {
      StartRules.named(state, complained.engine());
    }
  }

  private boolean isOpen(UUID work) {
    return state.work().stream().anyMatch(open -> open.id().equals(work))
        || state.complaints().stream().anyMatch(one -> one.isOpen() && one.id().equals(work));
  }

  /** Hours never run backwards; a meter does, when it is another one. */
  private void hours(Fact.ReadingTaken read) {
    if (!read.limit().equals(Limits.ENGINE_HOURS.key())) {
      return;
    }
    for (Position engine : boat.enginesMeant(read.engine())) {
      EngineHours ran = state.services().hours().get(engine);
      if (ran != null && read.value() < ran.onMeter()) {
        throw Refused.state(
            "value",
            "%s h were read on %s already: hours do not run backwards. If its meter was replaced, say that first."
                .formatted(
                    Words.number(ran.onMeter(), 1), LocalDate.ofInstant(ran.at(), rules.zone())));
      }
    }
  }

  private void oiling(Fact.CylindersOiled oiled) {
    Position engine = StartRules.named(state, oiled.engine());
    if (state.running().containsKey(engine)) {
      throw Refused.state(
          "engine",
          "The %s is running: it is oiled when it has stopped.".formatted(engine.words()));
    }
  }

  private void opening(Fact.CardOpened opened) {
    CardProgress open = state.openCard(opened.procedure());
    if (open != null) {
      throw Refused.state(
          "procedure",
          "A %s card opened by %s is still open. Go on with that one."
              .formatted(open.procedure().words(), open.openedBy()));
    }
    if (state.afloat()) {
      openableAfloat(opened);
    }
  }

  /** What opens or empties a path that nothing shuts against the sea is done ashore. */
  private void openableAfloat(Fact.CardOpened opened) {
    boolean opensPaths =
        switch (opened.procedure()) {
          case WINTERIZE, DESCALE, FLUSH -> true;
          default -> false;
        };
    if (!opensPaths) {
      return;
    }
    for (Circuit circuit : boat.engineCircuits()) {
      boolean meant = opened.choices().isEmpty() || opened.choices().containsKey(circuit.key());
      if (circuit.isRawWater() && meant && FittingRules.seacocks(boat, circuit).isEmpty()) {
        throw Refused.state(
            "procedure",
            "The boat is afloat and no seacock shuts the path of its %s: water would come back in."
                    .formatted(circuit.engine().words())
                + " Lift it first.");
      }
    }
  }

  private void stopping(Fact.EngineStopped stopped) {
    Position engine = StartRules.named(state, stopped.engine());
    if (!state.running().containsKey(engine)) {
      throw Refused.state("kind", "The %s is not running.".formatted(engine.words()));
    }
    Circuit circuit = boat.engineCircuit(engine);
    Fitting feed = boat.fittingOf(circuit, FittingKind.FEED);
    if (feed != null
        && boat.exhaust(circuit) == Exhaust.WATER_LIFT
        && (state.is(feed, HOSE) || state.is(feed, SUCTION_CUP))) {
      throw Refused.state(
          "kind", "Water off first: pressed into a stopped engine it fills the water lift.");
    }
  }

  private void moving(Fact.BerthMoved moved) {
    if (!moved.afloat() || state.afloat()) {
      return;
    }
    for (CircuitState broken : state.brokenByFrost()) {
      throw Refused.state(
          "berth",
          "Not launched: %s, %s. It is mended and looked at again first."
              .formatted(broken.circuit().name(), broken.history().found().words()));
    }
    List<String> inTheWay =
        LaunchRules.holes(state).stream()
            .map(end -> "%s is %s".formatted(end.fitting().name(), end.state().words()))
            .toList();
    if (!inTheWay.isEmpty()) {
      throw Refused.state(
          "berth",
          "Not launched: the %s. Everything that keeps the sea out comes back first."
              .formatted(Words.list(inTheWay)));
    }
    List<String> unseen =
        LaunchRules.seacocksNotSeenShut(state, rules.zone(), at).stream()
            .map(Fitting::name)
            .toList();
    if (!unseen.isEmpty()) {
      throw Refused.state(
          "berth",
          "Not launched: %s not checked today. Check %s SHUT."
              .formatted(Words.list(unseen), unseen.size() == 1 ? "it" : "them"));
    }
    if (LaunchRules.nothingPumps(state)) {
      throw Refused.state(
          "berth", "Not launched: battery and bilge pump are both OFF. Afloat one of them is on.");
    }
  }
}
