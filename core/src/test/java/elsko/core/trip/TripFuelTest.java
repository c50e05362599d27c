package elsko.core.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.trip.TripFuel.OfTank;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TripFuelTest {
  private static OfTank only(Trip trip, Tank tank) {
    return TripFuel.of(trip, List.of(tank)).tanks().get(0);
  }

  /**
   * By hand. One diesel, 4 L/h, 6 h: burns 24 L. A fifth more: 28.8. Thirds, out and back: 3 × 12;
   * one way: 3 × 24. A 100 L tank at 50 % has 40 L.
   */
  @ParameterizedTest
  @CsvSource({
    "TWENTY_PERCENT, true, 28.8, 0", "TWENTY_PERCENT, false, 28.8, 0",
    "THIRDS, true, 36, 0", "THIRDS, false, 72, 32"
  })
  void bothSchoolsAgreeWithWhatIsWorkedOutByHand(
      FuelSchool school, boolean roundTrip, double needed, double add) {
    OfTank judged = only(new Trip(6, null, roundTrip, school), new Tank("", 100, 50, null, 4));
    assertThat(judged.burntLiters()).isCloseTo(24, within(1e-9));
    assertThat(judged.usableLiters()).isCloseTo(40, within(1e-9));
    assertThat(judged.leftLiters()).isCloseTo(16, within(1e-9));
    assertThat(judged.neededLiters()).isCloseTo(needed, within(1e-9));
    assertThat(judged.addLiters()).isCloseTo(add, within(1e-9));
    assertThat(judged.go()).isEqualTo(add == 0);
  }

  /**
   * Two diesels of 18 L/h each and a generator of 3 L/h on the port tank, 45 nm at 15 kn: 3 h. Port
   * burns 63 L and needs 75.6; 300 L at 30 % less 20 unusable are 70: 5.6 short. Starboard burns 54
   * L and needs 64.8.
   */
  @Test
  void twinEnginesWithSeparateTanksAreJudgedOneByOne() {
    TripFuel judged =
        TripFuel.of(
            Trip.over(45, 15, true, FuelSchool.TWENTY_PERCENT),
            List.of(
                new Tank("port tank", 300, 30, 20.0, 18 + 3),
                new Tank("starboard tank", 300, 30, 20.0, 18)));
    assertThat(judged.go()).isFalse();
    OfTank port = judged.tanks().get(0);
    assertThat(port.burntLiters()).isCloseTo(63, within(1e-9));
    assertThat(port.addLiters()).isCloseTo(5.6, within(1e-9));
    assertThat(port.words().toString()).isEqualTo("Not enough: add 5.6 L.");
    assertThat(port.turnBackNm()).isCloseTo(15 * 70 / 2.4 / 21, within(1e-9));
    OfTank starboard = judged.tanks().get(1);
    assertThat(starboard.go()).isTrue();
    assertThat(starboard.words().toString()).isEqualTo("Enough: 16 L are left at the end.");
  }

  @Test
  void whatNoTankHoldsIsRefueledOnTheWay() {
    OfTank judged =
        only(new Trip(40, 6.0, false, FuelSchool.THIRDS), new Tank("", 60, 100, null, 3));
    assertThat(judged.refuelOnTheWay()).isTrue();
    assertThat(judged.words().toString()).contains("refuel on the way");
  }

  @Test
  void belowTheUnusablePartThereIsNothing() {
    OfTank judged = only(new Trip(1, null, true, null), new Tank("", 100, 8, null, 2));
    assertThat(judged.usableLiters()).isZero();
    assertThat(judged.turnBackHours()).isZero();
    assertThat(judged.turnBackNm()).isNull();
  }

  @Property(tries = 200)
  void whoTurnsBackInTimeHasTheReserve(
      @ForAll @DoubleRange(min = 10, max = 500) double capacity,
      @ForAll @DoubleRange(min = 15, max = 100) double gauge,
      @ForAll @DoubleRange(min = 1, max = 60) double burn,
      @ForAll FuelSchool school) {
    Tank tank = new Tank("", capacity, gauge, null, burn);
    double out = only(new Trip(1, null, true, school), tank).turnBackHours();
    if (out > 0.1) {
      OfTank there = only(new Trip(2 * out, null, true, school), tank);
      assertThat(there.neededLiters()).isCloseTo(there.usableLiters(), within(1e-6));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "0, 50, 5, 4, capacityLiters",
    "100, 101, 5, 4, gaugePercent",
    "100, 50, 101, 4, unusableLiters",
    "100, 50, 5, 0, litersPerHour",
    "100, NaN, 5, 4, gaugePercent"
  })
  void whatCannotBeMeantIsRefusedAtItsField(
      double capacity, double gauge, double unusable, double burn, String field) {
    assertThatThrownBy(() -> new Tank("", capacity, gauge, unusable, burn))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void aTripHasALengthAndAtLeastOneTank() {
    assertThatThrownBy(() -> new Trip(0, null, true, null)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Trip.over(10, 0, true, null)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> TripFuel.of(new Trip(1, null, true, null), List.of()))
        .isInstanceOf(Refused.class);
  }
}
