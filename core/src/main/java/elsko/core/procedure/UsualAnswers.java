package elsko.core.procedure;

import elsko.core.boat.Answer;
import elsko.core.boat.FittingState;
import elsko.core.boat.LowPoint;
import elsko.core.fluid.Disinfection;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Fact;
import elsko.core.ledger.FrostFinding;
import elsko.core.ledger.InstrumentUse;
import elsko.core.ledger.Lot;
import elsko.core.ledger.Seen;
import elsko.core.ledger.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * The facts that answer an ask when the work goes as usual: every drain runs clear, the bag holds
 * what it should. For demonstrations, measurements and tests, which walk whole cards.
 *
 * @param coolantGlass an instrument with an EG scale
 * @param readings sample reading by low point, in the instrument's units; others read as the jug
 *     does
 */
public record UsualAnswers(
    Lot lot,
    InstrumentUse instrument,
    InstrumentUse coolantGlass,
    double jugReading,
    Map<String, Double> readings) {

  private static final double SAMPLE_C = 14;
  private static final double MOST_USUAL = 75;
  private static final double COOLANT_FREEZES_C = -37;
  private static final double USUAL_TANK_LITERS = 100;
  private static final double USUAL_CHLORINE_PERCENT = 4;
  private static final UUID ON_THE_WATER = new UUID(0, 1);

  /** The same, with samples of some low points reading otherwise. */
  public UsualAnswers reading(Map<String, Double> other) {
    return new UsualAnswers(lot, instrument, coolantGlass, jugReading, other);
  }

  /** The facts, in the order they happen; the state is the boat's before them. */
  public List<Fact> to(Ask ask, BoatState state) {
    if (ask instanceof Ask.Set set) {
      return List.of(set(set.fitting(), set.to()));
    }
    if (ask instanceof Ask.Open open) {
      List<Fact> facts = new ArrayList<>();
      if (open.fitting() != null) {
        facts.add(set(open.fitting(), open.to()));
      }
      facts.add(new Fact.LowPointSeen(open.lowPoint(), Seen.RAN_CLEAR));
      return facts;
    }
    if (ask instanceof Ask.Engine engine) {
      return List.of(
          engine.start()
              ? new Fact.EngineStarted(engine.engine(), engine.basis(), 0)
              : new Fact.EngineStopped(engine.engine()));
    }
    if (ask instanceof Ask.Kick kick) {
      return List.of(new Fact.EngineStarted(kick.engine(), StartBasis.KICK, kick.seconds()));
    }
    if (ask instanceof Ask.Read read) {
      return List.of(read(read));
    }
    if (ask instanceof Ask.See see) {
      String good = Conditions.of(see.condition()).findings().get(0).key();
      return List.of(new Fact.ConditionSeen(see.engine(), see.condition(), good));
    }
    if (ask instanceof Ask.Pieces pieces) {
      return List.of(new Fact.PiecesFound(pieces.engine(), pieces.missing(), "exchanger inlet"));
    }
    if (ask instanceof Ask.Fill fill) {
      return List.of(new Fact.FluidUsed(fill.circuit(), lot, fill.liters(), fill.pourPoint()));
    }
    if (ask instanceof Ask.Catch caught) {
      return List.of(new Fact.FluidCaught(caught.circuit(), caught.liters()));
    }
    if (ask instanceof Ask.Disinfect dose) {
      double tank = dose.tankLiters() == null ? USUAL_TANK_LITERS : dose.tankLiters();
      double needed =
          Disinfection.of(tank, dose.mgPerLiter(), USUAL_CHLORINE_PERCENT).milliliters();
      return List.of(new Fact.Disinfected(dose.circuit(), tank, USUAL_CHLORINE_PERCENT, needed));
    }
    if (ask instanceof Ask.Pick pick) {
      return List.of(new Fact.PartPicked(pick.engine(), pick.item()));
    }
    if (ask instanceof Ask.Descale descale) {
      return List.of(
          new Fact.DescalerUsed(descale.circuit(), descale.segments(), descale.liters()));
    }
    if (ask instanceof Ask.Count) {
      return List.of(new Fact.BagCounted(state.bag().expected()));
    }
    if (ask instanceof Ask.Jug) {
      return List.of(new Fact.JugRead(lot, instrument, jugReading));
    }
    if (ask instanceof Ask.Coolant coolant) {
      return List.of(
          new Fact.CoolantRead(coolant.circuit(), coolantGlass, COOLANT_FREEZES_C, SAMPLE_C));
    }
    if (ask instanceof Ask.Frost frost) {
      return List.of(new Fact.FrostLooked(frost.circuit(), FrostFinding.NOTHING));
    }
    if (ask instanceof Ask.Service service) {
      return List.of(new Fact.ServiceDone(service.engine(), service.item(), ""));
    }
    if (ask instanceof Ask.Aboard aboard) {
      boolean yes = state.boat().description().has(aboard.accessory()) == Answer.YES;
      return List.of(new Fact.AccessorySeen(aboard.accessory(), yes));
    }
    if (ask instanceof Ask.Look look) {
      return look.circuits().stream()
          .map(circuit -> (Fact) new Fact.CircuitSeen(circuit, look.inService()))
          .toList();
    }
    if (ask instanceof Ask.Note) {
      return List.of(new Fact.Noted("As it should be."));
    }
    if (ask instanceof Ask.Afloat) {
      return List.of(new Fact.BerthMoved(ON_THE_WATER, "the lift", true));
    }
    return sample((Ask.Sample) ask, state);
  }

  private List<Fact> sample(Ask.Sample sample, BoatState state) {
    LowPoint point = state.boat().lowPoint(sample.lowPoint());
    List<Fact> facts = new ArrayList<>();
    if (sample.drain() != null) {
      facts.add(new Fact.FittingSet(sample.drain(), FittingState.OUT_BAGGED, true, ""));
      facts.add(new Fact.FittingSet(sample.drain(), FittingState.IN, true, ""));
    }
    facts.add(
        new Fact.SampleRead(
            point.key(),
            lot,
            instrument,
            readings.getOrDefault(point.key(), jugReading),
            SAMPLE_C));
    return facts;
  }

  private static Fact set(String fitting, FittingState to) {
    return new Fact.FittingSet(fitting, to, false, "");
  }

  /** The middle of what is good, held against what is usual. */
  private static Fact read(Ask.Read read) {
    Limit limit = Limits.of(read.limit());
    Double held = limit.against() == null || read.against() != null ? read.against() : usual(limit);
    Limit.Range good = limit.good(held);
    double most = Math.min(good.high(), limit.possible().high());
    double value = Math.min((good.low() + most) / 2, Math.max(good.low(), MOST_USUAL));
    return new Fact.ReadingTaken(read.engine(), read.limit(), value, held);
  }

  private static Double usual(Limit limit) {
    return Math.max(limit.against().possible().low(), 6);
  }
}
