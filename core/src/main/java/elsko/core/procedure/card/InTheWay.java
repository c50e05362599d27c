package elsko.core.procedure.card;

import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.fluid.Base;
import elsko.core.fluid.Product;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.StandsAgainst;
import elsko.core.ledger.rules.YardRules;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Goes through a card as it will be worked, step by step, and says of each ask which fittings would
 * stand in the way of its answer.
 */
public final class InTheWay {
  private static final Lot ANY_LOT = new Lot("", "", new Product(Base.PG, null, null, null));

  private static final double SOME_LITERS = 1;

  private final CardProgress progress;
  private final BoatState now;
  private final YardRules rules;
  private final Instant at;
  private final Map<String, FittingState> set = new HashMap<>();
  private final Map<Position, StartBasis> running;

  public InTheWay(BoatState now, CardProgress progress, YardRules rules, Instant at) {
    this.now = now;
    this.progress = progress;
    this.rules = rules;
    this.at = at;
    this.running = new HashMap<>(now.running());
  }

  /** Asked of one ask after another, in the order they stand on the card. */
  public List<StandsAgainst> of(Step step, Ask ask) {
    if (progress.isSettled(step.key())) {
      return List.of();
    }
    Ask.only(Ask.Open.class, List.of(ask))
        .filter(open -> open.fitting() != null)
        .forEach(open -> set.put(open.fitting(), open.to()));
    Fact answer = usual(ask);
    List<StandsAgainst> found =
        answer == null
            ? List.of()
            : StandsAgainst.it(now.expected(set, running), answer, rules, at);
    goOn(ask);
    return found;
  }

  private void goOn(Ask ask) {
    Ask.only(Ask.Set.class, List.of(ask)).forEach(one -> set.put(one.fitting(), one.to()));
    Ask.only(Ask.Engine.class, List.of(ask))
        .forEach(
            engine -> {
              if (engine.start()) {
                running.put(engine.engine(), engine.basis());
              } else {
                running.remove(engine.engine());
              }
            });
  }

  /** What is usually said; null where no fitting can stand in the way. */
  private Fact usual(Ask ask) {
    return switch (ask) {
      case Ask.Set one -> new Fact.FittingSet(one.fitting(), one.to(), false, "");
      case Ask.Open open -> new Fact.LowPointSeen(open.lowPoint(), Seen.RAN_CLEAR);
      case Ask.Engine engine ->
          engine.start()
              ? new Fact.EngineStarted(engine.engine(), engine.basis(), Interlocks.KICK_SECONDS)
              : new Fact.EngineStopped(engine.engine());
      case Ask.Kick kick -> new Fact.EngineStarted(kick.engine(), StartBasis.KICK, kick.seconds());
      case Ask.Fill fill ->
          new Fact.FluidUsed(fill.circuit(), ANY_LOT, SOME_LITERS, fill.pourPoint());
      case Ask.Descale descale ->
          new Fact.DescalerUsed(descale.circuit(), descale.segments(), SOME_LITERS);
      case Ask.Read read -> null;
      case Ask.See see -> null;
      case Ask.Pieces pieces -> null;
      case Ask.Catch caught -> null;
      case Ask.Disinfect disinfect -> null;
      case Ask.Pick pick -> null;
      case Ask.Count count -> null;
      case Ask.Jug jug -> null;
      case Ask.Sample sample -> null;
      case Ask.Coolant coolant -> null;
      case Ask.Frost frost -> null;
      case Ask.Service service -> null;
      case Ask.Oil oil -> null;
      case Ask.Remedy remedy -> null;
      case Ask.Photo photo -> null;
      case Ask.Complaints complaints -> null;
      case Ask.GiveUp given -> null;
      case Ask.Aboard aboard -> null;
      case Ask.Look look -> null;
      case Ask.Note note -> null;
      case Ask.Afloat afloat -> null;
    };
  }
}
