package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.fluid.verdict.Need;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.circuit.Acceptance;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.circuit.LogTime;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.engine.DueAtOnce;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.engine.ServiceFold;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.fact.Trouble;
import elsko.core.ledger.learned.Learned;
import elsko.core.ledger.learned.LearnedFold;
import elsko.core.limits.Call;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Folds a boat's log into its state. Total: any log gives a state, also one whose corrections
 * describe what an interlock would have refused.
 */
public final class Ledger {
  /** Without water for less than this nothing happens to an impeller. Estimate. */
  private static final Duration DRY_IS_NOTHING = Duration.ofSeconds(15);

  /** Longer than this, and nobody starts it before it was looked at. Estimate. */
  private static final Duration DRY_IS_DUE = Duration.ofSeconds(60);

  private static final Set<FittingState> FILLS_THE_SUCTION =
      EnumSet.of(FittingState.HOSE, FittingState.SUCTION_CUP, FittingState.STRAINER);

  /** The answer of a guide that speaks for water in the cylinders. */
  private static final String STOPS_DEAD = "stops-dead";

  private static final Set<FittingKind> FEEDS_THE_PUMP =
      Set.of(FittingKind.FEED, FittingKind.SEACOCK, FittingKind.DRIVE);

  private final Boat boat;
  private final Need need;
  private final Map<String, FittingStanding> fittings = new LinkedHashMap<>();
  private final Map<String, CircuitFold> circuits = new LinkedHashMap<>();
  private final Map<UUID, CardFold> cards = new LinkedHashMap<>();
  private CardFold lastCard;
  private final EngineRuns runs;
  private final Readings readings = new Readings();
  private final ComplaintsFold complaints = new ComplaintsFold();
  private final Map<UUID, OpenWork> work = new LinkedHashMap<>();
  private final Set<String> inBay = new TreeSet<>();
  private Integer counted;
  private String countedBy;
  private Instant countedAt;
  private UUID berth;
  private String berthName = "";
  private boolean afloat;
  private final Map<Position, StartBasis> running = new EnumMap<>(Position.class);
  private final Set<Position> kicked = EnumSet.noneOf(Position.class);
  private final Map<Accessory, Boolean> aboard = new EnumMap<>(Accessory.class);
  private final ServiceFold services = new ServiceFold();
  private Instant backAt;
  private RoundStanding lastRound;
  private final Map<String, List<String>> descaled = new HashMap<>();
  private final LogTime time = new LogTime();
  private final StayFold stays = new StayFold();

  /** What came in late and does not go with the rest, until somebody says how it was. */
  private final Map<UUID, Entry> contradicted = new LinkedHashMap<>();

  private final RedTags tags = new RedTags();
  private final LearnedFold learned = new LearnedFold();
  private final Map<String, Position> emptiesThePumpOf;

  /** Something was said so late that it may end a claim and make none. */
  private boolean anyInDoubt;

  /** An empty log's state, to which entries are added one by one. */
  public Ledger(Boat boat, Need need) {
    this(boat, ProofRules.of(need));
  }

  /** An empty log's state, where the yard may ask for a second person. */
  public Ledger(Boat boat, ProofRules rules) {
    this.boat = boat;
    this.runs = new EngineRuns(boat, engine -> learned.isUsed(Learned.Kind.PLATEAU, engine.name()));
    this.need = rules.need();
    this.emptiesThePumpOf = lowPointsThatEmptyAPump(boat);
    for (Fitting fitting : boat.fittings()) {
      fittings.put(
          fitting.key(),
          new FittingStanding(fitting, fitting.kind().inCommission(), null, null, false, ""));
    }
    for (Circuit circuit : boat.circuits()) {
      circuits.put(circuit.key(), new CircuitFold(circuit, boat.drawReaches(circuit), rules, time));
    }
  }

