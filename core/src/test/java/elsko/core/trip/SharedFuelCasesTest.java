package elsko.core.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** A device without signal works fuel out too: both are held to the same cases, worked by hand. */
class SharedFuelCasesTest {
  @ParameterizedTest
  @CsvFileSource(files = "../web/src/cast-off/fuel-cases.csv", numLinesToSkip = 1)
  void comesToWhatIsWorkedOutByHand(
      double hours,
      boolean roundTrip,
      FuelSchool school,
      double capacityLiters,
      double gaugePercent,
      Double unusableLiters,
      double litersPerHour,
      double burnt,
      double needed,
      double usable,
      double left,
      double add,
      boolean refuelOnTheWay) {
    TripFuel.OfTank tank =
        TripFuel.of(
                new Trip(hours, null, roundTrip, school),
                List.of(new Tank("", capacityLiters, gaugePercent, unusableLiters, litersPerHour)))
            .tanks()
            .get(0);
    assertThat(
            List.of(
                tank.burntLiters(),
                tank.neededLiters(),
                tank.usableLiters(),
                tank.leftLiters(),
                tank.addLiters()))
        .zipSatisfy(
            List.of(burnt, needed, usable, left, add),
            (is, byHand) -> assertThat(is).isCloseTo(byHand, within(1e-9)));
    assertThat(tank.refuelOnTheWay()).isEqualTo(refuelOnTheWay);
  }
}
