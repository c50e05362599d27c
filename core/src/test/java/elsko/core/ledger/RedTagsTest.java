package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeReading;
import elsko.core.guide.Guide;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.fact.Trouble;
import elsko.core.limits.Interval;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class RedTagsTest {
  private final Story story = running();

  /** A petrol sterndrive on its muffs, ready to be started. */
  private static Story running() {
    Story story = new Story(Hulls.sterndrive(null)).wet();
    story.set("feed", FittingState.HOSE);
    return story;
  }

  private void seen(String condition, String finding) {
    story.say(new Fact.ConditionSeen(null, condition, finding));
  }

  private void read(String limit, double value, Double against) {
    story.say(new Fact.ReadingTaken(null, limit, value, against));
  }

  private void start() {
    story.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
  }

  private void stop() {
    story.say(new Fact.EngineStopped(null));
  }

  private void isRefused() {
    for (StartBasis basis : StartBasis.values()) {
      assertThatThrownBy(() -> story.say(new Fact.EngineStarted(null, basis, 2)))
          .as(basis.name())
          .isInstanceOf(Refused.class)
          .hasMessageStartingWith("Red tag.");
    }
    assertThatThrownBy(() -> story.say(new Fact.Cranked(null, 5)))
        .isInstanceOf(Refused.class)
        .hasMessageStartingWith("Red tag.");
  }

  private void remedy(TagCause cause, String remedy) {
    if (remedy.equals("cylinders-cleared")) {
      seen("turns-by-hand", "even");
    }
    story.say(new Fact.TagRemedied(null, cause, remedy, ""));
  }

  private List<TagCause> tags() {
    return story.state().tags().stream().map(RedTag::cause).toList();
  }

  static Stream<Arguments> findings() {
    return Stream.of(
        Arguments.of("vapor", "smelt", TagCause.PETROL_VAPOR),
        Arguments.of("exhaust-joints", "soot", TagCause.EXHAUST_LEAK),
        Arguments.of("exhaust-flow", "weak", TagCause.NO_WATER),
        Arguments.of("exhaust-flow", "none", TagCause.NO_WATER),
        Arguments.of("oil-look", "milky", TagCause.OIL_MILKY),
        Arguments.of("oil-look", "metal", TagCause.OIL_METAL),
        Arguments.of("oil-look", "thin", TagCause.OIL_THIN),
        Arguments.of("oil-level", "over", TagCause.OIL_OVER),
        Arguments.of("oil-pressure", "none", TagCause.OIL_PRESSURE),
        Arguments.of("smoke", "white", TagCause.WHITE_CLOUD),
        Arguments.of("cylinders", "stopped-dead", TagCause.WATER_IN_CYLINDERS));
  }

  @ParameterizedTest
  @MethodSource("findings")
  void aStopThatIsSeenLetsNobodyStartItNorTurnIt(String condition, String finding, TagCause cause) {
    seen(condition, finding);
    assertThat(tags()).containsExactly(cause);
    isRefused();
    assertThat(Decision.of(story.state()).orElseThrow().kind()).isEqualTo(Decision.Kind.RED_TAG);
  }

  @Test
  void soDoesAStopThatIsRead() {
    read("impeller-vanes", 0, 8.0);
    assertThat(tags()).containsExactly(TagCause.VANES_MISSING);
    isRefused();
    Story other = running();
    other.say(new Fact.ReadingTaken(null, "water-at-exhaust", 70));
    assertThatThrownBy(() -> other.say(new Fact.EngineStarted(null, StartBasis.FED, 0)))
        .hasMessageContaining("no or weak water at the exhaust (70 s");
    Story hot = running();
    hot.say(new Fact.ReadingTaken(null, "warm-plateau", 95));
    assertThatThrownBy(() -> hot.say(new Fact.EngineStarted(null, StartBasis.FED, 0)))
        .hasMessageContaining("over temperature");
  }

  @Test
  void andWhatItsGaugeShows() {
    start();
    story.say(new Fact.GaugeRead(null, new GaugeReading(2, 40, 1000.0, 0.0)));
    story.say(new Fact.GaugeRead(null, new GaugeReading(3, 99, 1000.0, 0.0)));
    stop();
    assertThat(tags()).containsExactly(TagCause.NO_WATER);
    isRefused();
  }

  /** Each with what opens it and what is seen then; null: its remedy alone ends it. */
  static Stream<Arguments> remedies() {
    return Stream.of(
        Arguments.of("vapor", "smelt", TagCause.PETROL_VAPOR, "leak-mended", null, null),
        Arguments.of(
            "exhaust-joints",
            "soot",
            TagCause.EXHAUST_LEAK,
            "joint-refitted",
            "exhaust-joints",
            "two"),
        Arguments.of(
            "exhaust-flow", "none", TagCause.NO_WATER, "cause-found", "exhaust-flow", "steady"),
        Arguments.of("oil-look", "milky", TagCause.OIL_MILKY, "oil-changed", "oil-look", "amber"),
        Arguments.of("oil-look", "metal", TagCause.OIL_METAL, "bearing-mended", "oil-look", "dark"),
        Arguments.of("oil-look", "thin", TagCause.OIL_THIN, "oil-changed", "oil-look", "amber"),
        Arguments.of("oil-level", "over", TagCause.OIL_OVER, "drawn-down", null, null),
        Arguments.of(
            "oil-pressure", "none", TagCause.OIL_PRESSURE, "cause-found", "oil-pressure", "up"),
        Arguments.of("smoke", "white", TagCause.WHITE_CLOUD, "elbow-cleared", "smoke", "none"),
        Arguments.of(
            "cylinders",
            "stopped-dead",
            TagCause.WATER_IN_CYLINDERS,
            "cylinders-cleared",
            null,
            null));
  }

  @ParameterizedTest
  @MethodSource("remedies")
  void onlyItsRemedyAndWhatIsSeenAfterItEndIt(
      String condition,
      String finding,
      TagCause cause,
      String remedy,
      String seenThen,
      String good) {
    seen(condition, finding);
    if (seenThen != null) {
      seen(seenThen, good); // said before anything was done, it ends nothing
      isRefused();
    }
    remedy(cause, remedy);
    if (seenThen == null) {
      assertThat(tags()).isEmpty();
      start();
      return;
    }
    seen(seenThen, good); // nor before the start it names
    assertThat(tags()).containsExactly(cause);
    start();
    seen(seenThen, good);
    assertThat(tags()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("remedies")
  void seenAgainInItsTestStartItStandsAsBefore(
      String condition,
      String finding,
      TagCause cause,
      String remedy,
      String seenThen,
      String good) {
    seen(condition, finding);
    remedy(cause, remedy);
    start();
    seen(condition, finding);
    stop();
    assertThat(tags()).containsExactly(cause);
    isRefused();
  }

  @Test
  void aNewImpellerAndEveryPieceFoundEndMissingVanes() {
    read("impeller-vanes", 6, 8.0);
    story.say(new Fact.PiecesFound(null, 2, "exchanger inlet"));
    isRefused();
    story.say(new Fact.ServiceDone(Position.CENTER, "impeller", ""));
    assertThat(tags()).isEmpty();
    start();
  }

  @Test
  void thePiecesAreFoundOrEveryPlaceWasOpenedAndThenItRunsAtLowLoadOnly() {
    read("impeller-vanes", 6, 8.0);
    story.say(new Fact.ServiceDone(Position.CENTER, "impeller", ""));
    isRefused();
    remedy(TagCause.VANES_MISSING, "places-opened");
    assertThat(tags()).isEmpty();
    assertThat(story.state().missingPieces()).isEmpty();
    assertThat(story.state().fitting("load-limit").state()).isEqualTo(FittingState.LOW_LOAD_ONLY);
    start();
  }

  @Test
  void withPlugsOutItIsCrankedAndNotStarted() {
    seen("cylinders", "stopped-dead");
    remedy(TagCause.WATER_IN_CYLINDERS, "plugs-out");
    story.say(new Fact.Cranked(null, 5));
    assertThatThrownBy(this::start).hasMessageStartingWith("Red tag.");
    assertThatThrownBy(() -> cleared())
        .as("nobody turned it")
        .isInstanceOf(Refused.class)
        .hasMessageContaining("how each piston came up");
    seen("turns-by-hand", "even");
    cleared();
    start();
  }

  @Test
  void howItTurnedBeforeItStoppedDeadSaysNothing() {
    seen("turns-by-hand", "even");
    seen("cylinders", "stopped-dead");
    assertThatThrownBy(() -> cleared()).isInstanceOf(Refused.class);
    seen("turns-by-hand", "lower");
    assertThatThrownBy(() -> cleared()).isInstanceOf(Refused.class);
    assertThat(tags()).containsExactly(TagCause.WATER_IN_CYLINDERS);
  }

  private void cleared() {
    story.say(new Fact.TagRemedied(null, TagCause.WATER_IN_CYLINDERS, "cylinders-cleared", ""));
  }

  @Test
  void theGuideThatFindsItStoppedDeadSetsItToo() {
    Guide guide = Guide.of("will-not-start");
    story.say(new Fact.GuideLooked(guide.key(), "key", "stops-dead"));
    assertThat(tags()).containsExactly(TagCause.WATER_IN_CYLINDERS);
    isRefused();
  }

  @ParameterizedTest
  @EnumSource(TagCause.class)
  void aCoordinatorLiftsWithAReasonButNotWhatKills(TagCause cause) {
    set(cause);
    Fact lifted = new Fact.TagLifted(null, cause, "seen to");
    boolean kills =
        cause == TagCause.PETROL_VAPOR
            || cause == TagCause.EXHAUST_LEAK
            || cause == TagCause.WATER_IN_CYLINDERS;
    boolean broken = cause == TagCause.MAY_HAVE_FROZEN;
    if (kills || broken) {
      assertThatThrownBy(() -> story.say(lifted)).hasMessageContaining("Nobody lifts");
    } else {
      story.say(lifted);
      assertThat(tags()).isEmpty();
    }
    assertThatThrownBy(() -> new Fact.TagLifted(null, cause, " ")).isInstanceOf(Refused.class);
  }

  private void set(TagCause cause) {
    switch (cause) {
      case PETROL_VAPOR -> seen("vapor", "smelt");
      case EXHAUST_LEAK -> seen("exhaust-joints", "soot");
      case NO_WATER -> seen("exhaust-flow", "none");
      case VANES_MISSING -> read("impeller-vanes", 3, 8.0);
      case OIL_MILKY -> seen("oil-look", "milky");
      case OIL_METAL -> seen("oil-look", "metal");
      case OIL_THIN -> seen("oil-look", "thin");
      case OIL_OVER -> seen("oil-level", "over");
      case OIL_PRESSURE -> seen("oil-pressure", "none");
      case WHITE_CLOUD -> seen("smoke", "white");
      case TOO_HOT -> story.say(new Fact.EngineTroubled(null, Trouble.RAN_HOT));
      case RAN_DRY -> story.say(new Fact.EngineTroubled(null, Trouble.RAN_DRY));
      case WATER_IN_CYLINDERS -> seen("cylinders", "stopped-dead");
      case MAY_HAVE_FROZEN -> story.say(new Fact.FrostLooked("engine", FrostFinding.CRACK));
    }
  }

  @Test
  void aTagThatDoesNotStandIsNeitherRemediedNorLifted() {
    assertThatThrownBy(() -> remedy(TagCause.OIL_MILKY, "oil-changed"))
        .hasMessageContaining("No red tag stands");
    assertThatThrownBy(() -> story.say(new Fact.TagLifted(null, TagCause.TOO_HOT, "x")))
        .hasMessageContaining("No red tag stands");
    assertThatThrownBy(() -> new Fact.TagRemedied(null, TagCause.OIL_MILKY, "prayer", ""))
        .hasMessageContaining("no remedy");
  }

  @Test
  void ofTwinsOnlyTheOneThatIsTagged() {
    Story twin = new Story(Hulls.twinDiesel()).wet();
    twin.say(new Fact.ConditionSeen(Position.PORT, "oil-look", "milky"));
    assertThat(twin.state().tagAgainst(Position.PORT, StartBasis.FED)).isNotNull();
    assertThat(twin.state().tagAgainst(Position.STARBOARD, StartBasis.FED)).isNull();
    twin.say(new Fact.ConditionSeen(null, "vapor", "smelt"));
    assertThat(twin.state().tagAgainst(Position.STARBOARD, StartBasis.FED)).isNotNull();
  }

  @Test
  void aTagStopsNeitherDrainingNorPouringNorMoving() {
    seen("vapor", "smelt");
    story.set("feed", FittingState.NONE);
    story.drainAll();
    assertThat(story.protection()).isEqualTo(Protection.DRAINED);
  }

  @Test
  void whatStarvesItWhileItRunsIsADryRunByItsSeconds() {
    for (int seconds : new int[] {5, 30, 90}) {
      Story dry = running();
      dry.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
      dry.say(new Fact.FittingSet("feed", FittingState.NONE, false, ""));
      assertThat(dry.state().runs().get(Position.CENTER).dryingSince()).isNotNull();
      dry.in(Duration.ofSeconds(seconds));
      dry.say(new Fact.EngineStopped(null));
      assertThat(dry.state().dueAtOnce().isEmpty()).as(seconds + " s").isEqualTo(seconds < 15);
      assertThat(dry.state().tags().isEmpty()).as(seconds + " s").isEqualTo(seconds <= 60);
    }
  }

  @Test
  void aLegThatIsTiltedUpStarvesItToo() {
    start();
    story.set("drive", FittingState.UP);
    story.in(Duration.ofSeconds(100));
    stop();
    story.set("drive", FittingState.DOWN);
    assertThat(tags()).containsExactly(TagCause.RAN_DRY);
    isRefused();
    remedy(TagCause.RAN_DRY, "impeller-replaced");
    assertThat(tags()).isEmpty();
    assertThat(story.state().dueAtOnce())
        .doesNotContainKey(new Due(Position.CENTER, Interval.IMPELLER));
  }

  @Test
  void hoursNeverRunBackwardsUnlessTheMeterWasReplaced() {
    read("engine-hours", 241, null);
    assertThatThrownBy(() -> read("engine-hours", 12, null)).hasMessageContaining("241");
    story.say(new Fact.MeterReplaced(null, 0));
    read("engine-hours", 12, null);
    assertThat(story.state().services().hours().get(Position.CENTER).hours()).isEqualTo(253);
  }
}
