package elsko.server.bench.calculator;

import static elsko.server.bench.calculator.VerdictRequest.number;

import elsko.core.Refused;
import elsko.core.trip.FuelSchool;
import elsko.core.trip.Tank;
import elsko.core.trip.Trip;
import elsko.core.trip.TripFuel;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether there is enough fuel for a trip. It stores nothing. */
@RestController
@RequestMapping("/api/bench/fuel")
class FuelController {
  /** Each tank judged for what draws from it. */
  @PostMapping
  TripFuel fuel(@RequestBody FuelIn in) {
    List<Tank> tanks = new ArrayList<>();
    List<TankIn> sent = in.tanks() == null ? List.of() : in.tanks();
    for (int i = 0; i < sent.size(); i++) {
      tanks.add(tank(sent.get(i), "tanks[%d].".formatted(i)));
    }
    return TripFuel.of(trip(in), tanks);
  }

  private static Trip trip(FuelIn in) {
    boolean back = Boolean.TRUE.equals(in.roundTrip());
    if ((in.hours() == null) == (in.distanceNm() == null)) {
      throw Refused.value("hours", "Give either hours or distanceNm with speedKn.");
    }
    return in.hours() != null
        ? new Trip(in.hours(), in.speedKn(), back, in.school())
        : Trip.over(in.distanceNm(), number("speedKn", in.speedKn()), back, in.school());
  }

  private static Tank tank(TankIn in, String field) {
    if (in == null) {
      throw Refused.value("tanks", "Give 1 to 4 tanks.");
    }
    try {
      return new Tank(
          in.name(),
          number("capacityLiters", in.capacityLiters()),
          number("gaugePercent", in.gaugePercent()),
          in.unusableLiters(),
          number("litersPerHour", in.litersPerHour()));
    } catch (Refused refused) {
      throw Refused.value(field + refused.field(), refused.reason());
    }
  }

  /**
   * A trip and its tanks: either {@code hours}, or {@code distanceNm} and {@code speedKn}.
   *
   * @param school TWENTY_PERCENT when it is left out
   */
  record FuelIn(
      Double hours,
      Double distanceNm,
      Double speedKn,
      Boolean roundTrip,
      FuelSchool school,
      List<TankIn> tanks) {}

  /** A tank; {@code unusableLiters} left out: a tenth of it. */
  record TankIn(
      String name,
      Double capacityLiters,
      Double gaugePercent,
      Double unusableLiters,
      Double litersPerHour) {}
}