  /**
   * The state a log leaves a boat in.
   *
   * @param need what the yard guards against now; stored readings are judged by it
   * @param log in the order it was kept
   */
  public static BoatState fold(Boat boat, Need need, List<Entry> log) {
    return fold(boat, ProofRules.of(need), log);
  }

  /** The same, where the yard may ask for a second person. */
  public static BoatState fold(Boat boat, ProofRules rules, List<Entry> log) {
    List<Entry> standing = Corrections.applied(log);
    Ledger all = ofStanding(boat, rules, standing);
    if (!all.anyInDoubt) {
      return all.state();
    }
    // What may end a claim and make none: believed only where it makes the boat look worse.
    List<Entry> sure = standing.stream().filter(Entry::mayClaim).toList();
    return Cautious.of(all.state(), ofStanding(boat, rules, sure).state());
  }

  private static Ledger ofStanding(Boat boat, ProofRules rules, List<Entry> standing) {
    Ledger ledger = new Ledger(boat, rules);
    standing.forEach(ledger::add);
    return ledger;
  }

  /**
   * Folds one more entry in. A correction changes what came before it, so a log with one is folded
   * anew.
   */
  public void add(Entry entry) {
    time.set(entry.happened());
    if (entry.late() != null) {
      anyInDoubt |= !entry.mayClaim();
      if (entry.late().asks()) {
        contradicted.put(entry.id(), entry);
      }
    }
    if (entry.card() != null) {
      applyToCard(entry);
    }
    Fact fact = entry.fact();
    // The most frequent first: they are tried one after another.
    switch (fact) {
      case Fact.FittingSet set -> {
        set(entry, set);
      }
      case Fact.StepDone stepDone -> {}
      case Fact.AboutCircuit about -> applyToCircuit(entry, about);
      case Fact.AccessorySeen looked -> {
        aboard.put(looked.accessory(), looked.aboard());
        CircuitFold circuit = circuits.get(looked.accessory().key());
        if (circuit != null) {
          circuit.isAboard(looked.aboard());
        }
      }
      case Fact.EngineStarted started -> {
        started(started, entry);
      }
      case Fact.Cranked cranked -> {
        boat.enginesMeant(cranked.engine())
            .forEach(
                engine ->
                    runs.turned(
                        engine, cranked.seconds(), seacockIsOpen(engine), entry.deviceTime()));
      }
      case Fact.GaugeRead read -> {
        boat.enginesMeant(read.engine())
            .forEach(
                engine -> {
                  gauge(entry, engine, read.reading());
                  coolantRoundWith(engine);
                });
      }
      case Fact.RoundDone round -> {
        gone(entry, round);
      }
      case Fact.ConditionSeen seen -> {
        seen(entry, seen);
      }
      case Fact.PiecesFound found -> {
        boat.enginesMeant(found.engine())
            .forEach(
                engine -> {
                  readings.found(engine, found.count());
                  if (!readings.missingPieces().containsKey(engine)) {
                    tags.allPiecesFound(engine);
                  }
                });
      }
      case Fact.CaughtAtDrain seen -> {
        learned.caught(seen.lowPoint(), seen.liters(), entry.deviceTime());
      }
      case Fact.LearnedUsed said -> {
        learned.used(said.key(), said.used());
      }
      case Fact.Complained complained -> {
        complaints.complained(
            complained.complaint().isPerEngine() ? boat.engineMeant(complained.engine()) : null,
            complained.complaint(),
            entry);
      }
      case Fact.CylindersOiled oiled -> {
        boat.enginesMeant(oiled.engine())
            .forEach(engine -> runs.cylindersOiled(engine, entry.deviceTime()));
      }
      case Fact.MeterReplaced replaced -> {
        boat.enginesMeant(replaced.engine())
            .forEach(
                engine -> services.meterReplaced(engine, entry.deviceTime(), replaced.reads()));
      }
      case Fact.TagRemedied remedied -> {
        remedied(entry, remedied);
      }
      case Fact.TagLifted lifted -> {
        tags.lifted(boat.engineMeant(lifted.engine()), lifted.cause());
      }
      case Fact.ReadingTaken read -> {
        taken(entry, read);
      }
      case Fact.EngineStopped stopped -> {
        boat.enginesMeant(stopped.engine())
            .forEach(
                engine -> {
                  if (running.get(engine) == StartBasis.PRIMED && !seacockIsOpen(engine)) {
                    runs.neverFed(engine);
                  }
                  wetAgain(engine, entry);
                  running.remove(engine);
                  runs.stopped(engine, entry);
                });
      }
      case Fact.ServiceDone done -> {
        done(entry, done.engine(), Interval.of(done.item()), done.found());
      }
      case Fact.DuePlanned planned -> {
        services.planned(planned.engine(), Interval.of(planned.item()), entry);
      }
      case Fact.EngineTroubled troubled -> {
        boat.enginesMeant(troubled.engine())
            .forEach(engine -> troubled(engine, troubled.trouble(), entry));
      }
      case Fact.CameBack cameBack -> {
        backAt = entry.deviceTime();
      }
      case Fact.JugRead read -> {
        circuits.values().forEach(circuit -> circuit.jug(read));
      }
      case Fact.WorkAdded added -> {
        work.put(
            entry.id(), new OpenWork(entry.id(), added.what(), entry.person(), entry.deviceTime()));
      }
      case Fact.WorkDone done -> {
        work.remove(done.work());
        complaints.done(done.work(), entry.deviceTime());
      }
      case Fact.LateSettled settled -> {
        contradicted.remove(settled.entry());
      }
      case Fact.BagCounted bag -> {
        counted = bag.count();
        countedBy = entry.person();
        countedAt = entry.deviceTime();
      }
      case Fact.BayEntered bayEntered -> {
        inBay.add(entry.person());
      }
      case Fact.BayLeft bayLeft -> {
        inBay.remove(entry.person());
      }
      case Fact.BerthMoved moved -> {
        moved(moved);
      }
      case Fact.PartPicked partPicked -> {}
      case Fact.GuideLooked looked -> {
        if (looked.answer().equals(STOPS_DEAD)) {
          tags.set(
              TagCause.WATER_IN_CYLINDERS,
              boat.engineMeant(null),
              "it turns and stops dead",
              entry);
        }
      }
      case Fact.Noted noted -> {}
      case Fact.PhotoTaken photoTaken -> {}
      case Fact.CardOpened cardOpened -> {}
      case Fact.CardTaken cardTaken -> {}
      case Fact.HandedOver handedOver -> {}
      case Fact.StepSkipped stepSkipped -> {}
      case Fact.Withdrawn withdrawn -> {}
    }
  }

