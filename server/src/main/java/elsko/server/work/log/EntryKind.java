package elsko.server.work.log;

import elsko.core.ledger.fact.Fact;

/** The kinds of entries, as the wire and the database name them. */
public enum EntryKind {
  ACCESSORY_SEEN(Fact.AccessorySeen.class),
  CIRCUIT_SEEN(Fact.CircuitSeen.class),
  FROST_LOOKED(Fact.FrostLooked.class),
  FITTING_SET(Fact.FittingSet.class),
  LOW_POINT_SEEN(Fact.LowPointSeen.class),
  ENGINE_STARTED(Fact.EngineStarted.class),
  CRANKED(Fact.Cranked.class),
  ENGINE_STOPPED(Fact.EngineStopped.class),
  FLUID_USED(Fact.FluidUsed.class),
  FLUID_CAUGHT(Fact.FluidCaught.class),
  DISINFECTED(Fact.Disinfected.class),
  PART_PICKED(Fact.PartPicked.class),
  DUE_PLANNED(Fact.DuePlanned.class),
  DESCALER_USED(Fact.DescalerUsed.class),
  COOLANT_READ(Fact.CoolantRead.class),
  SERVICE_DONE(Fact.ServiceDone.class),
  JUG_READ(Fact.JugRead.class),
  SAMPLE_READ(Fact.SampleRead.class),
  COULD_NOT_SAMPLE(Fact.CouldNotSample.class),
  COUNTERSIGNED(Fact.Countersigned.class),
  ACCEPTED(Fact.Accepted.class),
  READING_TAKEN(Fact.ReadingTaken.class),
  CONDITION_SEEN(Fact.ConditionSeen.class),
  PIECES_FOUND(Fact.PiecesFound.class),
  GAUGE_READ(Fact.GaugeRead.class),
  ROUND_DONE(Fact.RoundDone.class),
  CAME_BACK(Fact.CameBack.class),
  ENGINE_TROUBLED(Fact.EngineTroubled.class),
  TAG_REMEDIED(Fact.TagRemedied.class),
  TAG_LIFTED(Fact.TagLifted.class),
  CYLINDERS_OILED(Fact.CylindersOiled.class),
  COMPLAINED(Fact.Complained.class),
  PROOF_GIVEN_UP(Fact.ProofGivenUp.class),
  METER_REPLACED(Fact.MeterReplaced.class),
  CAUGHT_AT_DRAIN(Fact.CaughtAtDrain.class),
  LEARNED_USED(Fact.LearnedUsed.class),
  BAG_COUNTED(Fact.BagCounted.class),
  GUIDE_LOOKED(Fact.GuideLooked.class),
  WORK_ADDED(Fact.WorkAdded.class),
  WORK_DONE(Fact.WorkDone.class),
  LATE_SETTLED(Fact.LateSettled.class),
  BAY_ENTERED(Fact.BayEntered.class),
  BAY_LEFT(Fact.BayLeft.class),
  NOTED(Fact.Noted.class),
  PHOTO_TAKEN(Fact.PhotoTaken.class),
  CARD_OPENED(Fact.CardOpened.class),
  CARD_TAKEN(Fact.CardTaken.class),
  HANDED_OVER(Fact.HandedOver.class),
  STEP_DONE(Fact.StepDone.class),
  STEP_SKIPPED(Fact.StepSkipped.class),
  BERTH_MOVED(Fact.BerthMoved.class),
  WITHDRAWN(Fact.Withdrawn.class);

  private final Class<? extends Fact> fact;

  EntryKind(Class<? extends Fact> fact) {
    this.fact = fact;
  }

  public Class<? extends Fact> fact() {
    return fact;
  }

  public static EntryKind of(Class<? extends Fact> fact) {
    for (EntryKind kind : values()) {
      if (kind.fact == fact) {
        return kind;
      }
    }
    throw new IllegalArgumentException(fact.getName());
  }

