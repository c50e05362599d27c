package elsko.core.procedure;

import elsko.core.boat.FittingState;
import elsko.core.boat.LowPoint;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Fact;
import elsko.core.ledger.InstrumentUse;
import elsko.core.ledger.Lot;
import elsko.core.ledger.Seen;
import elsko.core.ledger.StartBasis;
import java.util.List;
import java.util.Map;

/**
 * The facts that answer an ask when the work goes as usual: every drain runs clear, the bag holds
 * what it should. For demonstrations, measurements and tests, which walk whole cards.
 *
 * @param readings sample reading by low point, in the instrument's units; others read as the jug
 *     does
 */
public record UsualAnswers(
    Lot lot, InstrumentUse instrument, double jugReading, Map<String, Double> readings) {

  private static final double WARM_C = 74;
  private static final double SAMPLE_C = 14;

  /** The facts, in the order they happen; the state is the boat's before them. */
  public List<Fact> to(Ask ask, BoatState state) {
    if (ask instanceof Ask.Set set) {
      return List.of(new Fact.FittingSet(set.fitting(), set.to(), false, ""));
    }
    if (ask instanceof Ask.Open open) {
      return List.of(
          new Fact.FittingSet(open.fitting(), open.to(), false, ""),
          new Fact.LowPointSeen(open.lowPoint(), Seen.RAN_CLEAR));
    }
    if (ask instanceof Ask.Engine engine) {
      return List.of(
          engine.start() ? new Fact.EngineStarted(StartBasis.FED, 0) : new Fact.EngineStopped());
    }
    if (ask instanceof Ask.Kick kick) {
      return List.of(new Fact.EngineStarted(StartBasis.KICK, kick.seconds()));
    }
    if (ask instanceof Ask.Read read) {
      return List.of(new Fact.ReadingTaken(read.limit(), WARM_C));
    }
    if (ask instanceof Ask.Fill fill) {
      return List.of(new Fact.FluidUsed(fill.circuit(), lot, fill.liters(), fill.pourPoint()));
    }
    if (ask instanceof Ask.Count) {
      return List.of(new Fact.BagCounted(state.bag().expected()));
    }
    if (ask instanceof Ask.Jug) {
      return List.of(new Fact.JugRead(lot, instrument, jugReading));
    }
    Ask.Sample sample = (Ask.Sample) ask;
    LowPoint point = state.boat().lowPoint(sample.lowPoint());
    return List.of(
        new Fact.FittingSet(point.opens(), FittingState.OUT_BAGGED, true, ""),
        new Fact.FittingSet(point.opens(), FittingState.IN, true, ""),
        new Fact.SampleRead(
            point.key(),
            lot,
            instrument,
            readings.getOrDefault(point.key(), jugReading),
            SAMPLE_C));
  }
}
