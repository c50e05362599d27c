package elsko.core.procedure;

import elsko.core.boat.FittingState;
import elsko.core.boat.Position;
import elsko.core.fluid.Outcome;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Entry;
import elsko.core.ledger.Fact;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.FrostFinding;
import elsko.core.ledger.PointState;
import elsko.core.ledger.StartBasis;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whether what a step asks for has been given. What is already so need not be done again; what the
 * step itself recorded stays answered, even when a later step changes it back.
 */
public final class AskStatus {
  private final BoatState state;
  private final Set<String> said = new HashSet<>();
  private final Map<String, String> found = new HashMap<>();

  private AskStatus(BoatState state, List<Entry> entries) {
    this.state = state;
    for (Entry entry : entries) {
      said.add(name(entry.fact()));
      if (entry.fact() instanceof Fact.ConditionSeen seen) {
        found.put(seen.condition() + only(seen.engine()), seen.finding());
      } else if (entry.fact() instanceof Fact.FrostLooked looked) {
        found.put(name(looked), looked.found().key());
      }
    }
  }

  /** The status of one step's asks. */
  public static AskStatus of(BoatState state, CardProgress card, String step) {
    return new AskStatus(state, card.step(step).entries());
  }

  /** Whether all of a step's asks are answered, in the order they stand. */
  public boolean isAnswered(Step step, Ask ask) {
    return ask instanceof Ask.Set set ? isSet(step, set) : isAnswered(ask);
  }

  /**
   * Whether how a fitting stands decides, and nobody has to say it: it has not been said at this
   * step, it need not be looked at now, and the step sets it once.
   */
  public boolean restsOnStanding(Step step, Ask.Set set) {
    return !isSaid(set) && !set.now() && !isMovedTwice(step, set);
  }

  /** What was found last at the step, by {@link Fact.ConditionSeen#finding}; or null. */
  public String found(Ask.See see) {
    return found.get(see.condition() + only(see.engine()));
  }

  /** What was found last at the step, by {@link FrostFinding#key}; or null. */
  public String found(Ask.Frost frost) {
    return found.get("frost " + frost.circuit());
  }

  private boolean isSet(Step step, Ask.Set set) {
    if (isSaid(set)) {
      return true;
    }
    return !set.now() && !(isMovedTwice(step, set) && movedBefore(step, set)) && stands(set);
  }

  private boolean isSaid(Ask.Set set) {
    return said.contains("set " + set.fitting() + set.to());
  }

  /** Such a fitting is not back because it has not been moved yet. */
  private static boolean isMovedTwice(Step step, Ask.Set set) {
    return step.asks().stream()
            .filter(Ask.Set.class::isInstance)
            .filter(other -> ((Ask.Set) other).fitting().equals(set.fitting()))
            .count()
        > 1;
  }

  /** Whether another ask about the same fitting comes earlier in the step and is still open. */
  private boolean movedBefore(Step step, Ask.Set set) {
    for (Ask ask : step.asks()) {
      if (ask == set) {
        return false;
      }
      if (ask instanceof Ask.Set other && other.fitting().equals(set.fitting()) && !isSaid(other)) {
        return true;
      }
    }
    return false;
  }

