package elsko.core.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import elsko.core.trip.FuelFitted.FittedTank;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FuelFittedTest {
  private static final FittedTank PORT =
      new FittedTank("port tank", 300, 20.0, Set.of(Position.PORT, Position.GENERATOR));
  private static final FittedTank STARBOARD =
      new FittedTank("starboard tank", 300, null, Set.of(Position.STARBOARD));
  private static final Map<Position, Double> BURN =
      Map.of(Position.PORT, 25.0, Position.STARBOARD, 24.0, Position.GENERATOR, 3.0);
  private static final FuelFitted TWIN = new FuelFitted(List.of(PORT, STARBOARD), BURN, 12.0);

  @Test
  void eachTankCarriesWhatDrawsFromItTheGeneratorToo() {
    assertThat(TWIN.at(List.of(50.0, 75.0)))
        .containsExactly(
            new Tank("port tank", 300, 50, 20.0, 28),
            new Tank("starboard tank", 300, 75, null, 24));
  }

  @Test
  void aTwinWithGeneratorComesToWhatIsWorkedOutByHand() {
    // 60 nm there and back at 12 kn are 5 h. Port: burns 28 x 5 = 140, needs 168, has 150 - 20 =
    // 130.
    // Starboard: burns 24 x 5 = 120, needs 144, has 225 - 30 = 195.
    Trip trip = Trip.over(60, 12, true, FuelSchool.TWENTY_PERCENT);
    TripFuel fuel = TripFuel.of(trip, TWIN.at(List.of(50.0, 75.0)));
    assertThat(fuel.go()).isFalse();
    assertThat(fuel.tanks().get(0).addLiters()).isCloseTo(38, within(1e-9));
    assertThat(fuel.tanks().get(1).addLiters()).isZero();
    // By thirds: port needs 3 x 70 = 210, starboard 3 x 60 = 180.
    TripFuel thirds =
        TripFuel.of(Trip.over(60, 12, true, FuelSchool.THIRDS), TWIN.at(List.of(50.0, 75.0)));
    assertThat(thirds.tanks().get(0).addLiters()).isCloseTo(80, within(1e-9));
    assertThat(thirds.tanks().get(1).addLiters()).isZero();
  }

  @Test
  void whatCannotBeMeantIsRefusedAtItsField() {
    refused("tanks", () -> new FuelFitted(List.of(), BURN, null));
    refused("litersPerHour", () -> new FuelFitted(List.of(PORT), Map.of(), null));
    refused("tanks", () -> new FuelFitted(List.of(PORT), BURN, null));
    refused(
        "litersPerHour.PORT",
        () -> new FuelFitted(List.of(PORT), Map.of(Position.PORT, 0.0), null));
    refused(
        "tanks[1].feeds",
        () -> new FuelFitted(List.of(PORT, STARBOARD), Map.of(Position.PORT, 20.0), null));
    refused("speedKn", () -> new FuelFitted(List.of(PORT, STARBOARD), BURN, 90.0));
    refused("capacityLiters", () -> new FittedTank("", 0, null, Set.of()));
    refused("gaugePercent", () -> TWIN.at(List.of(50.0)));
    refused("gaugePercent[1]", () -> TWIN.at(Arrays.asList(50.0, 101.0)));
    refused("gaugePercent[0]", () -> TWIN.at(Arrays.asList(null, 10.0)));
  }

  private static void refused(String field, Runnable said) {
    assertThatThrownBy(said::run)
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }
}
