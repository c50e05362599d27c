package elsko.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/**
 * True boats laid up by hands that make mistakes, but record what they see: what Elsko claims of
 * them is held against what would break. The long run is {@code ./elsko bench --seasons}.
 */
class LayUpTrialTest {
  private static final int SEASONS = 200;
  private static final int CIRCUITS = 2;
  private static final Set<Mistake> BLIND = EnumSet.of(Mistake.TAPS_THE_BAR_BLIND);

  private static Season season(long seed) {
    return Season.of(seed).with(CIRCUITS);
  }

  @Test
  void nothingIsEverCalledSafeWhileItWouldBreak() {
    List<Season> fooled =
        LongStream.range(0, SEASONS)
            .parallel()
            .mapToObj(LayUpTrialTest::season)
            .filter(season -> season.laidUp().isFooled())
            .toList();
    if (!fooled.isEmpty()) {
      Season shortest = fooled.get(0).shrunk(LayUpTrial::isFooled);
      LayUpTrial trial = shortest.laidUp();
      throw new AssertionError(
          "season %d, %s, %s: %s%n%s"
              .formatted(
                  shortest.seed(),
                  shortest.choices(),
                  shortest.mistakes(),
                  trial.unsafe(),
                  String.join("\n", trial.story())));
    }
  }

  @Test
  void aHandThatRecordsWhatItDidNotSeeIsFoundByTheTrueBoat() {
    long found =
        LongStream.range(0, 40)
            .parallel()
            .mapToObj(LayUpTrialTest::season)
            .map(s -> new Season(s.seed(), s.boat(), s.choices(), EnumSet.of(Mistake.TAPS_BLIND)))
            .filter(season -> !season.laidUp().unsafe().isEmpty())
            .count();
    assertThat(found).isGreaterThan(3);
  }

  @Test
  void aBarTappedBlindMakesNobodyBelieveAnything() {
    List<LayUpTrial> trials =
        LongStream.range(0, Integer.getInteger("elsko.bar.seasons", 120))
            .parallel()
            .mapToObj(LayUpTrialTest::season)
            .map(s -> new Season(s.seed(), s.boat(), s.choices(), BLIND).laidUp())
            .toList();
    assertThat(trials)
        .filteredOn(LayUpTrial::isFooled)
        .extracting(trial -> trial.unsafe() + "\n" + String.join("\n", trial.story()))
        .isEmpty();
    // It does tap, and is found by what it left.
    assertThat(trials).filteredOn(trial -> !trial.isSafe()).hasSizeGreaterThan(30);
  }

  @Test
  void mostHonestSeasonsEndSafeAndCalledSo() {
    List<LayUpTrial> safeBoats =
        LongStream.range(0, 40)
            .parallel()
            .mapToObj(LayUpTrialTest::season)
            .map(s -> new Season(s.seed(), s.boat(), s.choices(), Set.of()).laidUp())
            .filter(LayUpTrial::isSafe)
            .toList();
    long safe = safeBoats.size();
    long heldBack = safeBoats.stream().filter(trial -> !trial.heldBack().isEmpty()).count();
    assertThat(safe).isGreaterThan(25);
    assertThat(heldBack).isLessThan(safe / 10);
  }

  @Test
  void aStoryShrinksToTheCircuitAndTheMistakesThatMatter() {
    List<Season> shortest =
        LongStream.iterate(0, seed -> seed + 1)
            .mapToObj(Season::of)
            .filter(s -> s.choices().size() > 2 && !s.mistakes().isEmpty())
            .filter(s -> VisitOrder.of(s.seed()) == VisitOrder.WINTERIZING_ALONE)
            .filter(s -> aHoleDidNotRun(s.laidUp()))
            .limit(4)
            .map(s -> s.shrunk(LayUpTrialTest::aHoleDidNotRun))
            .toList();
    assertThat(shortest).allMatch(s -> aHoleDidNotRun(s.laidUp()));
    assertThat(shortest).filteredOn(s -> circuits(s) == 1).hasSizeGreaterThan(2);
    // Now and then it takes more than one: what each of them does hangs on chance.
    assertThat(shortest).filteredOn(s -> s.mistakes().size() <= 1).hasSizeGreaterThan(1);
  }

  /** Whether its muffler is left dry is chosen beside how a circuit is done. */
  private static long circuits(Season season) {
    return season.choices().keySet().stream()
        .map(key -> key.replace(".muffler", ""))
        .distinct()
        .count();
  }

  private static boolean aHoleDidNotRun(LayUpTrial trial) {
    return trial.worked().stream().anyMatch(end -> "a hole did not run".equals(end.heldBy()));
  }

  @Test
  void theSameSeedIsTheSameStory() {
    assertThat(season(11).laidUp().story()).isEqualTo(season(11).laidUp().story());
  }

  private static long denied(Mistake mistake, LayUpTrial.RestsOn restsOn, String claim) {
    return LongStream.range(0, 16)
        .parallel()
        .mapToObj(LayUpTrialTest::season)
        .map(s -> new Season(s.seed(), s.boat(), s.choices(), EnumSet.of(mistake)))
        .filter(
            season ->
                season.laidUp().unsafe().stream()
                    .anyMatch(u -> u.restsOn() == restsOn && u.claim().equals(claim)))
        .count();
  }

  @Test
  void theWinterFindsWhatTheClockWasNotTold() {
    assertThat(denied(Mistake.TAPS_BLIND, LayUpTrial.RestsOn.A_LIE, "NOT_TONIGHT")).isPositive();
    assertThat(
            denied(
                Mistake.FORGETS_A_CIRCUIT,
                LayUpTrial.RestsOn.A_CIRCUIT_NOBODY_LISTED,
                "NOT_TONIGHT"))
        .isPositive();
  }

  @Test
  void mostWintersCrackSomethingThatWasLeftWet() {
    long cracked =
        LongStream.range(0, 16)
            .parallel()
            .mapToObj(s -> season(s).laidUp())
            .filter(LayUpTrial::cracked)
            .count();
    assertThat(cracked).isGreaterThan(3);
  }
}
