package elsko.server.frost;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.frost.FrostClock;
import elsko.core.frost.FrostPast;
import elsko.core.frost.FrostWords;
import elsko.core.frost.Outlook;
import elsko.core.frost.Pocket;
import elsko.core.frost.PocketCourse;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.server.frost.FleetFrost.Dated;
import elsko.server.work.log.Log;
import elsko.server.work.view.AskView;
import java.util.ArrayList;
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
  private final FleetFrost frost;
  private final Weather weather;
  private final FrostShown shown;
  private final Log log;

  FrostController(FleetFrost frost, Weather weather, FrostShown shown, Log log) {
    this.shown = shown;
    this.frost = frost;
    this.weather = weather;
    this.log = log;
  }

  /** The frost clock over the yard. */
  @GetMapping("/api/frost")
  FrostView yard() {
    return shown.yard();
  }

  /** The frost clock of one boat, with what would change it. */
  @GetMapping("/api/boats/{id}/frost")
  BoatFrostView boat(@PathVariable UUID id) {
    FrostClock clock = frost.clock();
    Dated dated = frost.dated(id);
    if (clock == null || dated == null) {
      return new BoatFrostView(
          false,
          weather.today(),
          "",
          null,
          null,
          List.of(),
          List.of(),
          List.of(),
          feared(log.folded(id).state(), FrostPast.NONE),
          List.of());
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
        FrostShown.tried(clock, dated),
        feared(dated.standing().state(), dated.past()),
        clock.ensemble().nights(FrostShown.NIGHTS));
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

  private static List<BoatFrostView.FearedView> feared(BoatState state, FrostPast past) {
    List<BoatFrostView.FearedView> feared = new ArrayList<>();
    for (CircuitState broken : state.brokenByFrost()) {
      feared.add(
          look(
              broken.circuit().key(),
              broken.circuit().name(),
              "%s was found. Mended, it is looked at again."
                  .formatted(Words.sentence(broken.history().found().words()))));
    }
    past.frozen()
        .forEach(
            one -> feared.add(look(one.circuit(), one.name(), FrostWords.froze(List.of(one)))));
    past.unknown()
        .forEach(one -> feared.add(look(one.circuit(), one.name(), FrostWords.unknown(one))));
    return List.copyOf(feared);
  }

  private static BoatFrostView.FearedView look(String circuit, String name, String words) {
    return new BoatFrostView.FearedView(circuit, words, AskView.ConditionView.ofFrost(name));
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
