package elsko.server.work;

import elsko.core.ledger.Fact;

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

  Class<? extends Fact> fact() {
    return fact;
  }

  static EntryKind of(Fact fact) {
    for (EntryKind kind : values()) {
      if (kind.fact == fact.getClass()) {
        return kind;
      }
    }
    throw new IllegalArgumentException(fact.getClass().getName());
  }
}
