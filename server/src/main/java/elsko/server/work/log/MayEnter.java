package elsko.server.work.log;

import elsko.core.boat.Boat;
import elsko.core.ledger.fact.Fact;
import elsko.server.people.Role;
import elsko.server.problems.Forbidden;

/** Which role may say what. */
final class MayEnter {
  private MayEnter() {}

  static void check(Role role, Boat boat, Fact fact) {
    boolean may =
        switch (role) {
          case COORDINATOR -> true;
          case TECHNICIAN ->
              !(fact.is(Fact.BerthMoved.class)
                  || fact.is(Fact.Accepted.class)
                  || fact.is(Fact.TagLifted.class));
          case YARD_HAND -> concernsMoving(boat, fact);
          case VIEWER -> false;
        };
    if (!may) {
      throw new Forbidden(
          fact.is(Fact.Accepted.class)
              ? "Only a coordinator takes a boat as it is."
              : fact.is(Fact.TagLifted.class)
                  ? "Only a coordinator lifts a red tag without its remedy."
                  : role == Role.YARD_HAND
                      ? "A yard hand moves boats and sets what concerns moving them; this is a technician's."
                      : "Your role may not enter this.");
    }
  }

  private static boolean concernsMoving(Boat boat, Fact fact) {
    return switch (fact) {
      case Fact.FittingSet set -> boat.fitting(set.fitting()).kind().concernsMoving();
      case Fact.AccessorySeen accessorySeen -> false;
      case Fact.CircuitSeen circuitSeen -> false;
      case Fact.FrostLooked frostLooked -> false;
      case Fact.LowPointSeen lowPointSeen -> false;
      case Fact.EngineStarted engineStarted -> false;
      case Fact.Cranked cranked -> false;
      case Fact.EngineStopped engineStopped -> false;
      case Fact.DescalerUsed descalerUsed -> false;
      case Fact.CoolantRead coolantRead -> false;
      case Fact.ServiceDone serviceDone -> false;
      case Fact.DuePlanned duePlanned -> false;
      case Fact.FluidUsed fluidUsed -> false;
      case Fact.FluidCaught fluidCaught -> false;
      case Fact.Disinfected disinfected -> false;
      case Fact.PartPicked partPicked -> false;
      case Fact.CameBack cameBack -> true;
      case Fact.EngineTroubled engineTroubled -> true;
      case Fact.TagRemedied tagRemedied -> false;
      case Fact.TagLifted tagLifted -> false;
      case Fact.CylindersOiled cylindersOiled -> false;
      case Fact.Complained complained -> true;
      case Fact.ProofGivenUp proofGivenUp -> false;
      case Fact.MeterReplaced meterReplaced -> false;
      case Fact.CaughtAtDrain caughtAtDrain -> false;
      case Fact.LearnedUsed learnedUsed -> false;
      case Fact.RoundDone roundDone -> true;
      case Fact.JugRead jugRead -> false;
      case Fact.SampleRead sampleRead -> false;
      case Fact.CouldNotSample couldNotSample -> false;
      case Fact.Accepted accepted -> false;
      case Fact.Countersigned countersigned -> false;
      case Fact.ReadingTaken readingTaken -> false;
      case Fact.ConditionSeen conditionSeen -> false;
      case Fact.PiecesFound piecesFound -> false;
      case Fact.GaugeRead gaugeRead -> false;
      case Fact.BagCounted bagCounted -> false;
      case Fact.GuideLooked guideLooked -> false;
      case Fact.WorkAdded workAdded -> false;
      case Fact.WorkDone workDone -> false;
      case Fact.LateSettled lateSettled -> false;
      case Fact.BayEntered bayEntered -> false;
      case Fact.BayLeft bayLeft -> false;
      case Fact.Noted noted -> true;
      case Fact.PhotoTaken photoTaken -> true;
      case Fact.CardOpened cardOpened -> false;
      case Fact.CardTaken cardTaken -> false;
      case Fact.HandedOver handedOver -> false;
      case Fact.StepDone stepDone -> false;
      case Fact.StepSkipped stepSkipped -> false;
      case Fact.BerthMoved berthMoved -> true;
      case Fact.Withdrawn withdrawn -> false;
    };
  }
}