  /** What is about one circuit; nothing, when the boat was described anew and no longer has it. */
  private void applyToCircuit(Entry entry, Fact.AboutCircuit fact) {
    switch (fact) {
      case Fact.CircuitSeen looked -> {
        ifThere(looked.circuit(), circuit -> circuit.looked(looked.inService()));
      }
      case Fact.FrostLooked looked -> {
        ifThere(looked.circuit(), circuit -> circuit.lookedForFrost(looked.found()));
        if (boat.hasCircuit(looked.circuit())) {
          Position engine = boat.circuit(looked.circuit()).engine();
          tags.lookedForFrost(engine, looked.circuit(), looked.found(), entry);
        }
      }
      case Fact.LowPointSeen looked -> {
        suctionDrained(looked.lowPoint());
        ifLowPoint(
            looked.lowPoint(),
            circuit -> {
              if (circuit.lookedAt(boat.lowPoint(looked.lowPoint()), looked.seen()).isEmpty()) {
                mufflerDrained(looked.lowPoint());
              }
            });
      }
      case Fact.FluidUsed used -> {
        boolean shut =
            boat.hasCircuit(used.circuit())
                && runs.stayedShut(boat.circuit(used.circuit()).engine());
        ifThere(used.circuit(), circuit -> circuit.filled(used, entry.person(), shut));
        suctionPoured(used);
        if (used.pourPoint() == null) {
          learned.drawn(entry.card(), used.circuit(), used.liters(), entry.deviceTime());
        }
        leaveServiceWith(used.circuit());
      }
      case Fact.DescalerUsed used -> {
        ifThere(used.circuit(), CircuitFold::flooded);
        if (boat.hasCircuit(used.circuit())) {
          Position engine = boat.circuit(used.circuit()).engine();
          services.done(engine, Interval.DESCALE, entry, "");
          services.descaled(used.circuit(), used.segments(), entry.deviceTime());
          if (engine != null) {
            tags.descaled(engine, entry.person());
          }
          descaled.put(used.circuit(), used.segments());
        }
      }
      case Fact.CoolantRead read -> {
        ifThere(read.circuit(), circuit -> circuit.coolant(read));
      }
      case Fact.SampleRead read -> {
        ifLowPoint(
            read.lowPoint(), circuit -> circuit.sample(read, entry.person(), entry.serverTime()));
      }
      case Fact.ProofGivenUp given -> {
        ifThere(given.circuit(), CircuitFold::proofGivenUp);
      }
      case Fact.Countersigned signed -> {
        ifThere(signed.circuit(), circuit -> circuit.countersigned(entry.person()));
      }
      case Fact.Accepted taken -> {
        ifThere(
            taken.circuit(),
            circuit ->
                circuit.accepted(
                    new Acceptance(
                        entry.person(),
                        entry.happened(),
                        taken.reason(),
                        taken.until(),
                        taken.untilC())));
      }
      case Fact.CouldNotSample said -> {
        ifLowPoint(said.lowPoint(), circuit -> circuit.notSampled(said));
      }
      case Fact.FluidCaught fluidCaught -> {}
      case Fact.Disinfected disinfected -> {}
    }
  }