  private boolean isAnswered(Ask ask) {
    if (ask instanceof Ask.Open open) {
      return said.contains("seen " + open.lowPoint());
    }
    if (ask instanceof Ask.Engine engine) {
      return said.contains((engine.start() ? "start " : "stop ") + engine.engine());
    }
    if (ask instanceof Ask.Kick kick) {
      return said.contains("kick " + kick.engine());
    }
    if (ask instanceof Ask.Read read) {
      return said.contains("read " + read.limit() + only(read.engine()))
          || said.contains("see " + read.instead() + only(read.engine()));
    }
    if (ask instanceof Ask.See see) {
      return said.contains("see " + see.condition() + only(see.engine()));
    }
    if (ask instanceof Ask.Pieces pieces) {
      return !state.missingPieces().containsKey(only(pieces.engine()));
    }
    if (ask instanceof Ask.Fill fill) {
      return said.contains("fill " + fill.circuit() + fill.pourPoint());
    }
    if (ask instanceof Ask.Catch caught) {
      return said.contains("catch " + caught.circuit());
    }
    if (ask instanceof Ask.Disinfect dose) {
      return said.contains("disinfect " + dose.circuit());
    }
    if (ask instanceof Ask.Pick pick) {
      return said.contains("pick " + pick.item() + only(pick.engine()));
    }
    if (ask instanceof Ask.Descale descale) {
      return said.contains("descale " + descale.circuit());
    }
    if (ask instanceof Ask.Count) {
      return said.contains("count");
    }
    if (ask instanceof Ask.Jug jug) {
      CircuitState circuit = state.circuit(jug.circuit());
      return circuit.lot() == null
          ? said.contains("jug")
          : circuit.jugs().containsKey(circuit.lot().number());
    }
    if (ask instanceof Ask.Coolant coolant) {
      return said.contains("coolant " + coolant.circuit());
    }
    if (ask instanceof Ask.Frost frost) {
      return said.contains("frost " + frost.circuit());
    }
    if (ask instanceof Ask.Service service) {
      return said.contains("service " + service.item() + only(service.engine()));
    }
    if (ask instanceof Ask.Aboard aboard) {
      return said.contains("aboard " + aboard.accessory());
    }
    if (ask instanceof Ask.Look look) {
      return look.circuits().stream()
          .allMatch(circuit -> said.contains("look " + circuit + look.inService()));
    }
    if (ask instanceof Ask.Note) {
      return said.contains("note");
    }
    if (ask instanceof Ask.Afloat) {
      return state.afloat();
    }
    return sampledNow(((Ask.Sample) ask).lowPoint());
  }

  private boolean sampledNow(String lowPoint) {
    PointState point =
        state.circuit(state.boat().circuitOfLowPoint(lowPoint).key()).point(lowPoint);
    return point.couldNot() != null
        || point.verdict() != null && point.verdict().outcome() != Outcome.RETAKE;
  }

  private boolean stands(Ask.Set set) {
    FittingStanding standing = state.fitting(set.fitting());
    FittingState to = set.to();
    return standing.state() == to && !standing.forSample();
  }

  private Position only(Position named) {
    return state.boat().engineMeant(named);
  }

  private String name(Fact fact) {
    if (fact instanceof Fact.FittingSet set) {
      return "set " + set.fitting() + set.state();
    }
    if (fact instanceof Fact.LowPointSeen seen) {
      return "seen " + seen.lowPoint();
    }
    if (fact instanceof Fact.EngineStarted started) {
      String what = started.basis() == StartBasis.KICK ? "kick " : "start ";
      return what + only(started.engine());
    }
    if (fact instanceof Fact.EngineStopped stopped) {
      return "stop " + only(stopped.engine());
    }
    if (fact instanceof Fact.ReadingTaken read) {
      return "read " + read.limit() + only(read.engine());
    }
    if (fact instanceof Fact.ConditionSeen seen) {
      return "see " + seen.condition() + only(seen.engine());
    }
    if (fact instanceof Fact.FluidUsed used) {
      return "fill " + used.circuit() + used.pourPoint();
    }
    if (fact instanceof Fact.FluidCaught caught) {
      return "catch " + caught.circuit();
    }
    if (fact instanceof Fact.Disinfected dosed) {
      return "disinfect " + dosed.circuit();
    }
    if (fact instanceof Fact.PartPicked picked) {
      return "pick " + picked.item() + only(picked.engine());
    }
    if (fact instanceof Fact.DescalerUsed used) {
      return "descale " + used.circuit();
    }
    if (fact instanceof Fact.CoolantRead read) {
      return "coolant " + read.circuit();
    }
    if (fact instanceof Fact.FrostLooked looked) {
      return "frost " + looked.circuit();
    }
    if (fact instanceof Fact.ServiceDone done) {
      return "service " + done.item() + only(done.engine());
    }
    if (fact instanceof Fact.AccessorySeen seen) {
      return "aboard " + seen.accessory();
    }
    if (fact instanceof Fact.CircuitSeen seen) {
      return "look " + seen.circuit() + seen.inService();
    }
    if (fact instanceof Fact.BagCounted) {
      return "count";
    }
    if (fact instanceof Fact.JugRead) {
      return "jug";
    }
    return fact instanceof Fact.Noted ? "note" : fact.getClass().getSimpleName();
  }
}
