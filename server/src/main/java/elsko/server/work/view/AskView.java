package elsko.server.work.view;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import elsko.core.Text;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.rules.StandsAgainst;
import elsko.core.limits.Call;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One thing a step asks for: what all of them have, and beside it the fields of its kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = AskView.KIND)
@JsonSubTypes({
  @JsonSubTypes.Type(value = AskView.SetAsk.class, name = "SET"),
  @JsonSubTypes.Type(value = AskView.OpenAsk.class, name = "OPEN"),
  @JsonSubTypes.Type(value = AskView.EngineAsk.class, name = "ENGINE"),
  @JsonSubTypes.Type(value = AskView.KickAsk.class, name = "KICK"),
  @JsonSubTypes.Type(value = AskView.ReadAsk.class, name = "READ"),
  @JsonSubTypes.Type(value = AskView.SeeAsk.class, name = "SEE"),
  @JsonSubTypes.Type(value = AskView.PiecesAsk.class, name = "PIECES"),
  @JsonSubTypes.Type(value = AskView.FillAsk.class, name = "FILL"),
  @JsonSubTypes.Type(value = AskView.CatchAsk.class, name = "CATCH"),
  @JsonSubTypes.Type(value = AskView.DisinfectAsk.class, name = "DISINFECT"),
  @JsonSubTypes.Type(value = AskView.PickAsk.class, name = "PICK"),
  @JsonSubTypes.Type(value = AskView.DescaleAsk.class, name = "DESCALE"),
  @JsonSubTypes.Type(value = AskView.CountAsk.class, name = "COUNT"),
  @JsonSubTypes.Type(value = AskView.JugAsk.class, name = "JUG"),
  @JsonSubTypes.Type(value = AskView.SampleAsk.class, name = "SAMPLE"),
  @JsonSubTypes.Type(value = AskView.CoolantAsk.class, name = "COOLANT"),
  @JsonSubTypes.Type(value = AskView.FrostAsk.class, name = "FROST"),
  @JsonSubTypes.Type(value = AskView.ServiceAsk.class, name = "SERVICE"),
  @JsonSubTypes.Type(value = AskView.OilAsk.class, name = "OIL"),
  @JsonSubTypes.Type(value = AskView.RemedyAsk.class, name = "REMEDY"),
  @JsonSubTypes.Type(value = AskView.PhotoAsk.class, name = "PHOTO"),
  @JsonSubTypes.Type(value = AskView.ComplaintsAsk.class, name = "COMPLAINTS"),
  @JsonSubTypes.Type(value = AskView.GiveUpAsk.class, name = "GIVE_UP"),
  @JsonSubTypes.Type(value = AskView.AboardAsk.class, name = "ABOARD"),
  @JsonSubTypes.Type(value = AskView.LookAsk.class, name = "LOOK"),
  @JsonSubTypes.Type(value = AskView.NoteAsk.class, name = "NOTE"),
  @JsonSubTypes.Type(value = AskView.AfloatAsk.class, name = "AFLOAT")
})
public sealed interface AskView {
  String KIND = "kind";

  AskHead head();

  /** What can be asked on a round before casting off too. */
  sealed interface RoundAsk extends AskView {}

  /**
   * What every ask has.
   *
   * @param label short, on the screen
   * @param given the number that was given last, in words; null where there is none
   * @param bundled whether one tap may answer it together with others
   * @param answers the ways in which it is answered: in each of them everything has to be said
   * @param standsAgainst states of fittings in which an answer would be refused, and the words it
   *     would be with
   */
  record AskHead(
      String label,
      boolean answered,
      @Nullable Text given,
      boolean bundled,
      List<List<AnswerWanted>> answers,
      List<StandsAgainst> standsAgainst) {}

  /**
   * @param restsOnStanding whether how the fitting stands decides, and nobody has to say it
   */
  record SetAsk(
      @JsonUnwrapped AskHead head, boolean restsOnStanding, String fitting, FittingState to)
      implements RoundAsk {}

  /**
   * @param trouble what it gave trouble with in earlier lay-ups, in words; null when with nothing
   */
  record OpenAsk(
      @JsonUnwrapped AskHead head,
      String lowPoint,
      @Nullable String fitting,
      @Nullable FittingState to,
      double liters,
      @Nullable String trouble)
      implements AskView {}

  /**
   * @param stopped the red tag under which it is refused, in its words; null where none stands
   */
  record EngineAsk(
      @JsonUnwrapped AskHead head,
      boolean start,
      @Nullable Position engine,
      @Nullable StartBasis basis,
      @Nullable Text stopped)
      implements AskView {}

  record KickAsk(
      @JsonUnwrapped AskHead head,
      @Nullable Position engine,
      double seconds,
      @Nullable Text stopped)
      implements AskView {}

  record ReadAsk(
      @JsonUnwrapped AskHead head,
      @Nullable Position engine,
      String limit,
      String unit,
      LimitView limits,
      @Nullable Double against,
      @Nullable Text school,
      @Nullable ConditionView instead,
      @Nullable LastRead last)
      implements RoundAsk {}

  /** What it read the last time, whenever that was. */
  record LastRead(double value, Instant at) {}

  record SeeAsk(
      @JsonUnwrapped AskHead head,
      @Nullable Position engine,
      ConditionView condition,
      @Nullable String found)
      implements RoundAsk {}

  record PiecesAsk(@JsonUnwrapped AskHead head, @Nullable Position engine, int missing)
      implements AskView {}

  record FillAsk(
      @JsonUnwrapped AskHead head,
      String circuit,
      @Nullable String pourPoint,
      double liters,
      String watch)
      implements AskView {}

  record CatchAsk(@JsonUnwrapped AskHead head, String circuit, double liters) implements AskView {}