  private void taken(Entry entry, Fact.ReadingTaken read) {
    Position meant = boat.engineMeant(read.engine());
    Supplier<Judgement> judged = read::judgement;
    TagCause sets = TagCause.by(read.limit());
    Call call = sets == null || sets == TagCause.TOO_HOT ? null : read.judgement().call();
    if (sets == TagCause.TOO_HOT) {
      for (Position engine : boat.enginesMeant(read.engine())) {
        EngineRuns.Held held = runs.holdsAt(engine, entry.deviceTime(), read.value());
        judged = held.judgement();
        call = held.call();
        coolantRoundWith(engine);
      }
    }
    readings.taken(meant, read, judged, entry);
    if (call != null) {
      tags.read(meant, read, call, entry);
    }
    if (read.limit().equals(Limits.ENGINE_HOURS.key())) {
      boat.enginesMeant(read.engine())
          .forEach(engine -> services.ran(engine, entry.deviceTime(), read.value()));
    }
    if (read.limit().equals(Limits.WATER_AT_EXHAUST.key())
        && Limits.WATER_AT_EXHAUST.judge(read.value()).isGood()) {
      boat.enginesMeant(read.engine()).forEach(runs::waterAtExhaust);
    }
  }

  /** A round says many things at once; each counts as if it had been said alone. */
  private void gone(Entry entry, Fact.RoundDone round) {
    round.set().forEach(set -> set(entry, set));
    round.seen().forEach(seen -> seen(entry, seen));
    round.read().forEach(read -> taken(entry, read));
    lastRound =
        new RoundStanding(
            round.kind(), round.go(), round.reasons(), entry.person(), entry.deviceTime());
  }

  private void troubled(Position engine, Trouble trouble, Entry entry) {
    tags.set(
        trouble == Trouble.RAN_DRY ? TagCause.RAN_DRY : TagCause.TOO_HOT,
        engine,
        "it %s, as was said".formatted(trouble.words()),
        entry);
    dueAtOnce(engine, trouble, entry.deviceTime());
  }

