package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.ledger.BagState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.CoolantVerdict;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.rules.YardRules;
import elsko.core.limits.Call;
import elsko.core.limits.Judgement;
import elsko.core.procedure.card.AskStatus;
import elsko.core.procedure.card.Bar;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.InTheWay;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.descale.PlateauCompared;
import elsko.server.work.log.EntryKind;
import elsko.server.work.log.Folded;
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
    List<RedTagView> tags,
    List<StepView> steps,
    List<TimerView> timers,
    List<GaugeView> gauges) {

  static CardView of(
      Folded folded, Card card, CardProgress progress, YardRules rules, Instant now) {
    InTheWay inTheWay = new InTheWay(folded.state(), progress, rules, now);
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
        RedTagView.of(state),
        card.steps().stream()
            .map(step -> StepView.of(folded, card, progress, inTheWay, step))
            .toList(),
        TimerView.of(folded, card, progress),
        GaugeView.of(state));
  }

  /**
   * One step.
   *
   * @param soonestSeconds its work cannot be done in less
   * @param waitsFor titles of steps that must be settled first
   */
  public record StepView(
      String key,
      @Nullable String circuit,
      String title,
      Text how,
      String why,
      List<String> tools,
      List<String> hazards,
      int minutes,
      long soonestSeconds,
      TimerView.@Nullable Lasts run,
      @Nullable FeedView feed,
      TimerView.@Nullable Lasts soak,
      Step.@Nullable Within within,
      int people,
      @Nullable ElsewhereView elsewhere,
      CardProgress.Standing standing,
      @Nullable String by,
      @Nullable Instant at,
      String skippedBecause,
      List<String> waitsFor,
      List<AskView> asks,
      List<SaidView> said) {
    static StepView of(
        Folded folded, Card card, CardProgress progress, InTheWay inTheWay, Step step) {
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
          step.hazards(),
          step.minutes(),
          Bar.soonest(step).toSeconds(),
          runOf(step),
          FeedView.of(step),
          soakOf(step),
          step.within(),
          step.people(),
          ElsewhereView.of(step),
          so.standing(),
          so.by(),
          so.at(),
          so.reason(),
          step.after().stream()
              .filter(key -> card.step(key) != null && !progress.isSettled(key))
              .map(key -> card.step(key).title())
              .toList(),
          AsksShown.of(state, status, inTheWay, step),
          so.entries().stream()
              .map(entry -> SaidView.of(folded, compared(progress, step, entry), entry))
              .toList());
    }
  }

  /**
   * What another card of the same visit has to do with a step.
   *
   * @param card what that card is for, in words; null when it was on none
   * @param at when it was done there; null where nothing was done yet
   * @param done it need not be done again
   */
  public record ElsewhereView(
      @Nullable String card, @Nullable Instant at, String words, boolean done) {
    static @Nullable ElsewhereView of(Step step) {
      Step.Elsewhere other = step.elsewhere();
      return other == null
          ? null
          : new ElsewhereView(
              other.card() == null ? null : other.card().words(),
              other.at(),
              other.words(),
              other.done());
    }
  }

  /** At the last reading of a final flush: what the descale has brought. */
  private static @Nullable Text compared(CardProgress progress, Step step, Entry entry) {
    boolean isFinal =
        progress.procedure() == Procedure.DESCALE
            && step.circuit() != null
            && PlateauCompared.isFinal(step.key())
            && entry.fact().is(Fact.ReadingTaken.class);
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
        : TimerView.Lasts.of(soak.fromMinutes(), soak.toMinutes(), soak.whenDue(), soak.whenOver());
  }

  /** Something that was entered at a step. */
  public record SaidView(
      UUID id,
      EntryKind kind,
      Text words,
      String person,
      Instant at,
      @Nullable Text judgement,
      @Nullable Call call,
      @Nullable UUID photo,
      @Nullable UUID tap,
      boolean tooSoon) {
    static SaidView of(Folded folded, @Nullable Text compared, Entry entry) {
      return new SaidView(
          entry.id(),
          EntryKind.of(entry.fact()),
          EntryWords.of(folded.boat(), entry.fact()),
          entry.person(),
          entry.deviceTime(),
          judgement(folded, compared, entry.fact()),
          callOf(folded.state(), entry.fact()),
          photoOf(entry.fact()),
          entry.tap() == null ? null : entry.tap().id(),
          entry.tap() != null && entry.tap().tooSoon());
    }

    /** One by which a fitting is found stands at the fitting. */
    private static @Nullable UUID photoOf(Fact fact) {
      Fact.PhotoTaken taken = fact.as(Fact.PhotoTaken.class);
      return taken == null || taken.fitting() != null ? null : taken.photo();
    }

    private static @Nullable Text judgement(Folded folded, @Nullable Text compared, Fact fact) {
      Fact.CoolantRead coolant = fact.as(Fact.CoolantRead.class);
      if (coolant != null) {
        return CoolantVerdict.of(folded.state().need(), coolant).words();
      }
      Judgement judged = judgementOf(folded.state(), fact);
      if (judged == null || !fact.is(Fact.ReadingTaken.class)) {
        return judged == null ? null : judged.words();
      }
      Text words = judged.words();
      return words.isEmpty() ? compared : compared == null ? words : words.then(" ", compared);
    }

    private static @Nullable Call callOf(BoatState state, Fact fact) {
      Judgement judged = judgementOf(state, fact);
      return judged == null ? null : judged.call();
    }

    /** Of what is judged by a limit or a condition; the coolant has a verdict of its own. */
    private static @Nullable Judgement judgementOf(BoatState state, Fact fact) {
      return switch (fact) {
        case Fact.ReadingTaken reading -> state.judged(reading);
        case Fact.ConditionSeen seen -> seen.found().judgement();
        case Fact.Disinfected dosed -> dosed.poured().judgement();
        case Fact.AccessorySeen accessorySeen -> null;
        case Fact.CircuitSeen circuitSeen -> null;
        case Fact.FrostLooked frostLooked -> null;
        case Fact.FittingSet fittingSet -> null;
        case Fact.LowPointSeen lowPointSeen -> null;
        case Fact.EngineStarted engineStarted -> null;
        case Fact.Cranked cranked -> null;
        case Fact.EngineStopped engineStopped -> null;
        case Fact.DescalerUsed descalerUsed -> null;
        case Fact.CoolantRead coolantRead -> null;
        case Fact.ServiceDone serviceDone -> null;
        case Fact.DuePlanned duePlanned -> null;
        case Fact.FluidUsed fluidUsed -> null;
        case Fact.FluidCaught fluidCaught -> null;
        case Fact.PartPicked partPicked -> null;
        case Fact.CameBack cameBack -> null;
        case Fact.EngineTroubled engineTroubled -> null;
        case Fact.TagRemedied tagRemedied -> null;
        case Fact.TagLifted tagLifted -> null;
        case Fact.CylindersOiled cylindersOiled -> null;
        case Fact.Complained complained -> null;
        case Fact.ProofGivenUp proofGivenUp -> null;
        case Fact.MeterReplaced meterReplaced -> null;
        case Fact.CaughtAtDrain caughtAtDrain -> null;
        case Fact.LearnedUsed learnedUsed -> null;
        case Fact.RoundDone roundDone -> null;
        case Fact.JugRead jugRead -> null;
        case Fact.SampleRead sampleRead -> null;
        case Fact.CouldNotSample couldNotSample -> null;
        case Fact.Accepted accepted -> null;
        case Fact.Countersigned countersigned -> null;
        case Fact.PiecesFound piecesFound -> null;
        case Fact.GaugeRead gaugeRead -> null;
        case Fact.BagCounted bagCounted -> null;
        case Fact.GuideLooked guideLooked -> null;
        case Fact.WorkAdded workAdded -> null;
        case Fact.WorkDone workDone -> null;
        case Fact.LateSettled lateSettled -> null;
        case Fact.BayEntered bayEntered -> null;
        case Fact.BayLeft bayLeft -> null;
        case Fact.Noted noted -> null;
        case Fact.PhotoTaken photoTaken -> null;
        case Fact.CardOpened cardOpened -> null;
        case Fact.CardTaken cardTaken -> null;
        case Fact.HandedOver handedOver -> null;
        case Fact.StepDone stepDone -> null;
        case Fact.StepSkipped stepSkipped -> null;
        case Fact.BerthMoved berthMoved -> null;
        case Fact.Withdrawn withdrawn -> null;
      };
    }
  }
}
