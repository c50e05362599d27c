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
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.engine.EngineHours;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FactFits;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.CylinderConditions;
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

  /** A winter and no more, days. */
  private static final int MOST_ACCEPTED = 200;

  private final BoatState state;
  private final Boat boat;
  private final YardRules rules;
  private final Instant at;

  private Interlocks(BoatState state, YardRules rules, Instant at) {
    this.state = state;
    this.boat = state.boat();
    this.rules = rules;
    this.at = at;
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
        setting(set);
      }
      case Fact.LowPointSeen seen -> {
        looking(seen);
      }
      case Fact.EngineStarted started -> {
        StartRules.check(state, started, rules.kickAllowed());
      }
      case Fact.Cranked cranked -> {
        StartRules.checkCranking(state, cranked);
      }
      case Fact.TagRemedied remedied -> {
        remedying(remedied);
      }
      case Fact.TagLifted lifted -> {
        lifting(lifted);
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
        filling(person, used);
      }
      case Fact.DescalerUsed used -> {
        descaling(used);
      }
      case Fact.RoundDone round -> {
        round.set().forEach(this::setting);
      }
      case Fact.Disinfected disinfected -> {
        noAcidAbout();
      }
      case Fact.SampleRead read -> {
        sampling(read);
      }
      case Fact.CouldNotSample said -> {
        requireFilled(boat.circuitOfLowPoint(said.lowPoint()));
      }
      case Fact.Countersigned signed -> {
        countersigning(person, signed);
      }
      case Fact.CoolantRead read -> {
        readingCoolant(read);
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
        accepting(taken);
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
        givingUp(given);
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

  /**
   * That no part is bent is seen, not supposed: every piston came up as high, after the tag was
   * set.
   */
  private void remedying(Fact.TagRemedied remedied) {
    RedTag tag = tag(remedied.engine(), remedied.cause());
    boolean lifts = remedied.cause().remedy(remedied.remedy()).lifts();
    if (remedied.cause() != TagCause.WATER_IN_CYLINDERS || !lifts) {
      return;
    }
    boolean turned =
        state.readings().stream()
            .filter(read -> read.key().equals(CylinderConditions.TURNS.key()))
            .filter(read -> tag.engine() == null || read.engine() == tag.engine())
            .anyMatch(read -> read.judgement().isGood() && !read.at().isBefore(tag.at()));
    if (!turned) {
      throw Refused.state(
          "remedy",
          "Nobody has said yet how it turns by hand. Open its card \"%s\", turn it two whole turns and say how each piston came up."
              .formatted(Procedure.WATER_OUT.words()));
    }
  }

  private RedTag tag(Position engine, TagCause cause) {
    Position whose = cause.ofEngine(boat.engineMeant(engine));
    return state.tags().stream()
        .filter(tag -> tag.cause() == cause && tag.engine() == whose)
        .findFirst()
        .orElseThrow(
            () -> Refused.state("cause", "No red tag stands for %s.".formatted(cause.words())));
  }

  private void lifting(Fact.TagLifted lifted) {
    RedTag tag = tag(lifted.engine(), lifted.cause());
    boolean broken =
        tag.cause() == TagCause.MAY_HAVE_FROZEN
            && state.brokenByFrost().stream().anyMatch(c -> c.circuit().engine() == tag.engine());
    if (!tag.cause().liftable() || broken) {
      throw Refused.state(
          "cause", "Nobody lifts %s with a reason. %s".formatted(tag.cause().words(), tag.lifts()));
    }
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

  private void countersigning(String person, Fact.Countersigned signed) {
    CircuitState circuit = state.circuit(signed.circuit());
    if (!circuit.awaitsCountersign()) {
      throw Refused.state(
          "circuit",
          "There is nothing to countersign: every low point has to be sampled and good first.");
    }
    if (circuit.sampledBy().contains(person)) {
      throw Refused.state(
          "person", "Whoever read a sample does not sign for it. A second person looks at it.");
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

  private void givingUp(Fact.ProofGivenUp given) {
    if (!state.wouldBeUndoneByWater(boat.circuit(given.circuit()))) {
      throw Refused.state(
          "circuit", "Nothing is proven of it that water would undo, or it was given up already.");
    }
  }

  /** Whatever is safe by itself, or broken, is not a risk anybody could take. */
  private void accepting(Fact.Accepted taken) {
    CircuitState circuit = state.circuit(taken.circuit());
    if (circuit.protection().isSafe()) {
      throw Refused.state("circuit", "It is safe as it is: there is nothing to accept.");
    }
    if (state.brokenByFrost().contains(circuit)) {
      throw Refused.state("circuit", "What is broken is mended: nobody accepts it.");
    }
    LocalDate today = LocalDate.ofInstant(at, rules.zone());
    if (taken.until() != null
        && (!taken.until().isAfter(today)
            || taken.until().isAfter(today.plusDays(MOST_ACCEPTED)))) {
      throw Refused.value("until", "A day after today, at most 200 days on.");
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
      if (circuit.isRawWater() && meant && seacocks(circuit).isEmpty()) {
        throw Refused.state(
            "procedure",
            "The boat is afloat and no seacock shuts the path of its %s: water would come back in."
                    .formatted(circuit.engine().words())
                + " Lift it first.");
      }
    }
  }

  private void setting(Fact.FittingSet set) {
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
      requireFilled(circuit);
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
    List<Fitting> seacocks = seacocks(circuit);
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

  private void looking(Fact.LowPointSeen seen) {
    LowPoint point = boat.lowPoint(seen.lowPoint());
    if (point.opens() == null) {
      return; // nothing has to be opened: a faucet runs, a bowl or sump is dipped
    }
    FittingStanding opens = state.fitting(point.opens());
    FittingState opensAt = opens.fitting().kind().opensAt();
    boolean open = opens.fitting().kind().isDrain() ? opens.isDrainOut() : opens.state() == opensAt;
    if (!open) {
      throw Refused.state(
          "lowPoint",
          "The %s is %s: open it before saying what ran out."
              .formatted(opens.fitting().name(), opens.state().words()));
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

  private void filling(String person, Fact.FluidUsed used) {
    Circuit circuit = boat.circuit(used.circuit());
    boolean poured = used.pourPoint() != null;
    List<String> open = outOf(circuit.drains());
    if (!open.isEmpty() && !(poured && circuit.centralDrain())) {
      throw Refused.state(
          "liters",
          "%s OUT. Put %s back IN before filling: what goes in would run out."
              .formatted(
                  "%s %s"
                      .formatted(Words.sentence(Words.list(open)), open.size() == 1 ? "is" : "are"),
                  open.size() == 1 ? "it" : "them"));
    }
    if (poured) {
      pouring(used.pourPoint());
    } else {
      drawing(circuit);
    }
    if (person.equals(state.circuit(circuit.key()).mustNotFillAgain())) {
      throw Refused.state(
          "liters", "Two fills by %s came out short: someone else does it now.".formatted(person));
    }
  }

  private void drawing(Circuit circuit) {
    Fitting feed = boat.fittingOf(circuit, FittingKind.FEED);
    if (feed == null) {
      return; // a bilge pump draws from where it stands
    }
    boolean onTank = state.is(feed, TANK) || state.is(feed, BILGE_BRANCH);
    boolean turning = circuit.engine() == null || state.running().containsKey(circuit.engine());
    if (!onTank || !turning) {
      throw Refused.state(
          "liters",
          circuit.engine() == null
              ? "Drawing through needs the tank on the pump's feed."
              : "Drawing through needs the tank on the pump's feed and the engine running.");
    }
  }

  private void pouring(String pourPoint) {
    FittingStanding hose = state.fitting(pourPoint);
    if (hose.state() != OFF) {
      throw Refused.state(
          "liters", "The %s is CLAMPED: open it to pour into it.".formatted(hose.fitting().name()));
    }
  }

  private void descaling(Fact.DescalerUsed used) {
    List<String> open = outOf(boat.circuit(used.circuit()).drains());
    if (!open.isEmpty()) {
      throw Refused.state(
          "liters", "%s still OUT: acid would run out.".formatted(Words.sentence(open.get(0))));
    }
    StartRules.proofIsNotUndone(state, boat.circuit(used.circuit()), "liters");
  }

  /** Chlorine and acid together make poison gas. */
  private void noAcidAbout() {
    if (state.openCard(Procedure.DESCALE) != null) {
      throw Refused.state(
          "milliliters",
          "A descale card is open: acid and chlorine together make poison gas. Close that first.");
    }
  }

  private void sampling(Fact.SampleRead read) {
    LowPoint point = boat.lowPoint(read.lowPoint());
    Circuit circuit = boat.circuitOfLowPoint(read.lowPoint());
    requireFilled(circuit);
    if (point.opens() != null) {
      FittingStanding drain = state.fitting(point.opens());
      if (drain.state().isOut()) {
        throw Refused.state(
            "lowPoint",
            "The %s is still OUT. Put it back IN, then enter the reading."
                .formatted(drain.fitting().name()));
      }
    }
    if (!state.circuit(circuit.key()).jugs().containsKey(read.lot().number())) {
      throw Refused.state(
          "lot",
          "The jug of lot %s was not read yet. Read it first: samples are held against it."
              .formatted(read.lot().number()));
    }
  }

  private void readingCoolant(Fact.CoolantRead read) {
    Position engine = boat.circuit(read.circuit()).engine();
    if (state.running().containsKey(engine)) {
      throw Refused.state(
          "reading",
          "Hot and under pressure: coolant is read cold, the %s stopped."
              .formatted(engine.words()));
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
          "Not launched: nobody saw the %s SHUT today. Look, and set %s SHUT."
              .formatted(Words.list(unseen), unseen.size() == 1 ? "it" : "them"));
    }
    if (LaunchRules.nothingPumps(state)) {
      throw Refused.state(
          "berth", "Not launched: battery and bilge pump are both OFF. Afloat one of them is on.");
    }
  }

  private List<Fitting> seacocks(Circuit circuit) {
    return boat.fittingsOf(circuit, FittingKind.SEACOCK);
  }

  private List<String> outOf(List<String> drains) {
    return drains.stream()
        .map(state::fitting)
        .filter(drain -> drain.state().isOut())
        .map(drain -> drain.fitting().name())
        .toList();
  }
}
