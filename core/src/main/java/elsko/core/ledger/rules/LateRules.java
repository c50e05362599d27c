package elsko.core.ledger.rules;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * Where an entry belongs that comes in after it happened. It is judged by the boat as it stood
 * then; what happened has happened, so a rule it broke marks it and does not refuse it, and what
 * later entries rested on without knowing of it is named.
 */
public final class LateRules {
  /** What came in within this was entered now. */
  private static final Duration NOW = Duration.ofMinutes(2);

  /** Devices agree on the time but for this. */
  private static final Duration TOGETHER = Duration.ofSeconds(5);

  private final Boat boat;
  private final ProofRules proof;
  private final YardRules rules;
  private final List<Entry> standing;

  /**
   * @param log the boat's log, as it was kept
   */
  public LateRules(Boat boat, ProofRules proof, YardRules rules, List<Entry> log) {
    this.boat = boat;
    this.proof = proof;
    this.rules = rules;
    this.standing = Corrections.applied(log);
  }

  /**
   * An entry as it joins a log: what comes in within seconds of what happened before it comes in
   * its turn, whichever device's clock is a little ahead.
   */
  public static Entry inStep(List<Entry> log, Entry entry) {
    Instant last = log.isEmpty() ? Instant.MIN : log.get(log.size() - 1).happened();
    boolean justBefore =
        entry.happened().isBefore(last) && !entry.happened().isBefore(last.minus(TOGETHER));
    return justBefore && entry.corrects() == null ? entry.at(last) : entry;
  }

  /** Whether something that stands happened after it. */
  public static boolean comesBetween(List<Entry> log, Entry entry) {
    for (int i = log.size() - 1; i >= 0; i--) {
      if (log.get(i).corrects() == null && log.get(i).happened().isAfter(entry.happened())) {
        return true;
      }
    }
    return false;
  }

  /** Whether it waited on its device, so that refusing it would undo nothing. */
  public static boolean waited(Entry entry) {
    return entry.happened().isBefore(entry.serverTime().minus(NOW));
  }

  /**
   * Whether a refusal of a late entry marks it: it tells of what was done or seen, and a rule
   * forbade it then. What only says how far the work is, or cannot be meant at all, is refused.
   */
  public static boolean marks(Entry entry, Refused refused) {
    return waited(entry) && refused.kind() == Refused.Kind.STATE && isDone(entry.fact());
  }

  private static boolean isDone(Fact fact) {
    return switch (fact) {
      case Fact.AccessorySeen accessorySeen -> false;
      case Fact.CircuitSeen circuitSeen -> false;
      case Fact.FrostLooked frostLooked -> false;
      case Fact.FittingSet fittingSet -> true;
      case Fact.LowPointSeen lowPointSeen -> true;
      case Fact.EngineStarted engineStarted -> true;
      case Fact.Cranked cranked -> true;
      case Fact.EngineStopped engineStopped -> true;
      case Fact.DescalerUsed descalerUsed -> true;
      case Fact.CoolantRead coolantRead -> true;
      case Fact.ServiceDone serviceDone -> false;
      case Fact.DuePlanned duePlanned -> false;
      case Fact.FluidUsed fluidUsed -> true;
      case Fact.FluidCaught fluidCaught -> true;
      case Fact.Disinfected disinfected -> true;
      case Fact.PartPicked partPicked -> false;
      case Fact.CameBack cameBack -> false;
      case Fact.EngineTroubled engineTroubled -> false;
      case Fact.TagRemedied tagRemedied -> false;
      case Fact.TagLifted tagLifted -> false;
      case Fact.MeterReplaced meterReplaced -> false;
      case Fact.CylindersOiled cylindersOiled -> false;
      case Fact.Complained complained -> false;
      case Fact.ProofGivenUp proofGivenUp -> false;
      case Fact.CaughtAtDrain caughtAtDrain -> false;
      case Fact.LearnedUsed learnedUsed -> false;
      case Fact.RoundDone roundDone -> false;
      case Fact.JugRead jugRead -> false;
      case Fact.SampleRead sampleRead -> true;
      case Fact.CouldNotSample couldNotSample -> false;
      case Fact.Accepted accepted -> false;
      case Fact.Countersigned countersigned -> false;
      case Fact.ReadingTaken readingTaken -> false;
      case Fact.ConditionSeen conditionSeen -> false;
      case Fact.PiecesFound piecesFound -> false;
      case Fact.GaugeRead gaugeRead -> true;
      case Fact.BagCounted bagCounted -> false;
      case Fact.GuideLooked guideLooked -> false;
      case Fact.WorkAdded workAdded -> false;
      case Fact.WorkDone workDone -> false;
      case Fact.LateSettled lateSettled -> false;
      case Fact.BayEntered bayEntered -> false;
      case Fact.BayLeft bayLeft -> false;
      case Fact.Noted noted -> false;
      case Fact.PhotoTaken photoTaken -> false;
      case Fact.CardOpened cardOpened -> false;
      case Fact.CardTaken cardTaken -> false;
      case Fact.HandedOver handedOver -> false;
      case Fact.StepDone stepDone -> false;
      case Fact.StepSkipped stepSkipped -> false;
      case Fact.BerthMoved berthMoved -> true;
      case Fact.Withdrawn withdrawn -> false;
    };
  }

  /** The boat as it stood when something happened. */
  public BoatState before(Instant happened) {
    Ledger ledger = new Ledger(boat, proof);
    for (Entry entry : standing) {
      if (entry.happened().isAfter(happened)) {
        break;
      }
      ledger.add(entry);
    }
    return ledger.state();
  }

  /** Ids of the entries after it that could not have been made had it been known. */
  public List<UUID> upsetBy(Entry late) {
    Set<UUID> forbiddenAnyway = forbidden(standing, late.happened());
    int at = 0;
    while (at < standing.size() && !standing.get(at).happened().isAfter(late.happened())) {
      at++;
    }
    List<Entry> with = new ArrayList<>(standing);
    with.add(at, late);
    Set<UUID> upset = forbidden(with, late.happened());
    upset.removeAll(forbiddenAnyway);
    return List.copyOf(upset);
  }

  /** Of the entries after a moment those that rules forbid where they stand. */
  private Set<UUID> forbidden(List<Entry> entries, Instant after) {
    Set<UUID> found = new LinkedHashSet<>();
    Ledger ledger = new Ledger(boat, proof);
    for (Entry entry : entries) {
      if (entry.happened().isAfter(after) && isDone(entry.fact())) {
        try {
          Interlocks.check(ledger.state(), entry.person(), entry.fact(), rules, entry.happened());
        } catch (Refused refused) {
          found.add(entry.id());
        }
      }
      ledger.add(entry);
    }
    return found;
  }
}