  public static EntryKind of(Fact fact) {
    return switch (fact) {
      case Fact.AccessorySeen accessorySeen -> ACCESSORY_SEEN;
      case Fact.CircuitSeen circuitSeen -> CIRCUIT_SEEN;
      case Fact.FrostLooked frostLooked -> FROST_LOOKED;
      case Fact.FittingSet fittingSet -> FITTING_SET;
      case Fact.LowPointSeen lowPointSeen -> LOW_POINT_SEEN;
      case Fact.EngineStarted engineStarted -> ENGINE_STARTED;
      case Fact.Cranked cranked -> CRANKED;
      case Fact.EngineStopped engineStopped -> ENGINE_STOPPED;
      case Fact.DescalerUsed descalerUsed -> DESCALER_USED;
      case Fact.CoolantRead coolantRead -> COOLANT_READ;
      case Fact.ServiceDone serviceDone -> SERVICE_DONE;
      case Fact.DuePlanned duePlanned -> DUE_PLANNED;
      case Fact.FluidUsed fluidUsed -> FLUID_USED;
      case Fact.FluidCaught fluidCaught -> FLUID_CAUGHT;
      case Fact.Disinfected disinfected -> DISINFECTED;
      case Fact.PartPicked partPicked -> PART_PICKED;
      case Fact.CameBack cameBack -> CAME_BACK;
      case Fact.EngineTroubled engineTroubled -> ENGINE_TROUBLED;
      case Fact.TagRemedied tagRemedied -> TAG_REMEDIED;
      case Fact.TagLifted tagLifted -> TAG_LIFTED;
      case Fact.CylindersOiled cylindersOiled -> CYLINDERS_OILED;
      case Fact.Complained complained -> COMPLAINED;
      case Fact.ProofGivenUp proofGivenUp -> PROOF_GIVEN_UP;
      case Fact.MeterReplaced meterReplaced -> METER_REPLACED;
      case Fact.CaughtAtDrain caughtAtDrain -> CAUGHT_AT_DRAIN;
      case Fact.LearnedUsed learnedUsed -> LEARNED_USED;
      case Fact.RoundDone roundDone -> ROUND_DONE;
      case Fact.JugRead jugRead -> JUG_READ;
      case Fact.SampleRead sampleRead -> SAMPLE_READ;
      case Fact.CouldNotSample couldNotSample -> COULD_NOT_SAMPLE;
      case Fact.Accepted accepted -> ACCEPTED;
      case Fact.Countersigned countersigned -> COUNTERSIGNED;
      case Fact.ReadingTaken readingTaken -> READING_TAKEN;
      case Fact.ConditionSeen conditionSeen -> CONDITION_SEEN;
      case Fact.PiecesFound piecesFound -> PIECES_FOUND;
      case Fact.GaugeRead gaugeRead -> GAUGE_READ;
      case Fact.BagCounted bagCounted -> BAG_COUNTED;
      case Fact.GuideLooked guideLooked -> GUIDE_LOOKED;
      case Fact.WorkAdded workAdded -> WORK_ADDED;
      case Fact.WorkDone workDone -> WORK_DONE;
      case Fact.LateSettled lateSettled -> LATE_SETTLED;
      case Fact.BayEntered bayEntered -> BAY_ENTERED;
      case Fact.BayLeft bayLeft -> BAY_LEFT;
      case Fact.Noted noted -> NOTED;
      case Fact.PhotoTaken photoTaken -> PHOTO_TAKEN;
      case Fact.CardOpened cardOpened -> CARD_OPENED;
      case Fact.CardTaken cardTaken -> CARD_TAKEN;
      case Fact.HandedOver handedOver -> HANDED_OVER;
      case Fact.StepDone stepDone -> STEP_DONE;
      case Fact.StepSkipped stepSkipped -> STEP_SKIPPED;
      case Fact.BerthMoved berthMoved -> BERTH_MOVED;
      case Fact.Withdrawn withdrawn -> WITHDRAWN;
    };
  }
}