  private void dueAtOnce(Position engine, Trouble trouble, Instant at) {
    for (Interval due : trouble.makesDue(boat, boat.engineCircuit(engine))) {
      services.dueAtOnce(engine, due, new DueAtOnce(trouble, at));
    }
  }

  /** What empties the pump leaves its suction dry. */
  private void suctionDrained(String lowPoint) {
    Position engine = emptiesThePumpOf.get(lowPoint);
    if (engine != null) {
      runs.suctionDrained(engine);
    }
  }

  private static Map<String, Position> lowPointsThatEmptyAPump(Boat boat) {
    Map<String, Position> found = new HashMap<>();
    for (Circuit circuit : boat.engineCircuits()) {
      if (boat.fittingOf(circuit, FittingKind.IMPELLER) == null) {
        continue;
      }
      for (LowPoint point : circuit.lowPoints()) {
        if (holdsThePump(circuit, point.empties())) {
          found.put(point.key(), circuit.engine());
        }
      }
    }
    return found;
  }

  private void suctionPoured(Fact.FluidUsed used) {
    if (used.pourPoint() == null || !boat.hasCircuit(used.circuit())) {
      return;
    }
    Circuit circuit = boat.circuit(used.circuit());
    circuit.pourPoints().stream()
        .filter(point -> point.hose().equals(used.pourPoint()))
        .filter(point -> circuit.engine() != null && holdsThePump(circuit, point.fills()))
        .forEach(point -> runs.suctionFilled(circuit.engine()));
  }

  private static boolean holdsThePump(Circuit circuit, List<String> segments) {
    return segments.stream().anyMatch(key -> circuit.segment(key).kind() == SegmentKind.PUMP);
  }

  /** Something that falls due was done, alone or as the remedy of a red tag. */
  private void done(Entry entry, Position said, Interval interval, String found) {
    services.done(said, interval, entry, found);
    if (interval == Interval.COOLANT) {
      coolantOf(said, CircuitFold::coolantRenewed);
    }
    for (Position engine : boat.enginesMeant(said)) {
      if (interval == Interval.IMPELLER) {
        readings.impellerReplaced(engine);
        boolean missing = readings.missingPieces().containsKey(engine);
        tags.impellerReplaced(engine, missing, entry.person());
      } else if (interval == Interval.ENGINE_OIL) {
        tags.oilChanged(engine, entry.person());
      }
    }
  }

  private void remedied(Entry entry, Fact.TagRemedied remedied) {
    Position whose = boat.engineMeant(remedied.engine());
    TagCause.Remedy remedy = remedied.cause().remedy(remedied.remedy());
    tags.remedied(whose, remedied.cause(), remedy, entry.person());
    if (remedy.work() != null) {
      done(entry, whose, remedy.work(), remedied.found());
    }
    boolean givenUp = remedied.cause() == TagCause.VANES_MISSING && remedy.lifts();
    boolean lowLoad = givenUp || remedied.cause() == TagCause.WHITE_CLOUD;
    for (Position engine : boat.enginesMeant(remedied.engine())) {
      if (givenUp) {
        readings.piecesGivenUp(engine);
      }
      if (lowLoad) {
        limitLoad(engine, entry, remedied.cause());
      }
    }
  }

  /** It runs at low load only, until somebody takes the limit off by hand. */
  private void limitLoad(Position engine, Entry entry, TagCause cause) {
    for (Fitting limit : boat.fittingsOf(boat.engineCircuit(engine), FittingKind.LOAD_LIMIT)) {
      set(
          entry,
          new Fact.FittingSet(
              limit.key(), FittingState.LOW_LOAD_ONLY, false, "red tag: " + cause.words()));
    }
  }

