package elsko.server.work;

import elsko.core.boat.Accessory;
import elsko.core.boat.FittingState;
import elsko.core.boat.Position;
import elsko.core.ledger.FrostFinding;
import elsko.core.ledger.StartBasis;
import elsko.core.limits.Call;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.procedure.Ask;
import elsko.core.procedure.AskStatus;
import elsko.core.procedure.Step;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing a step asks for; only the fields of its kind are there.
 *
 * @param restsOnStanding whether how the fitting stands decides, and nobody has to say it
 */
public record AskView(
    AskKind kind,
    String label,
    boolean answered,
    boolean restsOnStanding,
    @Nullable String fitting,
    @Nullable FittingState to,
    @Nullable String lowPoint,
    Double liters,
    Boolean start,
    Double seconds,
    @Nullable String limit,
    @Nullable String unit,
    @Nullable LimitView limits,
    @Nullable Double against,
    @Nullable String school,
    @Nullable ConditionView condition,
    @Nullable ConditionView instead,
    @Nullable String found,
    @Nullable Integer missing,
    @Nullable String circuit,
    @Nullable String pourPoint,
    @Nullable String watch,
    @Nullable Position engine,
    @Nullable StartBasis basis,
    @Nullable List<String> segments,
    @Nullable List<String> circuits,
    Boolean inService,
    @Nullable String item,
    @Nullable Accessory accessory,
    @Nullable DoseView dose) {
  static AskView of(AskStatus status, Step step, Ask ask) {
    boolean rests =
        Ask.only(Ask.Set.class, List.of(ask)).anyMatch(set -> status.restsOnStanding(step, set));
    return of(ask, status.isAnswered(step, ask), rests, status.found(ask));
  }

  /** An ask that stands on no card. */
  public static AskView of(Ask ask) {
    return of(ask, false, false, null);
  }

  private static AskView of(
      Ask ask, boolean answered, boolean restsOnStanding, @Nullable String found) {
    Fields of = new Fields();
    AskKind kind = of.fill(ask);
    return new AskView(
        kind,
        ask.label(),
        answered,
        restsOnStanding,
        of.fitting,
        of.to,
        of.lowPoint,
        of.liters,
        of.start,
        of.seconds,
        of.limit,
        of.unit,
        of.limit == null ? null : LimitView.of(Limits.of(of.limit)),
        of.against,
        of.school,
        kind == AskKind.FROST ? ConditionView.ofFrost(ask.label()) : ConditionView.of(of.condition),
        ConditionView.of(of.instead),
        found,
        of.missing,
        of.circuit,
        of.pourPoint,
        of.watch,
        of.engine,
        of.basis,
        of.segments,
        of.circuits,
        of.inService,
        of.item,
        of.accessory,
        of.dose);
  }

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
   * @param against what it is held against; null where nothing is
   */
  public record LimitView(
      String how,
      double goodLow,
      double goodHigh,
      double possibleLow,
      double possibleHigh,
      String whenGood,
      String whenLow,
      Call callLow,
      String whenHigh,
      Call callHigh,
      @Nullable AgainstView against) {
    static LimitView of(Limit limit) {
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
          limit.against() == null ? null : AgainstView.of(limit.against()));
    }
  }

  /** The second number of a reading. */
  public record AgainstView(String name, String unit, double possibleLow, double possibleHigh) {
    static AgainstView of(Limit.Against against) {
      return new AgainstView(
          against.name(), against.unit(), against.possible().low(), against.possible().high());
    }
  }

  /** Something that is looked at, and what can be found. */
  public record ConditionView(String key, String name, String how, List<FindingView> findings) {
    static @Nullable ConditionView of(@Nullable String key) {
      if (key == null) {
        return null;
      }
      Condition condition = Conditions.of(key);
      return new ConditionView(
          condition.key(),
          condition.name(),
          condition.how(),
          condition.findings().stream().map(FindingView::of).toList());
    }

    /** What frost can have done to a circuit. */
    public static ConditionView ofFrost(String name) {
      return new ConditionView(
          "frost", name, "", Arrays.stream(FrostFinding.values()).map(FindingView::of).toList());
    }
  }

  /** One thing that can be found, what it means and what to do. */
  public record FindingView(String key, String words, Call call, String todo) {
    static FindingView of(Condition.Finding finding) {
      return new FindingView(
          finding.key(), finding.words(), finding.call(), finding.judgement().words());
    }

    static FindingView of(FrostFinding finding) {
      return new FindingView(finding.key(), finding.words(), finding.call(), finding.todo());
    }
  }

  /** The fields while they are filled; those of other kinds stay null. */
  private static final class Fields {
    private String fitting;
    private FittingState to;
    private String lowPoint;
    private Double liters;
    private Boolean start;
    private Double seconds;
    private String limit;
    private String unit;
    private Double against;
    private String school;
    private String condition;
    private String instead;
    private Integer missing;
    private String circuit;
    private String pourPoint;
    private String watch;
    private Position engine;
    private StartBasis basis;
    private List<String> segments;
    private List<String> circuits;
    private Boolean inService;
    private String item;
    private Accessory accessory;
    private DoseView dose;

    AskKind fill(Ask ask) {
      return switch (ask) {
        case Ask.Set set -> {
          fitting = set.fitting();
          to = set.to();
          yield AskKind.SET;
        }
        case Ask.Open open -> {
          fitting = open.fitting();
          to = open.to();
          lowPoint = open.lowPoint();
          liters = open.liters();
          yield AskKind.OPEN;
        }
        case Ask.Engine of -> {
          start = of.start();
          engine = of.engine();
          basis = of.basis();
          yield AskKind.ENGINE;
        }
        case Ask.Kick kick -> {
          seconds = kick.seconds();
          engine = kick.engine();
          yield AskKind.KICK;
        }
        case Ask.Read read -> {
          limit = read.limit();
          engine = read.engine();
          unit = read.unit();
          against = read.against();
          school = read.school();
          instead = read.instead();
          yield AskKind.READ;
        }
        case Ask.See see -> {
          engine = see.engine();
          condition = see.condition();
          yield AskKind.SEE;
        }
        case Ask.Pieces pieces -> {
          engine = pieces.engine();
          missing = pieces.missing();
          yield AskKind.PIECES;
        }
        case Ask.Fill fill -> {
          circuit = fill.circuit();
          pourPoint = fill.pourPoint();
          liters = fill.liters();
          watch = fill.watch();
          yield AskKind.FILL;
        }
        case Ask.Catch caught -> {
          circuit = caught.circuit();
          liters = caught.liters();
          yield AskKind.CATCH;
        }
        case Ask.Disinfect disinfect -> {
          circuit = disinfect.circuit();
          dose =
              new DoseView(
                  disinfect.tankLiters(), disinfect.mgPerLiter(), disinfect.mostMgPerLiter());
          yield AskKind.DISINFECT;
        }
        case Ask.Pick pick -> {
          engine = pick.engine();
          item = pick.item();
          yield AskKind.PICK;
        }
        case Ask.Descale descale -> {
          circuit = descale.circuit();
          segments = descale.segments();
          liters = descale.liters();
          yield AskKind.DESCALE;
        }
        case Ask.Count count -> AskKind.COUNT;
        case Ask.Jug jug -> {
          circuit = jug.circuit();
          yield AskKind.JUG;
        }
        case Ask.Sample sample -> {
          lowPoint = sample.lowPoint();
          fitting = sample.drain();
          yield AskKind.SAMPLE;
        }
        case Ask.Coolant coolant -> {
          circuit = coolant.circuit();
          yield AskKind.COOLANT;
        }
        case Ask.Frost frost -> {
          circuit = frost.circuit();
          yield AskKind.FROST;
        }
        case Ask.Service service -> {
          engine = service.engine();
          item = service.item();
          yield AskKind.SERVICE;
        }
        case Ask.Aboard aboard -> {
          accessory = aboard.accessory();
          yield AskKind.ABOARD;
        }
        case Ask.Look look -> {
          circuits = look.circuits();
          inService = look.inService();
          yield AskKind.LOOK;
        }
        case Ask.Note note -> AskKind.NOTE;
        case Ask.Afloat afloat -> AskKind.AFLOAT;
      };
    }
  }
}
