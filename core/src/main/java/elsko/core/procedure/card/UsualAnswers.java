package elsko.core.procedure.card;

import elsko.core.boat.description.Answer;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.fluid.mix.Disinfection;
import elsko.core.guide.Complaint;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
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
    return switch (ask) {
      case Ask.Set set -> List.of(set(set.fitting(), set.to()));
      case Ask.Open open -> {
        List<Fact> facts = new ArrayList<>();
        if (open.fitting() != null) {
          facts.add(set(open.fitting(), open.to()));
        }
        facts.add(new Fact.LowPointSeen(open.lowPoint(), Seen.RAN_CLEAR));
        yield facts;
      }
      case Ask.Engine engine ->
          List.of(
              engine.start()
                  ? new Fact.EngineStarted(engine.engine(), engine.basis(), 0)
                  : new Fact.EngineStopped(engine.engine()));
      case Ask.Kick kick ->
          List.of(new Fact.EngineStarted(kick.engine(), StartBasis.KICK, kick.seconds()));
      case Ask.Read read -> List.of(read(read, state));
      case Ask.See see -> {
        String good = Conditions.of(see.condition()).findings().get(0).key();
        yield List.of(new Fact.ConditionSeen(see.engine(), see.condition(), good));
      }
      case Ask.Pieces pieces ->
          List.of(new Fact.PiecesFound(pieces.engine(), pieces.missing(), "exchanger inlet"));
      case Ask.Fill fill ->
          List.of(new Fact.FluidUsed(fill.circuit(), lot, fill.liters(), fill.pourPoint()));
      case Ask.Catch caught -> List.of(new Fact.FluidCaught(caught.circuit(), caught.liters()));
      case Ask.Disinfect dose -> {
        double tank = dose.tankLiters() == null ? USUAL_TANK_LITERS : dose.tankLiters();
        double needed =
            Disinfection.of(tank, dose.mgPerLiter(), USUAL_CHLORINE_PERCENT).milliliters();
        yield List.of(new Fact.Disinfected(dose.circuit(), tank, USUAL_CHLORINE_PERCENT, needed));
      }
      case Ask.Pick pick -> List.of(new Fact.PartPicked(pick.engine(), pick.item()));
      case Ask.Descale descale ->
          List.of(new Fact.DescalerUsed(descale.circuit(), descale.segments(), descale.liters()));
      case Ask.Count count -> List.of(new Fact.BagCounted(state.bag().expected()));
      case Ask.Jug jug -> List.of(new Fact.JugRead(lot, instrument, jugReading));
      case Ask.Coolant coolant ->
          List.of(
              new Fact.CoolantRead(coolant.circuit(), coolantGlass, COOLANT_FREEZES_C, SAMPLE_C));
      case Ask.Frost frost -> List.of(new Fact.FrostLooked(frost.circuit(), FrostFinding.NOTHING));
      case Ask.Service service ->
          List.of(new Fact.ServiceDone(service.engine(), service.item(), ""));
      case Ask.Oil oil -> List.of(new Fact.CylindersOiled(oil.engine()));
      case Ask.Remedy remedy ->
          List.of(new Fact.TagRemedied(remedy.engine(), remedy.cause(), remedy.remedy(), ""));
      case Ask.Photo photo -> List.of(new Fact.Noted("RW-2041, read off the plate."));
      case Ask.Complaints complaints -> List.of(new Fact.Complained(null, Complaint.NOTHING));
      case Ask.GiveUp given ->
          List.of(new Fact.ProofGivenUp(given.circuit(), "it has to run once more"));
      case Ask.Aboard aboard -> {
        boolean yes = state.boat().description().has(aboard.accessory()) == Answer.YES;
        yield List.of(new Fact.AccessorySeen(aboard.accessory(), yes));
      }
      case Ask.Look look ->
          look.circuits().stream()
              .map(circuit -> (Fact) new Fact.CircuitSeen(circuit, look.inService()))
              .toList();
      case Ask.Note note -> List.of(new Fact.Noted("As it should be."));
      case Ask.Afloat afloat -> List.of(new Fact.BerthMoved(ON_THE_WATER, "the lift", true));
      case Ask.Sample sample -> sample(sample, state);
    };
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
  private static Fact read(Ask.Read read, BoatState state) {
    Limit limit = state.limit(read.engine(), read.limit());
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