  private void gauge(Entry entry, Position engine, GaugeReading reading) {
    GaugeWatch watch = runs.read(engine, reading);
    switch (watch.standing()) {
      case STOP ->
          tags.set(
              GaugeWatch.isWithoutWater(reading) ? TagCause.NO_WATER : TagCause.TOO_HOT,
              engine,
              watch.words(),
              entry);
      case OPEN -> {
        tags.proven(TagCause.TOO_HOT, engine);
        if (reading.exhaustLitersPerMinute() != null) {
          tags.proven(TagCause.NO_WATER, engine);
        }
      }
      case NOT_READ, WARMING, NOT_OPENING -> {}
    }
  }

  /** Where the pump runs without water: its feed away, its seacock shut, or its leg up. */
  private void pumpFed(Circuit circuit, Entry entry) {
    Position engine = circuit.engine();
    if (engine != null && fillsItself(circuit)) {
      runs.suctionFilled(engine);
    }
    StartBasis on = engine == null ? null : running.get(engine);
    if (on == null || boat.fittingOf(circuit, FittingKind.IMPELLER) == null) {
      return;
    }
    boolean starved =
        switch (on) {
          case FED -> stands(circuit, FittingKind.FEED, FittingState.NONE);
          case AFLOAT, PRIMED -> stands(circuit, FittingKind.SEACOCK, FittingState.SHUT);
          case CRANK_SHUT, KICK -> false;
        };
    boolean up = stands(circuit, FittingKind.DRIVE, FittingState.UP);
    if (!starved) {
      runs.suctionFilled(engine);
    }
    if (starved || up) {
      runs.runsDry(engine, entry.deviceTime());
    } else {
      wetAgain(engine, entry);
    }
  }

  /** Under pressure, brim-full, or open to the sea it floats in, a suction is never dry. */
  private boolean fillsItself(Circuit circuit) {
    boolean fed = false;
    for (Fitting feed : boat.fittingsOf(circuit, FittingKind.FEED)) {
      fed |= FILLS_THE_SUCTION.contains(fittings.get(feed.key()).state());
    }
    return fed || afloat && seacockIsOpen(circuit.engine());
  }

  private boolean stands(Circuit circuit, FittingKind kind, FittingState state) {
    for (Fitting fitting : boat.fittingsOf(circuit, kind)) {
      if (fittings.get(fitting.key()).state() == state) {
        return true;
      }
    }
    return false;
  }

  /** A few seconds do no harm; longer the impeller is due, and longer still nobody starts it. */
  private void wetAgain(Position engine, Entry entry) {
    Duration dry = runs.dryUntil(engine, entry.deviceTime());
    if (dry.compareTo(DRY_IS_NOTHING) < 0) {
      return;
    }
    dueAtOnce(engine, Trouble.RAN_DRY, entry.deviceTime());
    if (dry.compareTo(DRY_IS_DUE) > 0) {
      tags.set(
          TagCause.RAN_DRY,
          engine,
          "it ran for %s s without water, by the record".formatted(dry.toSeconds()),
          entry);
    }
  }

  private void mufflerDrained(String lowPoint) {
    Position engine = boat.mufflerEmptiedAt(lowPoint);
    if (engine != null) {
      runs.mufflerDrained(engine);
    }
  }

  private void ifThere(String circuit, Consumer<CircuitFold> then) {
    CircuitFold fold = circuits.get(circuit);
    if (fold != null) {
      then.accept(fold);
    }
  }

  private void ifLowPoint(String lowPoint, Consumer<CircuitFold> then) {
    if (boat.hasLowPoint(lowPoint)) {
      then.accept(circuits.get(boat.circuitOfLowPoint(lowPoint).key()));
    }
  }

