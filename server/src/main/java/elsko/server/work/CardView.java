package elsko.server.work;

import elsko.core.boat.Accessory;
import elsko.core.boat.FittingState;
import elsko.core.boat.Position;
import elsko.core.ledger.BagState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.CoolantVerdict;
import elsko.core.ledger.Entry;
import elsko.core.ledger.EntryWords;
import elsko.core.ledger.Fact;
import elsko.core.ledger.Procedure;
import elsko.core.ledger.Protection;
import elsko.core.ledger.StartBasis;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.procedure.Ask;
import elsko.core.procedure.AskStatus;
import elsko.core.procedure.Card;
import elsko.core.procedure.PlateauCompared;
import elsko.core.procedure.Step;
import elsko.core.procedure.StepTimers;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A card as it is carried out. */
public record CardView(
    UUID id,
    UUID boat,
    String boatName,
    String berthName,
    Procedure procedure,
    String procedureWords,
    Map<String, String> choices,
    List<Card.Chosen> chosen,
    List<Card.NotCovered> notCovered,
    int attendedMinutes,
    int soakMinutes,
    String openedBy,
    String heldBy,
    CardProgress.@Nullable HandOver handOver,
    boolean closed,
    Protection protection,
    BagState bag,
    List<StepView> steps,
    List<TimerView> timers,
    List<GaugeView> gauges) {

  static CardView of(Log.Folded folded, Card card, CardProgress progress) {
    BoatState state = folded.state();
    return new CardView(
        progress.card(),
        folded.row().id(),
        folded.boat().name(),
        state.berthName(),
        progress.procedure(),
        progress.procedure().words(),
        progress.choices(),
        card.chosen(),
        card.notCovered(),
        card.attendedMinutes(),
        card.soakMinutes(),
        progress.openedBy(),
        progress.heldBy(),
        progress.handOver(),
        progress.isClosed(),
        state.protection(),
        state.bag(),
        card.steps().stream().map(step -> StepView.of(folded, card, progress, step)).toList(),
        TimerView.of(folded, card, progress),
        GaugeView.of(state));
  }

  /**
   * One step.
   *
   * @param waitsFor titles of steps that must be settled first
   */
  public record StepView(
      String key,
      @Nullable String circuit,
      String title,
      String how,
      String why,
      List<String> tools,
      List<String> hurts,
      int minutes,
      TimerView.@Nullable Lasts run,
      TimerView.@Nullable Lasts soak,
      Step.@Nullable Within within,
      int people,
      CardProgress.Standing standing,
      @Nullable String by,
      @Nullable Instant at,
      String skippedBecause,
      List<String> waitsFor,
      List<AskView> asks,
      List<SaidView> said) {
    static StepView of(Log.Folded folded, Card card, CardProgress progress, Step step) {
      BoatState state = folded.state();
      CardProgress.StepProgress so = progress.step(step.key());
      AskStatus status = AskStatus.of(state, progress, step.key());
      return new StepView(
          step.key(),
          step.circuit(),
          step.title(),
          step.how(),
          step.why(),
          step.tools(),
          step.hurts(),
          step.minutes(),
          runOf(step),
          soakOf(step),
          step.within(),
          step.people(),
          so.standing(),
          so.by(),
          so.at(),
          so.reason(),
          step.after().stream()
              .filter(key -> card.step(key) != null && !progress.isSettled(key))
              .map(key -> card.step(key).title())
              .toList(),
          step.asks().stream().map(ask -> AskView.of(status, step, ask)).toList(),
          so.entries().stream()
              .map(entry -> SaidView.of(folded, compared(progress, step, entry), entry))
              .toList());
    }
  }

  /** At the last reading of a final flush: what the descale has brought. */
  private static @Nullable String compared(CardProgress progress, Step step, Entry entry) {
    boolean isFinal =
        progress.procedure() == Procedure.DESCALE
            && step.circuit() != null
            && PlateauCompared.isFinal(step.key())
            && entry.fact() instanceof Fact.ReadingTaken;
    return isFinal ? PlateauCompared.of(progress, step.circuit()).words() : null;
  }

  private static TimerView.@Nullable Lasts runOf(Step step) {
    Step.Run run = step.run();
    return run == null
        ? null
        : TimerView.Lasts.of(run.fromMinutes(), run.toMinutes(), run.whenDue(), run.whenOver());
  }

  private static TimerView.@Nullable Lasts soakOf(Step step) {
    Step.Soak soak = step.soak();
    return soak == null
        ? null
        : TimerView.Lasts.of(
            soak.fromMinutes(), soak.toMinutes(), StepTimers.SOAKED, StepTimers.SOAKED_TOO_LONG);
  }

  /** Something that was entered at a step. */
  public record SaidView(
      UUID id,
      EntryKind kind,
      String words,
      String person,
      Instant at,
      @Nullable String judgement,
      @Nullable UUID photo) {
    static SaidView of(Log.Folded folded, @Nullable String compared, Entry entry) {
      return new SaidView(
          entry.id(),
          EntryKind.of(entry.fact()),
          EntryWords.of(folded.boat(), entry.fact()),
          entry.person(),
          entry.deviceTime(),
          judgement(folded, compared, entry.fact()),
          entry.fact() instanceof Fact.PhotoTaken taken ? taken.photo() : null);
    }

    private static @Nullable String judgement(
        Log.Folded folded, @Nullable String compared, Fact fact) {
      if (fact instanceof Fact.ReadingTaken reading) {
        String words = Limits.of(reading.limit()).judge(reading.value()).words();
        return words.isEmpty() ? compared : compared == null ? words : words + " " + compared;
      }
      return fact instanceof Fact.CoolantRead read
          ? CoolantVerdict.of(folded.state().need(), read).words()
          : null;
    }
  }

  /** What an ask wants. */
  public enum AskKind {
    SET,
    OPEN,
    ENGINE,
    KICK,
    READ,
    FILL,
    COUNT,
    JUG,
    SAMPLE,
    DESCALE,
    COOLANT,
    SERVICE,
    ABOARD,
    LOOK,
    NOTE,
    AFLOAT
  }

  /**
   * What core worked out about a reading, so that a device without signal can say in or out.
   *
   * @param goodLow lowest value that is fine; {@code possibleLow} lowest that can be meant at all
   */
  public record LimitView(
      double goodLow,
      double goodHigh,
      double possibleLow,
      double possibleHigh,
      String whenGood,
      String whenLow,
      String whenHigh) {
    static LimitView of(Limit limit) {
      return new LimitView(
          limit.good().low(),
          limit.good().high(),
          limit.possible().low(),
          limit.possible().high(),
          limit.whenGood(),
          limit.whenLow(),
          limit.whenHigh());
    }
  }

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
      @Nullable String circuit,
      @Nullable String pourPoint,
      @Nullable String watch,
      @Nullable Position engine,
      @Nullable StartBasis basis,
      @Nullable List<String> segments,
      @Nullable List<String> circuits,
      Boolean inService,
      @Nullable String item,
      @Nullable Accessory accessory) {
    static AskView of(AskStatus status, Step step, Ask ask) {
      Fields of = new Fields();
      AskKind kind = of.fill(ask);
      return new AskView(
          kind,
          ask.label(),
          status.isAnswered(step, ask),
          ask instanceof Ask.Set set && status.restsOnStanding(step, set),
          of.fitting,
          of.to,
          of.lowPoint,
          of.liters,
          of.start,
          of.seconds,
          of.limit,
          of.unit,
          of.limit == null ? null : LimitView.of(Limits.of(of.limit)),
          of.circuit,
          of.pourPoint,
          of.watch,
          of.engine,
          of.basis,
          of.segments,
          of.circuits,
          of.inService,
          of.item,
          of.accessory);
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

      private AskKind fillMore(Ask ask) {
        if (ask instanceof Ask.Descale descale) {
          circuit = descale.circuit();
          segments = descale.segments();
          liters = descale.liters();
          return AskKind.DESCALE;
        }
        if (ask instanceof Ask.Coolant coolant) {
          circuit = coolant.circuit();
          return AskKind.COOLANT;
        }
        if (ask instanceof Ask.Service service) {
          engine = service.engine();
          item = service.item();
          return AskKind.SERVICE;
        }
        if (ask instanceof Ask.Aboard aboard) {
          accessory = aboard.accessory();
          return AskKind.ABOARD;
        }
        if (ask instanceof Ask.Look look) {
          circuits = look.circuits();
          inService = look.inService();
          return AskKind.LOOK;
        }
        if (ask instanceof Ask.Note) {
          return AskKind.NOTE;
        }
        return ask instanceof Ask.Afloat ? AskKind.AFLOAT : AskKind.COUNT;
      }

      AskKind fill(Ask ask) {
        if (ask instanceof Ask.Set set) {
          fitting = set.fitting();
          to = set.to();
          return AskKind.SET;
        }
        if (ask instanceof Ask.Open open) {
          fitting = open.fitting();
          to = open.to();
          lowPoint = open.lowPoint();
          liters = open.liters();
          return AskKind.OPEN;
        }
        if (ask instanceof Ask.Engine of) {
          start = of.start();
          engine = of.engine();
          basis = of.basis();
          return AskKind.ENGINE;
        }
        if (ask instanceof Ask.Kick kick) {
          seconds = kick.seconds();
          engine = kick.engine();
          return AskKind.KICK;
        }
        if (ask instanceof Ask.Read read) {
          limit = read.limit();
          engine = read.engine();
          unit = read.unit();
          return AskKind.READ;
        }
        if (ask instanceof Ask.Fill fill) {
          circuit = fill.circuit();
          pourPoint = fill.pourPoint();
          liters = fill.liters();
          watch = fill.watch();
          return AskKind.FILL;
        }
        if (ask instanceof Ask.Jug jug) {
          circuit = jug.circuit();
          return AskKind.JUG;
        }
        if (ask instanceof Ask.Sample sample) {
          lowPoint = sample.lowPoint();
          fitting = sample.drain();
          return AskKind.SAMPLE;
        }
        return fillMore(ask);
      }
    }
  }
}
