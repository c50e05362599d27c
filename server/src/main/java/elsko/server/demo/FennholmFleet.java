package elsko.server.demo;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineDetails;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.procedure.card.UsualAnswers;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Log;
import elsko.server.yard.Berths;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Puts the boats of the demonstration into the books, each with what happened to it. */
final class FennholmFleet {
  static final double DILUTED = GlycolCurve.of(Base.PG).freezePointC(0.21);
  static final double SLIGHTLY_WEAK = GlycolCurve.of(Base.PG).freezePointC(0.327);

  /** Made up, as everything here. */
  private static final List<String> OWNERS =
      List.of(
          "A. Verrin",
          "M. Tolbeck",
          "S. Ondry",
          "J. Halvek",
          "R. Quist",
          "E. Marrow",
          "B. Zelinth",
          "K. Ostrell",
          "D. Fennick",
          "L. Brandel",
          "P. Isker");

  final UsualAnswers usual;
  private final Berths berths;
  private final Fleet fleet;
  private final Log log;
  private final Clock clock;
  private int hulls = 100;

  FennholmFleet(Berths berths, Fleet fleet, Log log, Clock clock, UsualAnswers usual) {
    this.berths = berths;
    this.fleet = fleet;
    this.log = log;
    this.clock = clock;
    this.usual = usual;
  }

  UsualAnswers reading(String lowPoint, double freezePointC) {
    return usual.reading(Map.of(lowPoint, freezePointC));
  }

  void laidUp(
      String name,
      double lengthM,
      String berth,
      int daysAgo,
      Method method,
      DrainArrangement drains) {
    sterndrive(
        name,
        lengthM,
        berth,
        drains,
        daysAgo,
        story -> story.cameIn(false).by("technician").opens(method).through("close", usual));
  }

  /** Filled and clamped; nobody has sampled it yet. */
  void filled(
      String name,
      double lengthM,
      String berth,
      int daysAgo,
      Method method,
      DrainArrangement drains) {
    String last = method == Method.POUR ? "clamp" : "draw";
    sterndrive(
        name,
        lengthM,
        berth,
        drains,
        daysAgo,
        story -> story.cameIn(false).by("technician").opens(method).through(last, usual));
  }

  void sterndrive(
      String name,
      double lengthM,
      String berth,
      DrainArrangement drains,
      int daysAgo,
      UnaryOperator<DemoStory> happens) {
    EngineDescription engine =
        EngineDescription.usual(Position.CENTER, Fuel.PETROL, 8, Cooling.RAW_WATER)
            .with(drains)
            .with(hours(120 + Math.floor(lengthM * 53)));
    tell(
        described(name, BoatKind.POWER, lengthM, Layout.STERNDRIVE, engine),
        berth,
        daysAgo,
        happens);
  }

  /** A boat with every accessory answered: those named yes, the others no. */
  BoatDescription described(
      String name,
      BoatKind kind,
      double lengthM,
      Layout layout,
      EngineDescription engine,
      Accessory... has) {
    return described(
        name, kind, lengthM, layout, engine == null ? List.of() : List.of(engine), answers(has));
  }

  BoatDescription described(
      String name,
      BoatKind kind,
      double lengthM,
      Layout layout,
      List<EngineDescription> engines,
      Map<Accessory, Answer> answers) {
    hulls += 7;
    return new BoatDescription(
        name,
        "FEN-" + hulls,
        kind,
        lengthM,
        layout,
        engines,
        answers,
        answers.get(Accessory.DOMESTIC_WATER) == Answer.YES ? Math.floor(lengthM * 18) : null,
        WaterUsedIn.SALT,
        false,
        null,
        OWNERS.get(hulls % OWNERS.size()),
        "",
        List.of(),
        List.of(),
        List.of());
  }

  static Map<Accessory, Answer> answers(Accessory... has) {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    for (Accessory accessory : Accessory.values()) {
      answers.put(accessory, List.of(has).contains(accessory) ? Answer.YES : Answer.NO);
    }
    return answers;
  }

  static EngineDetails hours(double hours) {
    return new EngineDetails(
        null, hours, null, "", null, null, null, "", null, null, null, null, null, null, null, null,
        null, "", "");
  }

  /** Puts a boat at its berth and lets things happen to it. */
  void tell(
      BoatDescription description, String berth, int daysAgo, UnaryOperator<DemoStory> happens) {
    BoatRow boat = fleet.add(description);
    Instant begins = clock.instant().minus(Duration.ofDays(daysAgo)).minus(Duration.ofHours(11));
    DemoStory story = new DemoStory(boat.boat(), begins, clock.getZone());
    FennholmPast.tell(description.name(), story);
    Berths.Place place = berths.placeNamed(berth);
    if (place.afloat()) {
      story.launched(place);
    } else {
      story.berthed(place);
    }
    log.keep(boat.id(), happens.apply(story).log());
  }
}