  private void set(Entry entry, Fact.FittingSet set) {
    FittingStanding before = fittings.get(set.fitting());
    if (before == null || !before.fitting().kind().has(set.state())) {
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
    if (kind == FittingKind.COVER && before.fitting().equals(boat.fittingsOf(kind).get(0))) {
      stays.covered(set.state(), entry.deviceTime());
    }
    String circuit = before.fitting().circuit();
    if (circuit != null) {
      follow(circuits.get(circuit), before, after);
      if (FEEDS_THE_PUMP.contains(kind)) {
        pumpFed(boat.circuit(circuit), entry);
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
        kicked.remove(boat.circuitOf(after.fitting()).engine());
        circuit.drainOut(after.fitting().key());
        leaveServiceWith(after.fitting().circuit());
      }
    } else if (kind == FittingKind.SEACOCK) {
      if (afloat && after.state() == FittingState.OPEN && before.state() != FittingState.OPEN) {
        circuit.flooded();
        runs.seaCameIn(boat.circuit(after.fitting().circuit()).engine());
      }
    } else if (kind == FittingKind.DRIVE) {
      circuit.stands(after.state() == FittingState.DOWN);
    }
  }

  /** With its raw water laid up, the coolant of an engine is no longer in service either. */
  private void leaveServiceWith(String circuit) {
    if (boat.hasCircuit(circuit) && boat.circuit(circuit).engine() != null) {
      coolantOf(boat.circuit(circuit).engine(), CircuitFold::leaveService);
    }
  }

  private void seen(Entry entry, Fact.ConditionSeen seen) {
    readings.seen(boat.engineMeant(seen.engine()), seen, entry);
    tags.seen(boat.engineMeant(seen.engine()), seen, entry);
    if (seen.condition().equals(Conditions.SUCTION.key()) && seen.found().call() == Call.GOOD) {
      boat.enginesMeant(seen.engine()).forEach(runs::suctionFilled);
    }
    if (seen.condition().equals(Conditions.COOLANT_LEVEL.key())
        && seen.finding().equals(Conditions.COOLANT_IS_LOW)) {
      coolantOf(seen.engine(), CircuitFold::coolantRenewed);
    }
  }

  /** A warm run carries what went into the coolant round. */
  private void coolantRoundWith(Position engine) {
    if (runs.ranWarm(engine)) {
      coolantOf(engine, CircuitFold::coolantRanWarm);
    }
  }

  private void coolantOf(Position said, Consumer<CircuitFold> then) {
    List<Position> engines = boat.enginesMeant(said);
    for (Circuit coolant : boat.circuitsOf(CircuitKind.COOLANT)) {
      if (engines.contains(coolant.engine())) {
        then.accept(circuits.get(coolant.key()));
      }
    }
  }

  /** A count speaks of the bag as it was; after a plug has moved it has to be counted again. */
  private void forgetCount() {
    counted = null;
    countedBy = null;
    countedAt = null;
  }

  /** A path without a seacock counts as open. */
  private boolean seacockIsOpen(Position engine) {
    List<Fitting> seacocks = boat.fittingsOf(boat.engineCircuit(engine), FittingKind.SEACOCK);
    return seacocks.isEmpty()
        || seacocks.stream().anyMatch(f -> fittings.get(f.key()).state() == FittingState.OPEN);
  }

  private void started(Fact.EngineStarted started, Entry entry) {
    Instant at = entry.deviceTime();
    for (Position engine : boat.enginesMeant(started.engine())) {
      Circuit circuit = boat.engineCircuit(engine);
      runs.turnedOver(engine);
      if (started.basis() == StartBasis.KICK) {
        kicked.add(engine);
      } else if (started.basis() == StartBasis.CRANK_SHUT) {
        runs.turned(engine, started.seconds(), false, at);
      } else {
        running.put(engine, started.basis());
        runs.started(engine, at);
        tags.started(engine);
        if (started.basis() != StartBasis.PRIMED) {
          pumpFed(circuit, entry); // primed, its strainer feeds it until its seacock is opened
        }
        boolean onTank =
            started.basis() == StartBasis.FED
                && boat.fittingsOf(circuit, FittingKind.FEED).stream()
                    .anyMatch(f -> fittings.get(f.key()).state() == FittingState.TANK);
        if (!onTank) {
          runs.startedOnWater(engine, started.basis() == StartBasis.FED);
          circuits.get(circuit.key()).flooded();
        }
      }
    }
  }

  private void moved(Fact.BerthMoved moved) {
    berth = moved.berth();
    berthName = moved.berthName();
    if (moved.afloat() && !afloat) {
      boat.circuits().stream()
          .filter(this::seaComesIn)
          .forEach(circuit -> circuits.get(circuit.key()).flooded());
    }
    if (moved.afloat()) {
      runs.seasonBegins();
    }
    afloat = moved.afloat();
    boat.engineCircuits().stream()
        .filter(this::fillsItself)
        .forEach(circuit -> runs.suctionFilled(circuit.engine()));
    stays.moved(berth, afloat, time.at());
  }

  /** An open seacock lets it in; where raw water has none, nothing keeps it out. */
  private boolean seaComesIn(Circuit circuit) {
    List<Fitting> seacocks = boat.fittingsOf(circuit, FittingKind.SEACOCK);
    return seacocks.isEmpty()
        ? circuit.isRawWater()
        : seacocks.stream().anyMatch(f -> fittings.get(f.key()).state() == FittingState.OPEN);
  }

  private void applyToCard(Entry entry) {
    Fact.CardOpened opened = entry.fact().as(Fact.CardOpened.class);
    if (opened != null) {
      cards.computeIfAbsent(
          entry.card(), card -> new CardFold(entry, opened, before(opened.lookFirst())));
      mayHaveFrozen(entry, opened.lookFirst());
      if (opened.procedure().beginsALayUp()) {
        learned.cardEnded();
        circuits.values().forEach(CircuitFold::layUpBegins);
      } else if (opened.procedure() == Procedure.COMMISSION) {
        circuits.values().forEach(CircuitFold::seasonBegins);
        runs.seasonBegins();
      }
      lastCard = null;
    }
    // Most of what is said is said on the card the entry before was on.
    if (lastCard == null || !lastCard.is(entry.card())) {
      lastCard = cards.get(entry.card());
    }
    if (lastCard != null) {
      lastCard.apply(entry);
    }
  }

  private void mayHaveFrozen(Entry entry, List<String> lookFirst) {
    for (String key : lookFirst) {
      Position engine = boat.hasCircuit(key) ? boat.circuit(key).engine() : null;
      if (engine != null) {
        tags.mayHaveFrozen(engine, key, entry);
      }
    }
  }

  private CardProgress.Before before(List<String> frosted) {
    Set<String> loose = new HashSet<>();
    fittings.forEach(
        (key, standing) -> {
          if (standing.isLooseEnd()) {
            loose.add(key);
          }
        });
    Map<String, Double> filled = new HashMap<>();
    circuits.forEach(
        (key, circuit) -> {
          if (circuit.holdsAntifreeze()) {
            filled.put(key, circuit.litersUsed());
          }
        });
    return new CardProgress.Before(
        Collections.unmodifiableSet(loose),
        Collections.unmodifiableMap(filled),
        services.records(),
        frosted);
  }

  /** The state after all that was added. */
  public BoatState state() {
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
        Map.copyOf(running),
        runs.runs(),
        Set.copyOf(kicked),
        Set.copyOf(inBay),
        Map.copyOf(aboard),
        services.records(),
        backAt,
        lastRound,
        Map.copyOf(descaled),
        cards.values().stream().map(CardFold::progress).toList(),
        List.copyOf(work.values()),
        complaints.all(),
        readings.last(),
        tags.standing(),
        readings.missingPieces(),
        Stream.concat(learned.learned().stream(), runs.learned().stream()).toList(),
        stays.stays(),
        List.copyOf(contradicted.values()));
  }
}
