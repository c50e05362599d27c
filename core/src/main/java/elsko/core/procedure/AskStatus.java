package elsko.core.procedure;

import elsko.core.boat.FittingState;
import elsko.core.fluid.Outcome;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Entry;
import elsko.core.ledger.Fact;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.PointState;
import elsko.core.ledger.StartBasis;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Whether what a step asks for has been given. What is already so need not be done again; what the
 * step itself recorded stays answered, even when a later step changes it back.
 */
public final class AskStatus {
  private final BoatState state;
  private final Set<String> said = new HashSet<>();

  private AskStatus(BoatState state, List<Entry> entries) {
    this.state = state;
    entries.forEach(entry -> said.add(name(entry.fact())));
  }

  /** The status of one step's asks. */
  public static AskStatus of(BoatState state, CardProgress card, String step) {
    return new AskStatus(state, card.step(step).entries());
  }

  public boolean isAnswered(Ask ask) {
    if (ask instanceof Ask.Set set) {
      return said.contains("set " + set.fitting() + set.to()) || stands(set.fitting(), set.to());
    }
    if (ask instanceof Ask.Open open) {
      return said.contains("seen " + open.lowPoint());
    }
    if (ask instanceof Ask.Engine engine) {
      return said.contains(engine.start() ? "start" : "stop");
    }
    if (ask instanceof Ask.Kick) {
      return said.contains("kick");
    }
    if (ask instanceof Ask.Read read) {
      return said.contains("read " + read.limit());
    }
    if (ask instanceof Ask.Fill fill) {
      return said.contains("fill " + fill.pourPoint());
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
    Ask.Sample sample = (Ask.Sample) ask;
    return sampledNow(sample.lowPoint());
  }

  private boolean sampledNow(String lowPoint) {
    PointState point =
        state.circuit(state.boat().circuitOfLowPoint(lowPoint).key()).point(lowPoint);
    return point.couldNot() != null
        || point.verdict() != null && point.verdict().outcome() != Outcome.RETAKE;
  }

  private boolean stands(String fitting, FittingState to) {
    FittingStanding standing = state.fitting(fitting);
    return standing.state() == to && !standing.forSample();
  }

  private static String name(Fact fact) {
    if (fact instanceof Fact.FittingSet set) {
      return "set " + set.fitting() + set.state();
    }
    if (fact instanceof Fact.LowPointSeen seen) {
      return "seen " + seen.lowPoint();
    }
    if (fact instanceof Fact.EngineStarted started) {
      return started.basis() == StartBasis.KICK ? "kick" : "start";
    }
    if (fact instanceof Fact.EngineStopped) {
      return "stop";
    }
    if (fact instanceof Fact.ReadingTaken read) {
      return "read " + read.limit();
    }
    if (fact instanceof Fact.FluidUsed used) {
      return "fill " + used.pourPoint();
    }
    if (fact instanceof Fact.BagCounted) {
      return "count";
    }
    if (fact instanceof Fact.JugRead) {
      return "jug";
    }
    return fact.getClass().getSimpleName();
  }
}
