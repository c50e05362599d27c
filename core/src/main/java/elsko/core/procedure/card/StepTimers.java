package elsko.core.procedure.card;

import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Limits;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** The clocks that run on a card, from what was entered on it. */
public final class StepTimers {
  private static final Duration WATER_WITHIN =
      Duration.ofSeconds((long) Limits.WATER_AT_EXHAUST.good().high());

  private static final Set<FittingState> FEEDS =
      EnumSet.of(FittingState.BUCKET, FittingState.TANK, FittingState.STRAINER);

  private final Card card;
  private final CardProgress progress;
  private final List<StepTimer> timers = new ArrayList<>();

  private StepTimers(Card card, CardProgress progress) {
    this.card = card;
    this.progress = progress;
  }

  /** Those that run on a card, in the order of its steps; none once it is closed. */
  public static List<StepTimer> of(Card card, CardProgress progress) {
    if (progress.isClosed()) {
      return List.of();
    }
    StepTimers of = new StepTimers(card, progress);
    card.steps().forEach(of::step);
    return List.copyOf(of.timers);
  }

  private void step(Step step) {
    List<Entry> entries = progress.step(step.key()).entries();
    if (!progress.isSettled(step.key())) {
      running(step, entries);
      within(step);
    }
    if (step.soak() != null) {
      soak(step, entries);
    }
  }

  /** An engine that was started at this step and not stopped since. */
  private void running(Step step, List<Entry> entries) {
    Entry start = null;
    Position engine = null;
    boolean waterSeen = false;
    for (Entry entry : entries) {
      Fact.EngineStarted started = entry.fact().as(Fact.EngineStarted.class);
      Fact.ReadingTaken read = entry.fact().as(Fact.ReadingTaken.class);
      if (started != null && started.basis().keepsRunning()) {
        start = entry;
        engine = started.engine();
        waterSeen = false;
      } else if (entry.fact().is(Fact.EngineStopped.class)) {
        start = null;
      } else if (read != null && read.limit().equals(Limits.WATER_AT_EXHAUST.key())) {
        waterSeen = true;
      }
    }
    if (start == null) {
      return;
    }
    if (!waterSeen && asksForWater(step)) {
      timers.add(
          timer(
              StepTimer.Kind.WATER,
              step,
              engine,
              start.deviceTime(),
              null,
              WATER_WITHIN,
              "Watch the exhaust: water within a minute, or stop.",
              "A minute without water: stop the engine."));
    }
    feed(step, entries, engine);
    if (step.run() != null) {
      timers.add(
          timer(
              StepTimer.Kind.RUN,
              step,
              engine,
              start.deviceTime(),
              Duration.ofMinutes(step.run().fromMinutes()),
              Duration.ofMinutes(step.run().toMinutes()),
              step.run().whenDue(),
              step.run().whenOver()));
    }
  }

  /** From the start, or since somebody topped it up, until it is stopped. */
  private void feed(Step step, List<Entry> entries, Position engine) {
    FeedGuard feed = step.feed();
    Double lasts = feed == null ? null : feed.lastsSeconds();
    if (lasts == null) {
      return;
    }
    Set<String> feeds = new HashSet<>();
    Ask.only(Ask.Set.class, step.asks())
        .filter(set -> FEEDS.contains(set.to()))
        .forEach(set -> feeds.add(set.fitting()));
    Instant full = null;
    for (Entry entry : entries) {
      Fact.FittingSet set = entry.fact().as(Fact.FittingSet.class);
      boolean toppedUp = set != null && feeds.contains(set.fitting()) && full != null;
      if (entry.fact().is(Fact.EngineStarted.class) || toppedUp) {
        full = entry.deviceTime();
      } else if (entry.fact().is(Fact.EngineStopped.class)) {
        full = null;
      }
    }
    if (full == null) {
      return;
    }
    boolean tank = feed.gives() == 0;
    timers.add(
        timer(
            StepTimer.Kind.FEED,
            step,
            engine,
            full,
            seconds(feed.actAtSeconds()),
            seconds(lasts),
            tank
                ? "The tank is nearly empty: stand by, stop at the first bubble."
                : "The tub is nearly empty: stop, or top it up.",
            tank ? "The tank is empty: stop the engine." : "The tub is empty: stop the engine."));
  }

  private static Duration seconds(double seconds) {
    return Duration.ofMillis(Math.round(seconds * 1000));
  }

  private static boolean asksForWater(Step step) {
    return Ask.only(Ask.Read.class, step.asks())
        .anyMatch(read -> read.limit().equals(Limits.WATER_AT_EXHAUST.key()));
  }

  /** A step that has to follow another, once that is done. */
  private void within(Step step) {
    if (step.within() == null || card.step(step.within().step()) == null) {
      return;
    }
    CardProgress.StepProgress before = progress.step(step.within().step());
    if (before.standing() == CardProgress.Standing.DONE) {
      timers.add(
          timer(
              StepTimer.Kind.WITHIN,
              step,
              null,
              before.at(),
              null,
              Duration.ofMinutes(step.within().minutes()),
              "Within %d minutes: %s.".formatted(step.within().minutes(), step.within().because()),
              "Later than %d minutes: %s no more."
                  .formatted(step.within().minutes(), step.within().because())));
    }
  }

  /** From what began it until somebody goes on with a step that waits for it. */
  private void soak(Step step, List<Entry> entries) {
    Instant began = soaksSince(step, entries);
    if (began == null || wentOn(step)) {
      return;
    }
    timers.add(
        timer(
            StepTimer.Kind.SOAK,
            step,
            null,
            began,
            Duration.ofMinutes(step.soak().fromMinutes()),
            Duration.ofMinutes(step.soak().toMinutes()),
            step.soak().whenDue(),
            step.soak().whenOver()));
  }

  /**
   * Since the engine stood still after acid or chlorine went in, where one drew it in; else since
   * then.
   */
  private static Instant soaksSince(Step step, List<Entry> entries) {
    Instant poured = null;
    Instant stopped = null;
    for (Entry entry : entries) {
      if (entry.fact().is(Fact.DescalerUsed.class) || entry.fact().is(Fact.Disinfected.class)) {
        poured = entry.deviceTime();
        stopped = null;
      } else if (entry.fact().is(Fact.EngineStopped.class) && poured != null) {
        stopped = entry.deviceTime();
      }
    }
    boolean drawnByEngine = step.asks().stream().anyMatch(Ask.Engine.class::isInstance);
    return drawnByEngine ? stopped : poured;
  }

  private boolean wentOn(Step step) {
    return card.steps().stream()
        .filter(next -> next.after().contains(step.key()))
        .anyMatch(next -> !progress.step(next.key()).entries().isEmpty());
  }

  private StepTimer timer(
      StepTimer.Kind kind,
      Step step,
      Position engine,
      Instant startedAt,
      Duration atLeast,
      Duration atMost,
      String whenDue,
      String whenOver) {
    return new StepTimer(
        kind,
        progress.card(),
        step.key(),
        step.title(),
        engine,
        Objects.requireNonNull(startedAt),
        atLeast,
        atMost,
        whenDue,
        whenOver);
  }
}
