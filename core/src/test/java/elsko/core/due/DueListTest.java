package elsko.core.due;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Position;
import elsko.core.due.DueItem.Standing;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FactFits;
import elsko.core.ledger.fact.Trouble;
import elsko.core.limits.Interval;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class DueListTest {
  private final List<Entry> log = new ArrayList<>();

  private DueListTest on(String day, Fact... facts) {
    Instant at = Instant.parse(day + "T09:00:00Z");
    for (Fact fact : facts) {
      log.add(new Entry(UUID.randomUUID(), "Orrin", at, at, null, null, null, fact));
    }
    return this;
  }

  private DueListTest on(String day, double hours, Fact... facts) {
    on(day, new Fact.ReadingTaken(Position.CENTER, "engine-hours", hours));
    return on(day, facts);
  }

  private static Fact done(Interval interval) {
    return new Fact.ServiceDone(
        interval.isPerEngine() ? Position.CENTER : null, interval.key(), "");
  }

  private List<DueItem> list(BoatDescription hull, String today, Interval... othersWay) {
    return DueList.of(
        Ledger.fold(Boat.of(hull), Need.DEFAULT, log),
        Set.of(othersWay),
        Instant.parse(today + "T12:00:00Z"));
  }

  private DueItem item(Interval interval, String today, Interval... othersWay) {
    return list(Hulls.smallDiesel(), today, othersWay).stream()
        .filter(one -> one.interval() == interval)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatHasNoRecordIsDueAndSaidSo() {
    assertThat(list(Hulls.smallDiesel(), "2031-04-01"))
        .filteredOn(item -> item.interval() != Interval.ELBOW_REPLACED)
        .filteredOn(item -> item.interval() != Interval.PUMP_SEALS)
        .allSatisfy(
            item -> {
              assertThat(item.standing()).isEqualTo(Standing.NO_RECORD);
              assertThat(item.isDue()).isTrue();
              assertThat(item.why()).isEqualTo("Nobody wrote down that it was ever done.");
            });
  }

  @Test
  void itFallsDueAfterItsMonthsAndIsWarnedOfThirtyDaysAhead() {
    on("2029-11-10", done(Interval.IMPELLER));
    assertThat(item(Interval.IMPELLER, "2030-11-09").standing()).isEqualTo(Standing.LATER);
    assertThat(item(Interval.IMPELLER, "2030-12-20").standing()).isEqualTo(Standing.BEFORE_LAY_UP);
    assertThat(item(Interval.IMPELLER, "2031-10-10").standing()).isEqualTo(Standing.BEFORE_LAY_UP);
    assertThat(item(Interval.IMPELLER, "2031-10-11").standing()).isEqualTo(Standing.SOON);
    DueItem over = item(Interval.IMPELLER, "2031-11-10");
    assertThat(over.standing()).isEqualTo(Standing.OVERDUE);
    assertThat(over.on()).isEqualTo(Instant.parse("2031-11-10T09:00:00Z"));
    assertThat(over.why()).isEqualTo("Every 24 months.");
  }

  @Test
  void hoursCountWhereTheyComeFirst() {
    on("2030-10-01", 400, done(Interval.ENGINE_OIL));
    on("2031-06-01", 489);
    DueItem warned = item(Interval.ENGINE_OIL, "2031-06-02");
    assertThat(warned.hoursLeft()).isEqualTo(11);
    assertThat(warned.standing()).isEqualTo(Standing.BEFORE_LAY_UP);
    on("2031-07-01", 490);
    assertThat(item(Interval.ENGINE_OIL, "2031-07-02").standing()).isEqualTo(Standing.SOON);
    on("2031-08-01", 512);
    DueItem over = item(Interval.ENGINE_OIL, "2031-08-02");
    assertThat(over.standing()).isEqualTo(Standing.OVERDUE);
    assertThat(over.why()).isEqualTo("Every 100 h or 12 months, 12 h over.");
  }

  @Test
  void theDayOfHoursIsReckonedFromTheLastSeason() {
    on("2030-08-01", 1900);
    on("2031-08-01", 1950);
    DueItem elbow = item(Interval.ELBOW_REPLACED, "2031-08-02");
    assertThat(elbow.hoursLeft()).isEqualTo(50);
    assertThat(elbow.estimated()).isTrue();
    assertThat(elbow.on()).isEqualTo(Instant.parse("2032-07-31T09:00:00Z"));
    assertThat(elbow.standing()).isEqualTo(Standing.SOON);
  }

  /** Nothing is due before the next lay-up on a day years later, nor due soon on one gone by. */
  @Test
  void theDayThatIsSaidNeverContradictsHowItStands() {
    Random random = new Random(7);
    Instant layUp = Instant.parse("2032-10-02T12:00:00Z");
    Instant now = Instant.parse("2031-10-02T12:00:00Z");
    Set<Standing> seen = EnumSet.noneOf(Standing.class);
    for (int run = 0; run < 300; run++) {
      log.clear();
      double hours = random.nextInt(2_000);
      for (int year = 2024 + random.nextInt(6); year < 2032; year++) {
        hours += random.nextInt(4) == 0 ? random.nextInt(4) : random.nextInt(150);
        on("%d-0%d-01".formatted(year, 3 + random.nextInt(6)), hours);
        for (Interval interval : Interval.values()) {
          if (random.nextInt(4) == 0 && interval.isPerEngine()) {
            on("%d-09-%d".formatted(year, 10 + random.nextInt(20)), hours, done(interval));
          }
        }
      }
      for (DueItem item : list(Hulls.smallDiesel(), "2031-10-02")) {
        seen.add(item.standing());
        if (item.on() != null && item.standing() != Standing.AT_ONCE) {
          switch (item.standing()) {
            case OVERDUE -> assertThat(item.on()).as("%s", item).isBeforeOrEqualTo(now);
            case SOON, BEFORE_LAY_UP -> assertThat(item.on()).as("%s", item).isBetween(now, layUp);
            default -> assertThat(item.on()).as("%s", item).isAfter(now);
          }
        }
      }
    }
    assertThat(seen)
        .contains(Standing.OVERDUE, Standing.SOON, Standing.BEFORE_LAY_UP, Standing.LATER);
  }

  @Test
  void hoursNobodyReadAreNotGuessed() {
    assertThat(item(Interval.ELBOW_REPLACED, "2031-08-02").why())
        .isEqualTo("Its hours were never read.");
    on("2030-08-01", done(Interval.VALVES));
    DueItem valves = item(Interval.VALVES, "2031-08-02");
    assertThat(valves.standing()).isEqualTo(Standing.LATER);
    assertThat(valves.why()).isEqualTo("Every 500 h, its hours were never read.");
  }

  @Test
  void gearboxOilIsDueWithTheThirdChangeOfTheEngineOil() {
    on("2027-10-01", done(Interval.GEAR_OIL));
    on("2028-10-01", done(Interval.ENGINE_OIL));
    assertThat(item(Interval.GEAR_OIL, "2028-10-02").standing()).isEqualTo(Standing.LATER);
    on("2029-10-01", done(Interval.ENGINE_OIL));
    assertThat(item(Interval.GEAR_OIL, "2029-10-02").standing()).isEqualTo(Standing.BEFORE_LAY_UP);
    on("2030-10-01", done(Interval.ENGINE_OIL));
    assertThat(item(Interval.GEAR_OIL, "2030-10-02").standing()).isEqualTo(Standing.OVERDUE);
    on("2030-10-03", done(Interval.GEAR_OIL));
    assertThat(item(Interval.GEAR_OIL, "2030-10-04").standing()).isEqualTo(Standing.LATER);
    assertThat(item(Interval.GEAR_OIL, "2031-10-04", Interval.GEAR_OIL).standing())
        .isEqualTo(Standing.OVERDUE);
  }

  @Test
  void aLookAtTheImpellerResetsOnlyTheLook() {
    on("2029-11-10", done(Interval.IMPELLER));
    on("2030-11-01", done(Interval.IMPELLER_LOOK));
    assertThat(item(Interval.IMPELLER_LOOK, "2030-11-20").standing()).isEqualTo(Standing.LATER);
    assertThat(item(Interval.IMPELLER, "2031-11-10").standing()).isEqualTo(Standing.OVERDUE);
    // Due itself, it is looked at on the way; replaced every year, it needs no look of its own.
    assertThat(list(Hulls.smallDiesel(), "2031-11-10"))
        .noneMatch(item -> item.interval() == Interval.IMPELLER_LOOK);
    assertThat(list(Hulls.smallDiesel(), "2030-11-20", Interval.IMPELLER))
        .noneMatch(item -> item.interval() == Interval.IMPELLER_LOOK);
    on("2031-11-11", done(Interval.IMPELLER));
    assertThat(item(Interval.IMPELLER_LOOK, "2032-11-12").standing()).isEqualTo(Standing.OVERDUE);
  }

  @Test
  void onlyTheSegmentsADescaleReachedAreCountedAnew() {
    on("2027-05-01", new Fact.DescalerUsed("engine", List.of("exchanger"), 8));
    DueItem some = item(Interval.DESCALE, "2028-05-01");
    assertThat(some.standing()).isEqualTo(Standing.NO_RECORD);
    assertThat(some.why()).startsWith("Never reached: ").doesNotContain("exchanger");
    List<String> all =
        Boat.of(Hulls.smallDiesel()).circuit("engine").segments().stream()
            .map(segment -> segment.key())
            .toList();
    on("2028-06-01", new Fact.DescalerUsed("engine", all, 20));
    on("2030-06-01", new Fact.DescalerUsed("engine", List.of("exchanger"), 8));
    assertThat(item(Interval.DESCALE, "2032-05-20").standing()).isEqualTo(Standing.SOON);
    assertThat(item(Interval.DESCALE, "2032-05-20", Interval.DESCALE).standing())
        .isEqualTo(Standing.NOT_COUNTED);
  }

  @Test
  void troubleAndWishesComeBeforeDates() {
    on("2031-03-01", done(Interval.IMPELLER));
    assertThat(item(Interval.IMPELLER, "2031-04-01").isDue()).isFalse();
    on("2031-04-02", new Fact.DuePlanned(Position.CENTER, "impeller"));
    DueItem wanted = item(Interval.IMPELLER, "2031-04-03");
    assertThat(wanted.isDue()).isTrue();
    assertThat(wanted.planned().person()).isEqualTo("Orrin");
    on("2031-04-04", new Fact.EngineTroubled(null, Trouble.RAN_DRY));
    assertThat(item(Interval.IMPELLER, "2031-04-05").standing()).isEqualTo(Standing.AT_ONCE);
    assertThat(item(Interval.IMPELLER, "2031-04-05").why()).isEqualTo("It ran dry: due at once.");
    on("2031-04-06", done(Interval.IMPELLER));
    assertThat(item(Interval.IMPELLER, "2031-04-07").isDue()).isFalse();
  }

  @Test
  void aWishNamesItsEngine() {
    Boat boat = Boat.of(Hulls.smallDiesel());
    assertThatThrownBy(() -> FactFits.check(boat, new Fact.DuePlanned(null, "impeller")))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Say which engine");
    assertThatThrownBy(() -> FactFits.check(boat, new Fact.DuePlanned(Position.CENTER, "hoses")))
        .hasMessageContaining("the boat as a whole");
  }
}
