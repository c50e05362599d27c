package elsko.core.procedure.card;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.card.StepTimer.Kind;
import elsko.core.procedure.card.StepTimer.Standing;
import elsko.core.procedure.request.DescaleVariant;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StepTimersTest {
  private static List<StepTimer> timers(Story story) {
    return StepTimers.of(story.card(), story.progress());
  }

  private static Story descaling(DescaleVariant variant) {
    return Story.fourDrains().wet().open(Procedure.DESCALE, Map.of("engine", variant.name()));
  }

  private static Step step(Story story, String key) {
    return story.card().step(key);
  }

  /** Answers a step up to and with its first ask of a kind. */
  private static void answerTo(Story story, String key, Class<? extends Ask> last) {
    for (Ask ask : step(story, key).asks()) {
      Story.USUAL.to(ask, story.state()).forEach(fact -> story.at(key, fact));
      if (last.isInstance(ask)) {
        return;
      }
    }
  }

  @Test
  void theRunOfAWarmUpIsDueAfterFiveMinutesAndOverAfterTen() {
    Story story = descaling(DescaleVariant.TANK_SOAK);
    assertThat(timers(story)).isEmpty();
    answerTo(story, "plateau-before", Ask.Engine.class);
    StepTimer run = timers(story).get(0);
    Instant start = run.startedAt();
    assertThat(run.kind()).isEqualTo(Kind.RUN);
    assertThat(run.standing(start.plusSeconds(299))).isEqualTo(Standing.RUNNING);
    assertThat(run.standing(start.plusSeconds(300))).isEqualTo(Standing.DUE);
    assertThat(run.standing(start.plusSeconds(551))).isEqualTo(Standing.SOON_OVER);
    assertThat(run.standing(start.plusSeconds(600))).isEqualTo(Standing.OVER);
    story.at("plateau-before", new Fact.EngineStopped(null));
    assertThat(timers(story)).isEmpty();
  }

  @Test
  void aSoakBeginsWhenTheEngineStandsStillWithTheAcidInIt() {
    Story story = descaling(DescaleVariant.TANK_SOAK);
    story.walkTo("plateau-before", Map.of());
    answerTo(story, "first-shot", Ask.Descale.class);
    assertThat(timers(story)).extracting(StepTimer::kind).containsExactly(Kind.FEED);
    Entry stopped = story.at("first-shot", new Fact.EngineStopped(null));
    StepTimer soak = timers(story).get(0);
    assertThat(soak.kind()).isEqualTo(Kind.SOAK);
    assertThat(soak.startedAt()).isEqualTo(stopped.deviceTime());
    Instant start = soak.startedAt();
    assertThat(soak.standing(start.plus(Duration.ofMinutes(239)))).isEqualTo(Standing.RUNNING);
    assertThat(soak.standing(start.plus(Duration.ofMinutes(240)))).isEqualTo(Standing.DUE);
    assertThat(soak.standing(start.plus(Duration.ofMinutes(345)))).isEqualTo(Standing.SOON_OVER);
    assertThat(soak.standing(start.plus(Duration.ofMinutes(360)))).isEqualTo(Standing.OVER);
  }

  @Test
  void aSoakEndsWhenSomebodyGoesOn() {
    Story story = descaling(DescaleVariant.TANK_SOAK);
    story.walkTo("first-shot", Map.of());
    assertThat(timers(story)).extracting(StepTimer::kind).containsExactly(Kind.SOAK);
    answerTo(story, "rinse", Ask.Set.class);
    assertThat(timers(story)).isEmpty();
  }

  @Test
  void aCorrectionTakesItsClockAway() {
    Story story = descaling(DescaleVariant.TANK_SOAK);
    answerTo(story, "plateau-before", Ask.Engine.class);
    Entry started = story.log.get(story.log.size() - 1);
    story.correct(started, new Fact.Withdrawn("wrong boat"));
    assertThat(timers(story)).isEmpty();
  }

  @Test
  void waterIsLookedForWithinAMinuteWhereTheStepAsksForIt() {
    Story story = Story.fourDrains().wet().open(Procedure.FLUSH);
    answerTo(story, "flush", Ask.Engine.class);
    assertThat(timers(story)).extracting(StepTimer::kind).containsExactly(Kind.WATER, Kind.RUN);
    StepTimer water = timers(story).get(0);
    assertThat(water.standing(water.startedAt())).isEqualTo(Standing.DUE);
    assertThat(water.standing(water.startedAt().plusSeconds(50))).isEqualTo(Standing.SOON_OVER);
    assertThat(water.standing(water.startedAt().plusSeconds(60))).isEqualTo(Standing.OVER);
    story.at("flush", new Fact.ReadingTaken(null, "water-at-exhaust", 12));
    assertThat(timers(story)).extracting(StepTimer::kind).containsExactly(Kind.RUN);
  }

  @Test
  void oilThatIsThinIsDrawnWithin45MinutesOfTheWarmUp() {
    Story story = Story.fourDrains().wet().open(Procedure.LAY_UP_SERVICE);
    story.walkTo("warm-up", Map.of());
    StepTimer within = timers(story).get(0);
    assertThat(within.kind()).isEqualTo(Kind.WITHIN);
    assertThat(within.step()).isEqualTo("oil");
    Instant start = within.startedAt();
    assertThat(within.standing(start)).isEqualTo(Standing.DUE);
    assertThat(within.standing(start.plus(Duration.ofMinutes(42)))).isEqualTo(Standing.SOON_OVER);
    assertThat(within.standing(start.plus(Duration.ofMinutes(45)))).isEqualTo(Standing.OVER);
    story.walkTo("oil", Map.of());
    assertThat(timers(story)).isEmpty();
  }

  @Test
  void aKickHasNoClock() {
    Story story = Story.fourDrains().wet().open(Procedure.FLUSH);
    story.add(story.card, "flush", null, new Fact.EngineStarted(null, StartBasis.KICK, 2));
    assertThat(timers(story)).isEmpty();
  }
}
