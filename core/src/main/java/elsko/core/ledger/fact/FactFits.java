package elsko.core.ledger.fact;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.limits.Interval;

/**
 * Whether a fact speaks of things this boat has. Holds for corrections too, whatever the boat's
 * state.
 */
public final class FactFits {
  private FactFits() {}

  /** Refuses a fact about a fitting, low point, circuit, engine or hose the boat does not have. */
  public static void check(Boat boat, Fact fact) {
    switch (fact) {
      case Fact.FittingSet set -> {
        fitting(boat.fitting(set.fitting()), set);
      }
      case Fact.LowPointSeen seen -> {
        boat.lowPoint(seen.lowPoint());
      }
      case Fact.SampleRead read -> {
        boat.lowPoint(read.lowPoint());
      }
      case Fact.CouldNotSample said -> {
        boat.lowPoint(said.lowPoint());
      }
      case Fact.CircuitSeen seen -> {
        boat.circuit(seen.circuit());
      }
      case Fact.Accepted taken -> {
        boat.circuit(taken.circuit());
      }
      case Fact.FrostLooked looked -> {
        boat.circuit(looked.circuit());
      }
      case Fact.Countersigned signed -> {
        boat.circuit(signed.circuit());
      }
      case Fact.CoolantRead read -> {
        coolant(boat.circuit(read.circuit()));
      }
      case Fact.DescalerUsed used -> {
        rawWater(boat.circuit(used.circuit()), used);
      }
      case Fact.EngineStarted started -> {
        engine(boat, started.engine());
      }
      case Fact.EngineStopped stopped -> {
        engine(boat, stopped.engine());
      }
      case Fact.ReadingTaken read -> {
        engine(boat, read.engine());
      }
      case Fact.ConditionSeen seen -> {
        engine(boat, seen.engine());
      }
      case Fact.PiecesFound found -> {
        engine(boat, found.engine());
      }
      case Fact.Cranked cranked -> {
        engine(boat, cranked.engine());
      }
      case Fact.GaugeRead read -> {
        engine(boat, read.engine());
      }
      case Fact.ServiceDone done -> {
        engine(boat, done.engine());
      }
      case Fact.RoundDone round -> {
        round.set().forEach(set -> check(boat, set));
        round.seen().forEach(seen -> check(boat, seen));
        round.read().forEach(read -> check(boat, read));
      }
      case Fact.DuePlanned planned -> {
        boolean perEngine = Interval.of(planned.item()).isPerEngine();
        if (perEngine == (planned.engine() == null)) {
          throw Refused.value(
              "engine", perEngine ? "Say which engine." : "It is about the boat as a whole.");
        }
        engine(boat, planned.engine());
      }
      case Fact.PartPicked picked -> {
        engine(boat, picked.engine());
      }
      case Fact.EngineTroubled troubled -> {
        engine(boat, troubled.engine());
      }
      case Fact.TagRemedied remedied -> {
        engine(boat, remedied.engine());
      }
      case Fact.CaughtAtDrain seen -> {
        boat.lowPoint(seen.lowPoint());
      }
      case Fact.LearnedUsed learnedUsed -> {}
      case Fact.MeterReplaced replaced -> {
        engine(boat, replaced.engine());
      }
      case Fact.Complained complained -> {
        engine(boat, complained.engine());
      }
      case Fact.CylindersOiled oiled -> {
        engine(boat, oiled.engine());
      }
      case Fact.ProofGivenUp given -> {
        boat.circuit(given.circuit());
      }
      case Fact.TagLifted lifted -> {
        engine(boat, lifted.engine());
      }
      case Fact.FluidCaught caught -> {
        boat.circuit(caught.circuit());
      }
      case Fact.Disinfected dosed -> {
        domestic(boat.circuit(dosed.circuit()));
      }
      case Fact.FluidUsed used -> {
        antifreeze(boat.circuit(used.circuit()));
        pourPoint(boat.circuit(used.circuit()), used.pourPoint());
      }
      case Fact.AccessorySeen accessorySeen -> {}
      case Fact.CameBack cameBack -> {}
      case Fact.JugRead jugRead -> {}
      case Fact.BagCounted bagCounted -> {}
      case Fact.GuideLooked guideLooked -> {}
      case Fact.WorkAdded workAdded -> {}
      case Fact.WorkDone workDone -> {}
      case Fact.LateSettled lateSettled -> {}
      case Fact.BayEntered bayEntered -> {}
      case Fact.BayLeft bayLeft -> {}
      case Fact.Noted noted -> {}
      case Fact.PhotoTaken taken -> {
        if (taken.fitting() != null) {
          boat.fitting(taken.fitting());
        }
      }
      case Fact.CardOpened cardOpened -> {}
      case Fact.CardTaken cardTaken -> {}
      case Fact.HandedOver handedOver -> {}
      case Fact.StepDone stepDone -> {}
      case Fact.StepSkipped stepSkipped -> {}
      case Fact.BerthMoved berthMoved -> {}
      case Fact.Withdrawn withdrawn -> {}
    }
  }

  private static void fitting(Fitting fitting, Fact.FittingSet set) {
    if (!fitting.kind().has(set.state())) {
      throw Refused.value(
          "state",
          "%s can be %s."
              .formatted(
                  Words.sentence(fitting.name()),
                  Words.list(fitting.kind().states().stream().map(FittingState::words).toList())));
    }
    if (set.forSample() && !fitting.kind().isDrain()) {
      throw Refused.value("forSample", "Only a drain is opened for a sample.");
    }
  }

  private static void engine(Boat boat, Position engine) {
    if (engine != null) {
      boat.engineCircuit(engine);
    }
  }

  private static void coolant(Circuit circuit) {
    if (circuit.kind() != CircuitKind.COOLANT) {
      throw Refused.value(
          "circuit", "%s is not a coolant side.".formatted(Words.sentence(circuit.name())));
    }
  }

  private static void domestic(Circuit circuit) {
    if (circuit.kind() != CircuitKind.DOMESTIC_WATER) {
      throw Refused.value(
          "circuit", "%s is not domestic water.".formatted(Words.sentence(circuit.name())));
    }
  }

  private static void antifreeze(Circuit circuit) {
    if (circuit.methods().stream().noneMatch(Method::fills)) {
      throw Refused.value(
          "circuit", "%s is not filled with antifreeze.".formatted(Words.sentence(circuit.name())));
    }
  }

  private static void rawWater(Circuit circuit, Fact.DescalerUsed used) {
    if (!circuit.isRawWater()) {
      throw Refused.value(
          "circuit", "%s is not descaled here.".formatted(Words.sentence(circuit.name())));
    }
    for (String segment : used.segments()) {
      if (circuit.segments().stream().noneMatch(s -> s.key().equals(segment))) {
        throw Refused.value(
            "segments", "%s has no segment \"%s\".".formatted(circuit.name(), segment));
      }
    }
  }

  private static void pourPoint(Circuit circuit, String pourPoint) {
    if (pourPoint != null
        && circuit.pourPoints().stream().noneMatch(point -> point.hose().equals(pourPoint))) {
      throw Refused.value("pourPoint", "Nothing can be poured in at \"%s\".".formatted(pourPoint));
    }
  }
}
