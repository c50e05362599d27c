package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.path.PocketKind;
import elsko.core.frost.Enclosure.Kind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class FrostClockTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 10, 28);
  private static final SimulatedSite SITE = new SimulatedSite(7, LocalDate.of(2032, 1, 20));
  private static final FrostClock CLOCK = clock(SITE.forecast(TODAY, 12));

  @Test
  void theDeadlineIsTheDayBeforeOneWinterInTwentyHasDoneIt() {
    Outlook outlook = CLOCK.outlook(Enclosure.of(Kind.OPEN), List.of(water(PocketKind.HOSE, 0)));

    assertThat(outlook.shareBy(outlook.deadline())).isLessThanOrEqualTo(0.05);
    assertThat(outlook.shareBy(outlook.deadline().plusDays(1))).isGreaterThan(0.05);
    assertThat(outlook.shareBy(outlook.evenOdds())).isGreaterThan(0.5);
    assertThat(outlook.shareBy(outlook.evenOdds().minusDays(1))).isLessThanOrEqualTo(0.5);
    assertThat(outlook.evenOdds()).isAfter(outlook.deadline());
  }

  @Test
  void sharesAndLossesOnlyGrow() {
    Outlook outlook =
        CLOCK.outlook(
            Enclosure.of(Kind.TARP),
            List.of(water(PocketKind.BLOCK, 0), water(PocketKind.HOSE, -2)));

    assertThat(outlook.share()).isSorted();
    assertThat(outlook.loss()).isSorted();
    assertThat(outlook.share().get(119)).isLessThanOrEqualTo(1 + 1e-9);
    assertThat(outlook.lossBy(TODAY.plusDays(119)))
        .isLessThanOrEqualTo(PocketKind.BLOCK.repairCost() + PocketKind.HOSE.repairCost() + 1e-9);
  }

  @Test
  void theQuickPocketGoesFirst() {
    Outlook outlook =
        CLOCK.outlook(
            Enclosure.of(Kind.OPEN),
            List.of(water(PocketKind.BLOCK, 0), water(PocketKind.PUMP, 0)));

    assertThat(outlook.firstToGo().name()).isEqualTo("pump");
    assertThat(outlook.circuits().get(0).deadline()).isAfter(outlook.deadline());
    assertThat(outlook.circuits().get(1).deadline()).isEqualTo(outlook.deadline());
  }

  @Test
  void aCoverGivesTimeAShedMore() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    LocalDate open = CLOCK.outlook(Enclosure.of(Kind.OPEN), waters).deadline();
    LocalDate wrap = CLOCK.outlook(Enclosure.of(Kind.SHRINK_WRAP), waters).deadline();
    LocalDate shed = CLOCK.outlook(Enclosure.of(Kind.COLD_SHED), waters).deadline();

    assertThat(wrap).isAfterOrEqualTo(open);
    assertThat(shed).isAfter(open);
  }

  @Test
  void aHeatedShedKeepsEverythingUntilItsHeaterFails() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    Enclosure shed = Enclosure.heatedShed(5);
    Outlook outlook = CLOCK.outlook(shed, waters);
    assertThat(outlook.deadline()).isNull();

    List<WhatIf> tried = WhatIf.of(CLOCK, shed, waters, outlook);
    assertThat(tried).singleElement().satisfies(t -> assertThat(t.deadline()).isNotNull());
  }

  @Test
  void aHeaterInTheFirstBadNightGivesTime() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    Enclosure open = Enclosure.of(Kind.OPEN);
    Outlook outlook = CLOCK.outlook(open, waters);
    List<WhatIf> tried = WhatIf.of(CLOCK, open, waters, outlook);

    assertThat(tried)
        .extracting(WhatIf::change)
        .containsExactly(WhatIf.Change.COVER, WhatIf.Change.SHED, WhatIf.Change.HEATER_ONE_NIGHT);
    assertThat(tried.get(2).deadline()).isAfter(outlook.deadline());
    assertThat(tried.get(2).gainedDays()).isPositive();
  }

  @Test
  void saltWaterUnderABoatKeepsItWarmerThanTheYard() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    assertThat(CLOCK.outlook(Enclosure.of(Kind.AFLOAT_SALT), waters).deadline())
        .isAfter(CLOCK.outlook(Enclosure.of(Kind.OPEN), waters).deadline());
  }

  @Test
  void aColdSnapMovesTheDeadline() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    ColdSnap snap = new ColdSnap(TODAY.plusDays(2), 4, 12);
    FrostClock colder = clock(snap.on(SITE.forecast(TODAY, 12)));

    assertThat(colder.outlook(Enclosure.of(Kind.OPEN), waters).deadline())
        .isBefore(CLOCK.outlook(Enclosure.of(Kind.OPEN), waters).deadline())
        .isBetween(TODAY.plusDays(1), TODAY.plusDays(4));
  }

  @Test
  void nothingThatCanFreezeHasNoDeadline() {
    Outlook outlook = CLOCK.outlook(Enclosure.of(Kind.OPEN), List.of());

    assertThat(outlook.deadline()).isNull();
    assertThat(outlook.firstToGo()).isNull();
    assertThat(outlook.share()).containsOnly(0.0);
  }

  @Test
  void sharingPocketsChangesNothing() {
    Enclosure tarp = Enclosure.of(Kind.TARP);
    FrostClock clock = clock(SITE.forecast(TODAY, 12));
    double[][] air = clock.insideC(tarp);
    for (PocketKind kind : PocketKind.values()) {
      Pocket pocket = new Pocket(kind.tauHours(), 0);
      double[] shared = clock.hoursToDamage(tarp, pocket, null);
      for (int member = 0; member < shared.length; member++) {
        assertThat(Double.valueOf(clock.alone(air[member], member, pocket, null)))
            .isEqualTo(Double.valueOf(shared[member]));
      }
    }
  }

  @Test
  void beginningInTheEveningLooksAtTheSameNights() {
    List<CircuitWater> waters = List.of(water(PocketKind.HOSE, 0));
    FrostClock evening = new FrostClock(CLOCK.ensemble(), 18);
    assertThat(evening.outlook(Enclosure.of(Kind.OPEN), waters).deadline())
        .isEqualTo(CLOCK.outlook(Enclosure.of(Kind.OPEN), waters).deadline());
  }

  @Test
  void theNightsGetLessCertain() {
    List<Night> nights = CLOCK.ensemble().nights(12);

    assertThat(nights).hasSize(12);
    assertThat(nights.get(0).evening()).isEqualTo(TODAY);
    assertThat(nights).allSatisfy(n -> assertThat(n.lowestTenthC()).isLessThanOrEqualTo(n.lowC()));
    double tonight = nights.get(0).lowC() - nights.get(0).lowestTenthC();
    double later = nights.get(11).lowC() - nights.get(11).lowestTenthC();
    assertThat(tonight).isBetween(0.5, 3.0).isLessThan(later);
  }

  private static FrostClock clock(Forecast forecast) {
    return new FrostClock(Ensemble.of(new Winters(SITE.pastYears(TODAY, 30)), forecast, TODAY), 0);
  }

  private static CircuitWater water(PocketKind kind, double freezesAt) {
    String name = kind.name().toLowerCase(java.util.Locale.ROOT);
    return new CircuitWater(
        name,
        name,
        new ArrayList<>(
            Collections.singleton(
                new CircuitWater.Held(name, name, kind, new Pocket(kind.tauHours(), freezesAt)))));
  }
}
