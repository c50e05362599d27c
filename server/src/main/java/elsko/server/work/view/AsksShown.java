package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.rules.StandsAgainst;
import elsko.core.procedure.card.Answers;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.AskStatus;
import elsko.core.procedure.card.Bar;
import elsko.core.procedure.card.InTheWay;
import elsko.core.procedure.card.Step;
import elsko.server.work.view.AskView.ConditionView;
import elsko.server.work.view.AskView.DoseView;
import elsko.server.work.view.AskView.LimitView;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Shows what is asked. */
public final class AsksShown {
  private final Boat boat;
  private final BoatState state;
  private final @Nullable AskStatus status;
  private final @Nullable Step step;
  private final Function<Ask, List<StandsAgainst>> inTheWay;

  private AsksShown(
      BoatState state,
      @Nullable AskStatus status,
      @Nullable Step step,
      Function<Ask, List<StandsAgainst>> inTheWay) {
    this.boat = state.boat();
    this.state = state;
    this.status = status;
    this.step = step;
    this.inTheWay = inTheWay;
  }

  /** The asks of one step, in the order they stand. */
  static List<AskView> of(BoatState state, AskStatus status, InTheWay inTheWay, Step step) {
    AsksShown shown = new AsksShown(state, status, step, ask -> inTheWay.of(step, ask));
    return step.asks().stream().map(shown::shown).toList();
  }

  /** An ask that stands on no card. */
  public static AskView shown(BoatState state, Ask ask) {
    return new AsksShown(state, null, null, any -> List.of()).shown(ask);
  }

  /** The same on a round before casting off. */
  public static AskView.RoundAsk of(BoatState state, Ask.OnRound ask) {
    AsksShown shown = new AsksShown(state, null, null, any -> List.of());
    return shown.shown(ask, shown.head(ask));
  }

  private AskView.AskHead head(Ask ask) {
    return new AskView.AskHead(
        ask.label(),
        status != null && status.isAnswered(step, ask),
        status == null ? null : status.given(ask),
        Bar.writes(state, ask),
        AnswerWanted.of(Answers.of(boat, ask)),
        inTheWay.apply(ask));
  }

  private @Nullable Text stopped(@Nullable Position said, @Nullable StartBasis basis) {
    Position engine = boat.engineMeant(said);
    if (basis == null || engine == null) {
      return null;
    }
    RedTag tag = state.tagAgainst(engine, basis);
    return tag == null ? null : tag.refusal();
  }

  private AskView shown(Ask ask) {
    AskView.AskHead head = head(ask);
    return switch (ask) {
      case Ask.OnRound it -> shown(it, head);
      case Ask.Open it ->
          new AskView.OpenAsk(
              head, it.lowPoint(), it.fitting(), it.to(), it.liters(), Bar.trouble(state, it));
      case Ask.Engine it ->
          new AskView.EngineAsk(
              head, it.start(), it.engine(), it.basis(), stopped(it.engine(), it.basis()));
      case Ask.Kick it ->
          new AskView.KickAsk(
              head, it.engine(), it.seconds(), stopped(it.engine(), StartBasis.KICK));
      case Ask.Pieces it -> new AskView.PiecesAsk(head, it.engine(), it.missing());
      case Ask.Fill it ->
          new AskView.FillAsk(head, it.circuit(), it.pourPoint(), it.liters(), it.watch());
      case Ask.Catch it -> new AskView.CatchAsk(head, it.circuit(), it.liters());
      case Ask.Disinfect it ->
          new AskView.DisinfectAsk(
              head,
              it.circuit(),
              new DoseView(it.tankLiters(), it.mgPerLiter(), it.mostMgPerLiter()));
      case Ask.Pick it -> new AskView.PickAsk(head, it.engine(), it.item());
      case Ask.Descale it -> new AskView.DescaleAsk(head, it.circuit(), it.segments(), it.liters());
      case Ask.Count it -> new AskView.CountAsk(head);
      case Ask.Jug it -> new AskView.JugAsk(head, it.circuit());
      case Ask.Sample it -> new AskView.SampleAsk(head, it.lowPoint(), it.drain());
      case Ask.Coolant it -> new AskView.CoolantAsk(head, it.circuit());
      case Ask.Frost it ->
          new AskView.FrostAsk(
              head,
              it.circuit(),
              ConditionView.ofFrost(it.label()),
              status == null ? null : status.found(it));
      case Ask.Service it -> new AskView.ServiceAsk(head, it.engine(), it.item());
      case Ask.Oil it -> new AskView.OilAsk(head, it.engine());
      case Ask.Remedy it -> new AskView.RemedyAsk(head, it.engine(), it.cause(), it.remedy());
      case Ask.Photo it -> new AskView.PhotoAsk(head);
      case Ask.Complaints it ->
          new AskView.ComplaintsAsk(head, NamedEngine.of(boat), ComplaintChoice.all());
      case Ask.GiveUp it ->
          new AskView.GiveUpAsk(head, it.circuit(), state.circuit(it.circuit()).protection());
      case Ask.Aboard it -> new AskView.AboardAsk(head, it.accessory());
      case Ask.Look it -> new AskView.LookAsk(head, it.circuits(), it.inService());
      case Ask.Note it -> new AskView.NoteAsk(head);
      case Ask.Afloat it -> new AskView.AfloatAsk(head);
    };
  }

  private AskView.@Nullable LastRead last(Ask.Read read) {
    Position engine = boat.engineMeant(read.engine());
    return state.readings().stream()
        .filter(one -> one.key().equals(read.limit()) && one.value() != null)
        .filter(one -> boat.engineMeant(one.engine()) == engine)
        .map(one -> new AskView.LastRead(one.value(), one.at()))
        .findAny()
        .orElse(null);
  }

  private AskView.RoundAsk shown(Ask.OnRound ask, AskView.AskHead head) {
    return switch (ask) {
      case Ask.Set it ->
          new AskView.SetAsk(
              head, status != null && status.restsOnStanding(step, it), it.fitting(), it.to());
      case Ask.Read it ->
          new AskView.ReadAsk(
              head,
              it.engine(),
              it.limit(),
              it.unit(),
              LimitView.of(state.limit(it.engine(), it.limit())),
              it.against(),
              it.school(),
              it.instead() == null ? null : ConditionView.of(it.instead()),
              last(it));
      case Ask.See it ->
          new AskView.SeeAsk(
              head,
              it.engine(),
              ConditionView.of(it.condition()),
              status == null ? null : status.found(it));
    };
  }
}
