package elsko.core.procedure.part;

import elsko.core.boat.description.Cooling;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.engine.EngineRun;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A lay-up is one visit, though its parts stand on several cards: what one of them did another does
 * not do again, and what has to come last waits for the others.
 */
public final class OneVisit {
  /** Minutes for which a warm engine's oil runs thin, and a second warm-up is not called for. */
  public static final int OIL_IS_THIN_FOR = 45;

  /** What was run through it earlier that day still counts as rinsed. Estimate. */
  private static final Duration SAME_VISIT = Duration.ofHours(12);

  /** Cards that were opened so far apart belong to one lay-up. Estimate. */
  private static final Duration SAME_LAY_UP = Duration.ofDays(30);

  private final CardRequest request;

  public OneVisit(CardRequest request) {
    this.request = request;
  }

  /**
   * The warm-ups of a winterizing card that the one on an open lay-up service stands for.
   *
   * @param winterizing the card as it is asked for
   * @return keys of its steps
   */
  public static Set<String> warmedOnTheService(
      CardRequest winterizing, Card service, CardProgress serviceSoFar) {
    Set<String> keys = new HashSet<>();
    for (OnCircuit on : winterizing.circuits()) {
      String key = on.key(WarmUp.KEY);
      Step there = service.step(key);
      if (there != null
          && !serviceSoFar.isSettled(key)
          && there.starts(on.engine())
          && !isDrawnWarm(on)) {
        keys.add(key);
      }
    }
    return keys;
  }

  /** Where another card of this visit ran it warm, and its oil is thin still. */
  public Step.@Nullable Elsewhere warm(OnCircuit on, String step) {
    EngineRun.OnWater run = elsewhere(on, step);
    return run == null || !run.warm() || !isWithin(run, Duration.ofMinutes(OIL_IS_THIN_FOR), step)
        ? null
        : Step.Elsewhere.done(
            procedureOf(run),
            run.to(),
            "It was run warm until then: not a second time. Its oil is thin for %d minutes from then."
                .formatted(OIL_IS_THIN_FOR));
  }

  /** Where winterizing emptied it already: no run any more, its oil is changed cold. */
  public Step.@Nullable Elsewhere drainedAlready(OnCircuit on, String step) {
    CardProgress winterizing = request.state().openCard(Procedure.WINTERIZE);
    if (winterizing == null || isTouched(step)) {
      return null;
    }
    for (String emptied : List.of(StepKey.DRAIN, StepKey.HOSES)) {
      CardProgress.StepProgress done = winterizing.step(on.key(emptied));
      if (done.standing() == CardProgress.Standing.DONE) {
        return Step.Elsewhere.done(
            Procedure.WINTERIZE,
            done.at(),
            "It is drained since then: no run any more. Its oil is changed cold.");
      }
    }
    return null;
  }

  /** Where another card of this visit rinsed it as far as draining wants it. */
  Step.@Nullable Elsewhere rinsed(OnCircuit on, String step, int leastMinutes) {
    EngineRun.OnWater run = elsewhere(on, step);
    boolean closed = on.boat().engine(on.circuit()).cooling() == Cooling.CLOSED;
    if (run == null || !run.fresh() || !isWithin(run, SAME_VISIT, step) || isDrawnWarm(on)) {
      return null;
    }
    boolean longEnough =
        Duration.between(run.from(), run.to()).compareTo(Duration.ofMinutes(leastMinutes)) >= 0;
    boolean rinsed = run.warm() || closed && longEnough;
    return !rinsed
        ? null
        : Step.Elsewhere.done(
            procedureOf(run),
            run.to(),
            "Fresh water ran through it until then%s: not a second time."
                .formatted(run.warm() ? ", its thermostat open" : ""));
  }

  /** Why it is warmed a second time all the same; null where it is not. */
  Step.@Nullable Elsewhere warmAgain(OnCircuit on, String step) {
    EngineRun.OnWater run = elsewhere(on, step);
    return run == null || !run.warm() || !isWithin(run, SAME_VISIT, step) || !isDrawnWarm(on)
        ? null
        : Step.Elsewhere.of(
            procedureOf(run),
            run.to(),
            "It was run warm until then. Once more, for its block is drawn through, and its thermostat has to"
                + " be open then; this run spreads the new oil too.");
  }

