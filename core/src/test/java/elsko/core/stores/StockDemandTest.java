package elsko.core.stores;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.ledger.fact.Procedure;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StockDemandTest {
  private static final Instant NOW = Instant.parse("2026-11-04T08:00:00Z");

  private static double liters(Story story) {
    return StockDemand.of(story.state(), story.practices, Procedure.WINTERIZE, NOW).stream()
        .filter(wanted -> wanted.item().equals(StockDemand.ANTIFREEZE))
        .mapToDouble(Wanted::quantity)
        .sum();
  }

  @Test
  void antifreezeIsWantedUntilItWentIn() {
    Story story = new Story(Hulls.sterndrive(DrainArrangement.FOUR_DRAINS)).wet();
    double before = liters(story);
    assertThat(before).isGreaterThan(5);
    story.open(Procedure.WINTERIZE);
    assertThat(liters(story)).isEqualTo(before);
    story.walk();
    assertThat(StockDemand.of(story.state(), story.practices, Procedure.COMMISSION, NOW))
        .noneMatch(wanted -> wanted.item().equals(StockDemand.ANTIFREEZE));
  }

  @Test
  void whatIsLeftDryWantsNone() {
    Story story = new Story(Hulls.sterndrive(DrainArrangement.FOUR_DRAINS)).wet();
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRY"));
    assertThat(liters(story)).isZero();
  }

  @Test
  void dueWorkWantsItsPartsUntilItIsDone() {
    Story story = new Story(Hulls.smallDiesel()).wet().open(Procedure.COMMISSION);
    List<String> items =
        StockDemand.of(story.state(), story.practices, Procedure.COMMISSION, NOW).stream()
            .map(Wanted::item)
            .toList();
    assertThat(items).contains("impeller", "anodes").doesNotContain("siphon-break");
    story.walkTo("due", Map.of());
    assertThat(StockDemand.of(story.state(), story.practices, Procedure.COMMISSION, NOW)).isEmpty();
  }
}
