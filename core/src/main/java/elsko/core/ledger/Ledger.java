package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.Position;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.circuit.LogTime;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.engine.ServiceFold;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.learned.DrainTroubleFold;
import elsko.core.ledger.learned.FittingPhotosFold;
import elsko.core.ledger.learned.Learned;
import elsko.core.ledger.learned.LearnedFold;
import elsko.core.limits.Interval;
import java.time.Instant;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Folds a boat's log into its state. Total: any log gives a state, also one whose corrections
 * describe what an interlock would have refused.
 */
public final class Ledger {
  /** The answer of a guide that speaks for water in the cylinders. */
  private static final String STOPS_DEAD = "stops-dead";

  private final Boat boat;
  private final Need need;
  private final HullFold hull;
  private final FittingsFold fittings;
  private final CircuitsFold circuits;
  private final EnginesFold engines;
  private final Findings findings;
  private final CircuitFindings circuitFindings;
  private final Map<UUID, CardFold> cards = new LinkedHashMap<>();
  private CardFold lastCard;
  private final EngineRuns runs;
  private final ComplaintsFold complaints = new ComplaintsFold();
  private final Map<UUID, OpenWork> work = new LinkedHashMap<>();
  private final Set<String> inBay = new TreeSet<>();
  private final BagFold bag = new BagFold();
  private UUID berth;
  private String berthName = "";
  private final Map<Accessory, Boolean> aboard = new EnumMap<>(Accessory.class);
  private final ServiceFold services = new ServiceFold();
  private Instant backAt;
  private RoundStanding lastRound;
  private final LogTime time = new LogTime();
  private final StayFold stays = new StayFold();

  /** What came in late and does not go with the rest, until somebody says how it was. */
  private final Map<UUID, Entry> contradicted = new LinkedHashMap<>();

  private final RedTags tags = new RedTags();
  private final LearnedFold learned = new LearnedFold();
  private final DrainTroubleFold trouble = new DrainTroubleFold();
  private final FittingPhotosFold photos = new FittingPhotosFold();

