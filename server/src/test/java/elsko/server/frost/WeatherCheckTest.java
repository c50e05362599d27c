package elsko.server.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.frost.DailyAir;
import elsko.server.frost.WeatherCheck.Kind;
import elsko.server.frost.WeatherCheck.Way;
import elsko.server.frost.WeatherCheck.WaysChosen;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WeatherCheckTest {
  private static final String HEADING = "date,tmin_c,tmax_c\n";

  @Test
  void aDayIsKeptAsItStands() {
    WeatherCheck check = WeatherCheck.of(HEADING + "2001-11-01,-2.5,9\n", null);
    assertThat(check.problems()).isEmpty();
    assertThat(check.days()).containsExactly(new DailyAir(LocalDate.of(2001, 11, 1), -2.5, 9));
  }

  @Test
  void columnsMayStandInAnyOrderAndMoreMayBeThere() {
    WeatherCheck check = WeatherCheck.of("station,TMAX_C,date,tmin_c\nX,9,2001-11-01,2\n", null);
    assertThat(check.days()).hasSize(1);
    assertThat(check.days().get(0).maxC()).isEqualTo(9);
  }

  @Test
  void aShortGapIsBridgedEvenlyWhenSomebodySaysSo() {
    String csv = HEADING + "2001-11-01,0,8\n2001-11-04,6,14\n";
    WeatherCheck asked = WeatherCheck.of(csv, null);
    assertThat(asked.problems()).singleElement().matches(p -> p.kind() == Kind.GAP);
    assertThat(asked.problems().get(0).words()).startsWith("2 days are missing");
    WeatherCheck bridged = WeatherCheck.of(csv, forAll(Kind.GAP, Way.BRIDGE));
    assertThat(bridged.days()).extracting(DailyAir::minC).containsExactly(0.0, 2.0, 4.0, 6.0);
    WeatherCheck left = WeatherCheck.of(csv, forAll(Kind.GAP, Way.LEAVE_GAP));
    assertThat(left.days()).hasSize(2);
    assertThat(left.problems()).isEmpty();
  }

  @Test
  void aLongGapCanOnlyBeLeft() {
    String csv = HEADING + "2001-11-01,0,8\n2001-11-20,6,14\n";
    WeatherCheck asked = WeatherCheck.of(csv, forAll(Kind.GAP, Way.BRIDGE));
    assertThat(asked.problems())
        .singleElement()
        .satisfies(
            p -> assertThat(p.waysOut()).extracting(w -> w.way()).containsExactly(Way.LEAVE_GAP));
  }

  @Test
  void aSummerThatIsNotOnRecordIsNoGap() {
    String csv = HEADING + "2001-03-31,0,8\n2001-10-01,6,14\n";
    assertThat(WeatherCheck.of(csv, null).problems()).isEmpty();
  }

  @Test
  void ofTwoRowsOfOneDayTheOneThatWasChosenStays() {
    String csv = HEADING + "2001-11-01,0,8\n2001-11-01,1,9\n";
    assertThat(WeatherCheck.of(csv, null).problems())
        .singleElement()
        .matches(p -> p.kind() == Kind.DUPLICATE && p.row() == 3);
    assertThat(WeatherCheck.of(csv, forAll(Kind.DUPLICATE, Way.KEEP_FIRST)).days().get(0).minC())
        .isZero();
    assertThat(WeatherCheck.of(csv, forAll(Kind.DUPLICATE, Way.KEEP_LAST)).days().get(0).minC())
        .isEqualTo(1);
  }

  @Test
  void aRowsOwnChoiceGoesBeforeTheOneForAll() {
    String csv = HEADING + "2001-11-01,9,1\n2001-11-02,8,2\n";
    WaysChosen chosen =
        new WaysChosen(Map.of(3, Way.LEAVE_OUT), Map.of(Kind.MIN_ABOVE_MAX, Way.SWAP));
    List<DailyAir> days = WeatherCheck.of(csv, chosen).days();
    assertThat(days).containsExactly(new DailyAir(LocalDate.of(2001, 11, 1), 1, 9));
  }

  @Test
  void aHotRowIsAskedAboutAndMayBeKept() {
    String csv = HEADING + "2001-07-01,33,44\n";
    assertThat(WeatherCheck.of(csv, null).problems())
        .singleElement()
        .matches(p -> p.kind() == Kind.LOOKS_FAHRENHEIT);
    assertThat(WeatherCheck.of(csv, forAll(Kind.LOOKS_FAHRENHEIT, Way.KEEP)).days().get(0).minC())
        .isEqualTo(33);
    assertThat(
            WeatherCheck.of(csv, forAll(Kind.LOOKS_FAHRENHEIT, Way.CONVERT)).days().get(0).minC())
        .isEqualTo(0.6);
    assertThat(WeatherCheck.of(csv, forAll(Kind.LOOKS_FAHRENHEIT, Way.LEAVE_OUT)).days()).isEmpty();
  }

  @Test
  void whatIsWrittenIsReadBackTheSame() {
    List<DailyAir> days =
        List.of(
            new DailyAir(LocalDate.of(2001, 11, 1), -2.5, 9),
            new DailyAir(LocalDate.of(2001, 11, 2), 0, 0.1));
    String csv = WeatherCsv.write(days);
    assertThat(WeatherCsv.kept(csv)).isEqualTo(days);
    assertThat(WeatherCheck.of(csv, null).days()).isEqualTo(days);
    assertThat(WeatherCsv.kept(null)).isEmpty();
  }

  @Test
  void whatIsNoFileOfDaysIsRefused() {
    assertThatThrownBy(() -> WeatherCheck.of(null, null)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> WeatherCheck.of("day,low\n1,2\n", null))
        .hasMessageContaining("\"date\" is missing");
    assertThatThrownBy(() -> WeatherCheck.of(HEADING, null)).hasMessageContaining("no days");
  }

  private static WaysChosen forAll(Kind kind, Way way) {
    return new WaysChosen(null, Map.of(kind, way));
  }
}