  /** Where it ran on water, its gauge holding, after a step of this card was done. */
  public Step.@Nullable Elsewhere ranSince(OnCircuit on, String step, String since) {
    EngineRun.OnWater run = elsewhere(on, step);
    Instant done = request.progress().step(since).at();
    return run == null || !run.warm() || done == null || !run.from().isAfter(done)
        ? null
        : Step.Elsewhere.done(
            procedureOf(run),
            run.to(),
            "It ran on water until then, its gauge holding: look along it instead of running it again.");
  }

  /** A block that antifreeze is drawn through wants its thermostat open just before. */
  private static boolean isDrawnWarm(OnCircuit on) {
    boolean drawn = on.method() == Method.DRAW || on.method() == Method.DRAW_UNDRAINED;
    return drawn && on.boat().engine(on.circuit()).cooling() == Cooling.RAW_WATER;
  }

  /** What was read of a coolant on another card of this visit, while that still holds. */
  Step.@Nullable Elsewhere coolantRead(OnCircuit on, String step) {
    if (isTouched(step) || on.state().coolantVerdict() == null) {
      return null;
    }
    for (CardProgress card : request.state().cards()) {
      Entry read = isOfThisVisit(card) ? coolantReading(card, on.circuit().key()) : null;
      if (read != null) {
        return Step.Elsewhere.done(
            card.procedure(), read.deviceTime(), "Its coolant was read then: not a second time.");
      }
    }
    return null;
  }

  private static @Nullable Entry coolantReading(CardProgress card, String circuit) {
    return card.steps().values().stream()
        .flatMap(so -> so.entries().stream())
        .filter(
            entry -> {
              Fact.CoolantRead read = entry.fact().as(Fact.CoolantRead.class);
              return read != null && read.circuit().equals(circuit);
            })
        .reduce((earlier, later) -> later)
        .orElse(null);
  }

  /** Another card, open beside this one or opened not long before or after it. */
  private boolean isOfThisVisit(CardProgress card) {
    Instant opened = request.progress().openedAt();
    boolean close =
        opened != null
            && Duration.between(opened, card.openedAt()).abs().compareTo(SAME_LAY_UP) <= 0;
    return !card.card().equals(request.progress().card()) && (close || !card.isClosed());
  }

  /** While the lay-up service is open and its oil is not changed: that comes before draining. */
  public Step.@Nullable Elsewhere oilFirst(OnCircuit on) {
    CardProgress service = request.state().openCard(Procedure.LAY_UP_SERVICE);
    boolean open = service != null && !service.isSettled(on.key(StepKey.OIL));
    return !open || on.isLaidUp()
        ? null
        : Step.Elsewhere.of(
            Procedure.LAY_UP_SERVICE,
            null,
            "Its oil is changed first, while it is thin. With frost tonight drain first: the oil can wait.");
  }

  /** Its last run on water, where that was not on this card and this step was not begun. */
  private EngineRun.@Nullable OnWater elsewhere(OnCircuit on, String step) {
    Position engine = on.engine();
    EngineRun ran = engine == null ? null : request.state().runs().get(engine);
    EngineRun.OnWater last = ran == null ? null : ran.onWater();
    boolean here = last != null && request.progress().card().equals(last.card());
    return last == null || here || isTouched(step) ? null : last;
  }

  /** Whether anything was said at a step but that it is done. */
  private boolean isTouched(String step) {
    return request.progress().step(step).entries().stream()
        .anyMatch(entry -> !entry.fact().is(Fact.SettlesStep.class));
  }

  /**
   * Whether a run is not too long ago; or was not when the step was settled. Where nobody says what
   * the time is, one whose card lies open still counts.
   */
  private boolean isWithin(EngineRun.OnWater run, Duration most, String step) {
    Instant settled = request.progress().step(step).at();
    Instant now = settled == null ? request.now() : settled;
    if (now != null) {
      return !run.to().plus(most).isBefore(now);
    }
    CardProgress card = run.card() == null ? null : request.state().card(run.card());
    return card != null && !card.isClosed();
  }

  private @Nullable Procedure procedureOf(EngineRun.OnWater run) {
    BoatState state = request.state();
    CardProgress card = run.card() == null ? null : state.card(run.card());
    return card == null ? null : card.procedure();
  }
}