  /** Something was said so late, or so soon, that it may end a claim and make none. */
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
    this.hull = new HullFold(boat);
    this.circuits = new CircuitsFold(boat, rules, time);
    this.engines = new EnginesFold(boat, hull, circuits, runs, services, tags);
    this.fittings = new FittingsFold(boat, hull, circuits, engines, runs, bag, stays);
    this.findings = new Findings(boat, circuits, engines, fittings, runs, services, tags);
    this.circuitFindings =
        new CircuitFindings(boat, circuits, engines, runs, services, tags, learned, trouble);
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
    return GrowingFold.of(boat, rules, log).state();
  }

  /**
   * Folds one more entry in. A correction changes what came before it, so a log with one is folded
   * again.
   */
  public void add(Entry entry) {
    time.set(entry.happened());
    anyInDoubt |= !entry.mayClaim();
    if (entry.late() != null && entry.late().asks()) {
      contradicted.put(entry.id(), entry);
    }
    if (entry.card() != null) {
      applyToCard(entry);
    }
    Fact fact = entry.fact();
    // The most frequent first: they are tried one after another.
    switch (fact) {
      case Fact.FittingSet set -> {
        fittings.set(entry, set);
      }
      case Fact.StepDone stepDone -> {}
      case Fact.AboutCircuit about -> circuitFindings.apply(entry, about);
      case Fact.AccessorySeen looked -> {
        aboard.put(looked.accessory(), looked.aboard());
        CircuitFold circuit = circuits.get(looked.accessory().key());
        if (circuit != null) {
          circuit.isAboard(looked.aboard());
        }
      }
      case Fact.EngineStarted started -> {
        engines.started(started, entry);
      }
      case Fact.Cranked cranked -> {
        boat.enginesMeant(cranked.engine())
            .forEach(
                engine ->
                    runs.turned(
                        engine, cranked.seconds(), hull.seacockIsOpen(engine), entry.deviceTime()));
      }
      case Fact.GaugeRead read -> {
        boat.enginesMeant(read.engine())
            .forEach(
                engine -> {
                  engines.gauge(entry, engine, read.reading());
                  engines.coolantRoundWith(engine);
                });
      }
      case Fact.RoundDone round -> {
        gone(entry, round);
      }
      case Fact.ConditionSeen seen -> {
        findings.seen(entry, seen);
      }
      case Fact.PiecesFound found -> {
        findings.found(found);
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
        findings.remedied(entry, remedied);
      }
      case Fact.TagLifted lifted -> {
        tags.lifted(boat.engineMeant(lifted.engine()), lifted.cause());
      }
      case Fact.ReadingTaken read -> {
        findings.taken(entry, read);
      }
      case Fact.EngineStopped stopped -> {
        engines.stopped(stopped, entry);
      }
      case Fact.ServiceDone done -> {
        findings.done(entry, done.engine(), Interval.of(done.item()), done.found());
      }
      case Fact.DuePlanned planned -> {
        services.planned(planned.engine(), Interval.of(planned.item()), entry);
      }
      case Fact.EngineTroubled troubled -> {
        boat.enginesMeant(troubled.engine())
            .forEach(engine -> engines.troubled(engine, troubled.trouble(), entry));
      }
      case Fact.CameBack cameBack -> {
        backAt = entry.deviceTime();
      }
      case Fact.JugRead read -> {
        circuits.all().forEach(circuit -> circuit.jug(read));
      }
      case Fact.WorkAdded added -> {
        work.put(
            entry.id(),
            new OpenWork(
                entry.id(),
                added.what(),
                entry.person(),
                entry.deviceTime(),
                Boolean.TRUE.equals(added.urgent())));
      }
      case Fact.WorkDone done -> {
        work.remove(done.work());
        complaints.done(done.work(), entry.deviceTime());
      }
      case Fact.LateSettled settled -> {
        contradicted.remove(settled.entry());
      }
      case Fact.BagCounted counted -> {
        bag.counted(counted.count(), entry);
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
      case Fact.PhotoTaken taken -> {
        photos.taken(taken, entry.happened());
      }
      case Fact.CardOpened cardOpened -> {}
      case Fact.CardTaken cardTaken -> {}
      case Fact.HandedOver handedOver -> {}
      case Fact.StepSkipped stepSkipped -> {}
      case Fact.Withdrawn withdrawn -> {}
    }
  }

  /** Whether something was said so late, or so soon, that it may end a claim and make none. */
  boolean anyInDoubt() {
    return anyInDoubt;
  }

  /** A round says many things at once; each counts as if it had been said alone. */
  private void gone(Entry entry, Fact.RoundDone round) {
    round.set().forEach(set -> fittings.set(entry, set));
    round.seen().forEach(seen -> findings.seen(entry, seen));
    round.read().forEach(read -> findings.taken(entry, read));
    lastRound =
        new RoundStanding(
            round.kind(), round.go(), round.reasons(), entry.person(), entry.deviceTime());
  }

  private void moved(Fact.BerthMoved moved) {
    berth = moved.berth();
    berthName = moved.berthName();
    if (moved.afloat() && !hull.afloat()) {
      boat.circuits().stream().filter(hull::seaComesIn).forEach(circuits::flooded);
    }
    if (moved.afloat()) {
      runs.seasonBegins();
    }
    hull.lies(moved.afloat());
    boat.engineCircuits().stream()
        .filter(hull::fillsItself)
        .forEach(circuit -> runs.suctionFilled(circuit.engine()));
    stays.moved(berth, hull.afloat(), time.at());
  }

  private void applyToCard(Entry entry) {
    Fact.CardOpened opened = entry.fact().as(Fact.CardOpened.class);
    if (opened != null) {
      cards.computeIfAbsent(
          entry.card(), card -> new CardFold(entry, opened, before(opened.lookFirst())));
      mayHaveFrozen(entry, opened.lookFirst());
      if (opened.procedure().beginsALayUp()) {
        learned.cardEnded();
        trouble.layUpBegins(entry.happened());
        circuits.all().forEach(CircuitFold::layUpBegins);
      } else if (opened.procedure() == Procedure.COMMISSION) {
        circuits.all().forEach(CircuitFold::seasonBegins);
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
    hull.all()
        .forEach(
            (key, standing) -> {
              if (standing.isLooseEnd()) {
                loose.add(key);
              }
            });
    return new CardProgress.Before(
        Collections.unmodifiableSet(loose), circuits.filled(), services.records(), frosted);
  }

  /** The state after all that was added. */
  public BoatState state() {
    return new BoatState(
        boat,
        need,
        Map.copyOf(hull.all()),
        circuits.all().stream().map(CircuitFold::state).toList(),
        bag.state(hull.all().values()),
        berth,
        berthName,
        hull.afloat(),
        engines.running(),
        runs.runs(),
        engines.kicked(),
        Set.copyOf(inBay),
        Map.copyOf(aboard),
        services.records(),
        backAt,
        lastRound,
        circuitFindings.descaled(),
        cards.values().stream().map(CardFold::progress).toList(),
        List.copyOf(work.values()),
        complaints.all(),
        findings.readings().last(),
        tags.standing(),
        findings.readings().missingPieces(),
        Stream.concat(learned.learned().stream(), runs.learned().stream()).toList(),
        trouble.standing(),
        photos.standing(),
        stays.stays(),
        List.copyOf(contradicted.values()));
  }
}
