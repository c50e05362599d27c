package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class FrostPastTest {
  private final Story story = Story.fourDrains().wet();
  private final Instant came = story.now();

  /** Ten days of a hard frost from the third day after the boat came; then it is mild. */
  private FrostPast past(int daysSince) {
    List<DailyAir> record = new ArrayList<>();
    LocalDate first = came.atZone(ZoneOffset.UTC).toLocalDate();
    for (int day = -2; day < daysSince; day++) {
      boolean frost = day >= 3 && day < 13;
      record.add(new DailyAir(first.plusDays(day), frost ? -9 : 4, frost ? -3 : 9));
    }
    FrostMemory memory =
        new FrostMemory(new Winters(record), first.plusDays(daysSince), ZoneOffset.UTC);
    List<Sheltered> open = List.of(new Sheltered(came, Enclosure.of(Enclosure.Kind.OPEN)));
    return FrostPast.of(story.state(), open, memory);
  }

  private LocalDate day(int since) {
    return came.plus(Duration.ofDays(since)).atZone(ZoneOffset.UTC).toLocalDate();
  }

  @Test
  void nothingIsFearedBeforeTheFrost() {
    assertThat(past(2)).isEqualTo(FrostPast.NONE);
  }

  @Test
  void aWetBoatThatWentThroughAFreezeIsNotTakenForWholeAfterTheThaw() {
    FrostPast past = past(40);
    assertThat(past.frozen())
        .anySatisfy(
            frozen -> {
              assertThat(frozen.circuit()).isEqualTo("engine");
              assertThat(frozen.on()).isEqualTo(day(3));
              assertThat(frozen.burst()).isTrue();
            });
    assertThat(past.lookFirst()).contains("engine");
  }

  @Test
  void drainingItAfterwardsMakesItNoWholer() {
    story.daysLater(20).drainAll();
    assertThat(past(40).lookFirst()).contains("engine");
  }

  @Test
  void drainedBeforeTheFrostItIsWhole() {
    story.daysLater(2).drainAll();
    assertThat(past(40).lookFirst()).doesNotContain("engine");
  }

  @Test
  void lookedAtAfterwardsItIsKnown() {
    story.daysLater(20).say(new Fact.FrostLooked("engine", FrostFinding.NOTHING));
    assertThat(past(40).lookFirst()).doesNotContain("engine");
  }

  @Test
  void whatNobodySaidAnythingOfIsNotClaimedToHaveFrozen() {
    Story unknown = Story.fourDrains();
    FrostMemory memory =
        new FrostMemory(
            new Winters(List.of(new DailyAir(day(5), -9, -3))), day(40), ZoneOffset.UTC);
    List<Sheltered> open = List.of(new Sheltered(came, Enclosure.of(Enclosure.Kind.OPEN)));
    assertThat(FrostPast.of(unknown.state(), open, memory)).isEqualTo(FrostPast.NONE);
    assertThat(FrostPast.of(story.state(), List.of(), memory)).isEqualTo(FrostPast.NONE);
  }

  @Test
  void daysNobodyKeptAskForALook() {
    FrostMemory memory = new FrostMemory(new Winters(List.of()), day(40), ZoneOffset.UTC);
    List<Sheltered> open = List.of(new Sheltered(came, Enclosure.of(Enclosure.Kind.OPEN)));
    FrostPast past = FrostPast.of(story.state(), open, memory);

    assertThat(past.frozen()).isEmpty();
    assertThat(past.unknown()).anyMatch(one -> one.circuit().equals("engine"));
    assertThat(FrostWords.unknown(past.unknown().get(0)))
        .startsWith("Nobody kept the weather of 40 days in which water stood in the ");
  }
}
