package elsko.server.frost;

import elsko.core.Refused;
import elsko.core.frost.FrostClock;
import elsko.core.frost.Outlook;
import elsko.core.frost.Pocket;
import elsko.core.frost.PocketCourse;
import elsko.core.frost.Tonight;
import elsko.core.frost.WhatIf;
import elsko.server.frost.FleetFrost.Dated;
import elsko.server.frost.FleetFrost.Standing;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FrostController {
  private static final int NIGHTS_SHOWN = 14;

  private final FleetFrost frost;
  private final Weather weather;

  FrostController(FleetFrost frost, Weather weather) {
    this.frost = frost;
    this.weather = weather;
  }

  /** The frost clock over the yard. */
  @GetMapping("/api/frost")
  FrostView yard() {
    FrostClock clock = frost.clock();
    List<Dated> dated = frost.dated();
    return new FrostView(
        clock != null,
        weather.today(),
        weather.view(),
        clock == null ? List.of() : clock.ensemble().nights(NIGHTS_SHOWN),
        dated.stream().map(this::line).toList(),
        dated.stream()
            .filter(d -> Tonight.concerns(d.outlook()))
            .map(d -> tonight(clock, d))
            .sorted(Comparator.comparingDouble(FrostView.TonightView::loss).reversed())
            .toList());
  }

  /** The frost clock of one boat, with what would change it. */
  @GetMapping("/api/boats/{id}/frost")
  BoatFrostView boat(@PathVariable UUID id) {
    FrostClock clock = frost.clock();
    Dated dated = frost.dated(id);
    if (clock == null || dated == null) {
      return new BoatFrostView(
          false, weather.today(), "", null, null, List.of(), List.of(), List.of(), List.of());
    }
    Outlook outlook = dated.outlook();
    return new BoatFrostView(
        true,
        weather.today(),
        dated.standing().enclosure().kind().words(),
        outlook.deadline(),
        outlook.evenOdds(),
        outlook.share(),
        outlook.circuits().stream().map(BoatFrostView.CircuitFrost::of).toList(),
        tried(clock, dated),
        clock.ensemble().nights(NIGHTS_SHOWN));
  }

  /** What a pocket of water does through given hours of air. Stores nothing. */
  @PostMapping("/api/frost/pocket")
  PocketCourse pocket(@RequestBody PocketIn in) {
    if (in.hourlyC() == null) {
      throw Refused.value("hourlyC", "Give the air of each hour.");
    }
    return PocketCourse.of(
        new Pocket(
            required("tauHours", in.tauHours()), required("freezePointC", in.freezePointC())),
        required("startC", in.startC()),
        in.hourlyC());
  }

  private FrostView.BoatFrost line(Dated dated) {
    Outlook outlook = dated.outlook();
    return new FrostView.BoatFrost(
        dated.standing().boat(),
        outlook.deadline(),
        outlook.evenOdds(),
        outlook.deadline() == null
            ? null
            : (Integer) (int) ChronoUnit.DAYS.between(outlook.first(), outlook.deadline()),
        outlook.firstToGo() == null ? null : outlook.firstToGo().name());
  }

  private static FrostView.TonightView tonight(FrostClock clock, Dated dated) {
    Standing standing = dated.standing();
    Tonight tonight = Tonight.of(standing.protection(), dated.outlook(), tried(clock, dated));
    return new FrostView.TonightView(
        standing.boat(),
        standing.name(),
        standing.berth(),
        tonight.words(),
        tonight.action(),
        tonight.loss());
  }

  private static List<WhatIf> tried(FrostClock clock, Dated dated) {
    return WhatIf.of(
        clock, dated.standing().enclosure(), dated.standing().waters(), dated.outlook());
  }

  private static double required(String field, @Nullable Double value) {
    if (value == null) {
      throw Refused.value(field, "Must be a number.");
    }
    return value;
  }

  record PocketIn(
      Double tauHours, Double freezePointC, Double startC, @Nullable List<Double> hourlyC) {}
}
