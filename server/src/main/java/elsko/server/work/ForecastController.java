package elsko.server.work;

import elsko.core.Refused;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.fill.CircuitPath;
import elsko.core.fill.FillCourse;
import elsko.core.fill.FillQuestion;
import elsko.core.fill.FillTarget;
import elsko.core.fill.FilledSegment;
import elsko.core.fill.Prediction;
import elsko.core.fluid.Base;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.Predicted;
import elsko.server.bench.Devices;
import elsko.server.bench.Devices.DeviceReading;
import elsko.server.problems.NotFound;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What would stand in a boat's circuit, and what does by the simulated refractometer. */
@RestController
@RequestMapping("/api/boats/{id}")
class ForecastController {
  private static final int STEPS = 200;

  private final Log log;
  private final Yards yards;
  private final Devices devices;

  ForecastController(Log log, Yards yards, Devices devices) {
    this.log = log;
    this.yards = yards;
    this.devices = devices;
  }

  /** What a fill would leave in each segment of this boat, while the fluid goes in. */
  @PostMapping("/circuits/{circuit}/fill-forecast")
  Forecast forecast(
      @PathVariable UUID id, @PathVariable String circuit, @RequestBody ForecastIn in) {
    BoatState state = log.folded(id).state();
    Circuit of = state.boat().circuit(circuit);
    if (in.method() == null || !in.method().fills()) {
      throw Refused.value("method", "Say how it is filled: POUR, DRAW or DRAW_UNDRAINED.");
    }
    if (of.methods().stream().noneMatch(Method::fills)) {
      throw Refused.value("circuit", "Nothing is filled with antifreeze there.");
    }
    double product = required("massFraction", in.massFraction());
    Set<String> reached =
        in.method() == Method.POUR ? pouredInto(of) : state.boat().drawReaches(of);
    FillQuestion question =
        new FillQuestion(
            Base.PG,
            product,
            in.method(),
            required("liters", in.liters()),
            thermostatOpen(in),
            CircuitPath.planned(of, reached, in.method(), notDrained(of, in)),
            FillTarget.of(yards.need(), Base.PG, product));
    FillCourse course = FillCourse.of(question, STEPS);
    List<Look> looks =
        IntStream.range(0, course.looks())
            .mapToObj(
                look ->
                    new Look(
                        course.exhaustLiters(look), course.weakest(look), course.segments(look)))
            .toList();
    Prediction last = Prediction.of(question);
    return new Forecast(
        question.liters(),
        question.target().massFraction() > 1 ? null : question.target().massFraction(),
        last.litersToReach(),
        last.litersToReachReason(),
        looks);
  }

  private static Set<String> pouredInto(Circuit of) {
    if (of.pourPoints().isEmpty()) {
      throw Refused.value("method", "There is no hose on it to pour into: draw it through.");
    }
    return of.pourPoints().stream()
        .flatMap(pour -> pour.fills().stream())
        .collect(Collectors.toSet());
  }

  private static Set<String> notDrained(Circuit of, ForecastIn in) {
    if (in.notDrained() == null) {
      return Set.of();
    }
    in.notDrained().forEach(key -> hasSegment(of, key));
    return Set.copyOf(in.notDrained());
  }

  private static void hasSegment(Circuit of, String key) {
    if (of.segments().stream().noneMatch(segment -> segment.key().equals(key))) {
      throw Refused.value("notDrained", "The %s has no segment \"%s\".".formatted(of.name(), key));
    }
  }

  /** Reads the bottle of a low point with a digital instrument. */
  @PostMapping("/low-points/{point}/device-reading")
  DeviceReading read(@PathVariable UUID id, @PathVariable String point, @RequestBody ReadIn in) {
    BoatState state = log.folded(id).state();
    if (!state.boat().hasLowPoint(point)) {
      throw new NotFound("lowPoint", "This boat has no such low point.");
    }
    String circuit = state.boat().circuitOfLowPoint(point).key();
    Predicted predicted = Predicted.of(state.boat(), state.circuit(circuit));
    if (predicted == null) {
      throw Refused.state("lowPoint", "Nothing was filled there: there is no sample to read.");
    }
    String segment = state.boat().lowPoint(point).segment();
    return devices.read(in.instrument(), predicted.segment(segment).lowestCellMassFraction());
  }

  private static boolean thermostatOpen(ForecastIn in) {
    if (in.thermostatOpen() == null) {
      throw Refused.value("thermostatOpen", "Say whether it is open; it is missing.");
    }
    return in.thermostatOpen();
  }

  private static double required(String field, @Nullable Double value) {
    if (value == null) {
      throw Refused.value(field, "Must be a number; it is missing.");
    }
    return value;
  }

  /**
   * What is tried.
   *
   * @param massFraction of the product, 0 to 0.60
   * @param notDrained keys of segments whose drain does not run
   */
  record ForecastIn(
      Method method,
      Double liters,
      Double massFraction,
      Boolean thermostatOpen,
      List<String> notDrained) {}

  /**
   * What it would leave, looked at in equal steps from nothing to all.
   *
   * @param neededMassFraction by what the yard guards against; null when no mixture reaches it
   * @param litersToReach until every segment is full and strong enough; null when never
   */
  record Forecast(
      double liters,
      Double neededMassFraction,
      Double litersToReach,
      @Nullable String litersToReachReason,
      List<Look> looks) {}

  /** One look; segments are named by their keys. */
  record Look(double exhaustLiters, String weakest, List<FilledSegment> segments) {}

  record ReadIn(UUID instrument) {}
}
