package elsko.core.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class StockForecastTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 11, 2);

  private static Use use(int inDays, double quantity) {
    return new Use(TODAY.plusDays(inDays), quantity, "Teal");
  }

  @Test
  void itRunsOutOnTheFirstDayThatTakesMoreThanIsLeft() {
    StockForecast forecast =
        StockForecast.of(40, 20, List.of(use(9, 19), use(2, 19), use(4, 5)), TODAY, 30);
    assertThat(forecast.needed()).isEqualTo(43);
    assertThat(forecast.runsOut()).isEqualTo(TODAY.plusDays(9));
    assertThat(forecast.missing()).isEqualTo(3);
    assertThat(forecast.packages()).isEqualTo(1);
  }

  @Test
  void whatIsFartherOffIsNotNeededYetAndWhatIsNotPlannedIs() {
    StockForecast near = StockForecast.of(20, 20, List.of(use(40, 30)), TODAY, 30);
    assertThat(near).isEqualTo(new StockForecast(0, null, 0, 0));
    StockForecast unplanned =
        StockForecast.of(20, 20, List.of(new Use(null, 30, "Teal")), TODAY, 30);
    assertThat(unplanned.runsOut()).isEqualTo(TODAY.plusDays(30));
    assertThat(unplanned.packages()).isEqualTo(1);
  }

  @Test
  void packagesAreWholeAndExactFitsNeedNoMore() {
    assertThat(StockForecast.of(0, 20, List.of(use(1, 40)), TODAY, 30).packages()).isEqualTo(2);
    assertThat(StockForecast.of(0, 20, List.of(use(1, 40.1)), TODAY, 30).packages()).isEqualTo(3);
    assertThat(StockForecast.of(0.3, 0.1, List.of(use(1, 0.3)), TODAY, 30).packages()).isZero();
  }

  @Test
  void moreTakenThanCountedIsMissingToday() {
    StockForecast owed = StockForecast.of(-5, 20, List.of(use(-3, 2)), TODAY, 30);
    assertThat(owed.runsOut()).isEqualTo(TODAY);
    assertThat(owed.missing()).isEqualTo(7);
  }

  @Test
  void packagesOfNothingAreRefused() {
    assertThatThrownBy(() -> StockForecast.of(0, 0, List.of(), TODAY, 30))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> StockForecast.of(0, 1, List.of(), TODAY, 0))
        .isInstanceOf(Refused.class);
  }
}