  record DisinfectAsk(@JsonUnwrapped AskHead head, String circuit, DoseView dose)
      implements AskView {}

  record PickAsk(@JsonUnwrapped AskHead head, @Nullable Position engine, String item)
      implements AskView {}

  record DescaleAsk(
      @JsonUnwrapped AskHead head, String circuit, List<String> segments, double liters)
      implements AskView {}

  record CountAsk(@JsonUnwrapped AskHead head) implements AskView {}

  record JugAsk(@JsonUnwrapped AskHead head, String circuit) implements AskView {}

  record SampleAsk(@JsonUnwrapped AskHead head, String lowPoint, @Nullable String fitting)
      implements AskView {}

  record CoolantAsk(@JsonUnwrapped AskHead head, String circuit) implements AskView {}

  record FrostAsk(
      @JsonUnwrapped AskHead head, String circuit, ConditionView condition, @Nullable String found)
      implements AskView {}

  record ServiceAsk(@JsonUnwrapped AskHead head, @Nullable Position engine, String item)
      implements AskView {}

  record OilAsk(@JsonUnwrapped AskHead head, @Nullable Position engine) implements AskView {}

  /**
   * @param engine whose red tag it is about; null for the boat's
   */
  record RemedyAsk(
      @JsonUnwrapped AskHead head, @Nullable Position engine, TagCause cause, String remedy)
      implements AskView {}

  record PhotoAsk(@JsonUnwrapped AskHead head) implements AskView {}

  /**
   * @param engines of the boat; a complaint that is about one says which, where there are several
   */
  record ComplaintsAsk(
      @JsonUnwrapped AskHead head, List<NamedEngine> engines, List<ComplaintChoice> complaints)
      implements AskView {}

  /**
   * @param protection what water would undo
   */
  record GiveUpAsk(@JsonUnwrapped AskHead head, String circuit, Protection protection)
      implements AskView {}

  record AboardAsk(@JsonUnwrapped AskHead head, Accessory accessory) implements AskView {}

  record LookAsk(@JsonUnwrapped AskHead head, List<String> circuits, boolean inService)
      implements AskView {}

  record NoteAsk(@JsonUnwrapped AskHead head) implements AskView {}

  record AfloatAsk(@JsonUnwrapped AskHead head) implements AskView {}

  /**
   * What a dose of chlorine is worked out from.
   *
   * @param tankLiters what it holds; null when nobody has said
   * @param mgPerLiter free chlorine wanted, {@code mostMgPerLiter} above which it is dangerous
   */
  public record DoseView(@Nullable Double tankLiters, double mgPerLiter, double mostMgPerLiter) {}

  /**
   * What core worked out about a reading, so that a device without signal can say in or out.
   *
   * @param goodLow lowest value that is fine, for each one of what it is held against; {@code
   *     possibleLow} lowest that can be meant at all
   * @param whenGood with {low} and {high} where what is good goes in
   * @param stopFrom from where it is a stop, said as {@code whenStop}; null where nothing is
   * @param sets the red tag that a stop sets; null where it sets none
   * @param against what it is held against; null where nothing is
   */
  public record LimitView(
      Text how,
      double goodLow,
      double goodHigh,
      double possibleLow,
      double possibleHigh,
      String whenGood,
      Text whenLow,
      Call callLow,
      Text whenHigh,
      Call callHigh,
      @Nullable Double stopFrom,
      @Nullable Text whenStop,
      @Nullable TagCause sets,
      @Nullable AgainstView against) {
    public static LimitView of(Limit limit) {
      return new LimitView(
          limit.how(),
          limit.good().low(),
          limit.good().high(),
          limit.possible().low(),
          limit.possible().high(),
          limit.whenGood(),
          limit.low().words(),
          limit.low().call(),
          limit.high().words(),
          limit.high().call(),
          limit.stop() == null ? null : (Double) limit.stop().from(),
          limit.stop() == null ? null : limit.stop().words(),
          TagCause.by(limit.key()),
          limit.against() == null ? null : AgainstView.of(limit.against()));
    }
  }

  /** The second number of a reading. */
  public record AgainstView(String name, String unit, double possibleLow, double possibleHigh) {
    public static AgainstView of(Limit.Against against) {
      return new AgainstView(
          against.name(), against.unit(), against.possible().low(), against.possible().high());
    }
  }

  /** Something that is looked at, and what can be found. */
  public record ConditionView(String key, String name, String how, List<FindingView> findings) {
    public static ConditionView of(String key) {
      Condition condition = Conditions.of(key);
      return new ConditionView(
          condition.key(),
          condition.name(),
          condition.how(),
          condition.findings().stream()
              .map(finding -> FindingView.of(condition, finding))
              .toList());
    }

    /** What frost can have done to a circuit. */
    public static ConditionView ofFrost(String name) {
      return new ConditionView(
          "frost", name, "", Arrays.stream(FrostFinding.values()).map(FindingView::of).toList());
    }
  }

  /**
   * One thing that can be found, what it means and what to do.
   *
   * @param sets the red tag it sets; null where it sets none
   */
  public record FindingView(
      String key, String words, Call call, Text todo, @Nullable TagCause sets) {
    public static FindingView of(Condition condition, Condition.Finding finding) {
      return new FindingView(
          finding.key(),
          finding.words(),
          finding.call(),
          finding.judgement().words(),
          TagCause.by(condition.key(), finding.key()));
    }

    public static FindingView of(FrostFinding finding) {
      return new FindingView(
          finding.key(),
          finding.words(),
          finding.call(),
          Text.of(finding.todo()),
          finding.call() == Call.STOP ? TagCause.MAY_HAVE_FROZEN : null);
    }
  }
}
