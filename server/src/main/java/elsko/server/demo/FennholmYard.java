package elsko.server.demo;

import elsko.core.boat.DrainArrangement;
import elsko.core.boat.FittingState;
import elsko.core.boat.Layout;
import elsko.core.boat.WaterUsedIn;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Scale;
import elsko.core.ledger.Fact;
import elsko.core.ledger.InstrumentUse;
import elsko.core.ledger.Lot;
import elsko.core.ledger.Method;
import elsko.core.ledger.Seen;
import elsko.core.procedure.UsualAnswers;
import elsko.server.bench.Shelf;
import elsko.server.bench.Shelf.InstrumentView;
import elsko.server.bench.Shelf.NewInstrument;
import elsko.server.bench.Shelf.NewLot;
import elsko.server.bench.Shelf.NewProduct;
import elsko.server.bench.Shelf.ShelfView;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.work.Log;
import elsko.server.yard.AreaKind;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fennholm Yard on the Skeldra inlet, in the week before the first frost. All of it is made up. */
@Component
@ConditionalOnProperty("elsko.demo")
public class FennholmYard {
  private static final String LOT = "P38-112";
  private static final double JUG = GlycolCurve.of(Base.PG).freezePointC(0.378);
  private static final double DILUTED = GlycolCurve.of(Base.PG).freezePointC(0.21);
  private static final double SLIGHTLY_WEAK = GlycolCurve.of(Base.PG).freezePointC(0.327);

  private final Yards yards;
  private final Shelf shelf;
  private final Fleet fleet;
  private final Log log;
  private final Clock clock;
  private UsualAnswers usual;

  FennholmYard(Yards yards, Shelf shelf, Fleet fleet, Log log, Clock clock) {
    this.yards = yards;
    this.shelf = shelf;
    this.fleet = fleet;
    this.log = log;
    this.clock = clock;
  }

  /** Does nothing when that has happened before. */
  public void prepare() {
    if (!yards.none()) {
      return;
    }
    layOut();
    stockShelf();
    proven();
    waiting();
    troubled();
    stillOut();
  }

  private void layOut() {
    yards.found("Fennholm Yard");
    yards.addArea("Shed 1, cold", AreaKind.SHED, 2, 2, List.of("A"), 8);
    yards.addArea("The slip", AreaKind.ROWS, 42, 2, List.of("E"), 8);
    yards.addArea("The field", AreaKind.ROWS, 2, 19.5, List.of("C", "D"), 18);
    yards.addArea("Skeldra dock", AreaKind.DOCK, 2, 49, List.of("W"), 18);
  }

  private void stockShelf() {
    shelf.addProduct(
        new NewProduct("Skeldra Pale 27", "pale blue", Base.PG, 0.27, -45.6, LabelRates.BURST));
    shelf.addProduct(
        new NewProduct("Skeldra Rose 38", "rose", Base.PG, 0.38, -59.4, LabelRates.BURST));
    shelf.addProduct(
        new NewProduct("Skeldra Deep 56", "violet", Base.PG, 0.56, -73.3, LabelRates.BURST));
    LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    ShelfView view = shelf.view();
    shelf.addLot(new NewLot(product(view, "Skeldra Rose 38"), LOT, today.plusMonths(30)));
    shelf.addLot(new NewLot(product(view, "Skeldra Rose 38"), "P38-097", today.plusMonths(5)));
    shelf.addLot(new NewLot(product(view, "Skeldra Pale 27"), "P27-040", today.plusMonths(14)));
    shelf.addInstrument(
        new NewInstrument(
            "Bay glass", InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0.5, 5.0, 35.0));
    shelf.addInstrument(
        new NewInstrument(
            "Old coolant glass", InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 1.0, 10.0, 30.0));
    ShelfView stocked = shelf.view();
    InstrumentView glass = instrument(stocked, "Bay glass");
    shelf.checkZero(glass.id(), -0.2, "technician");
    Lot lot = shelf.lot(LOT);
    InstrumentUse with = shelf.instrument(glass.id(), clock.instant());
    usual = new UsualAnswers(lot, with, JUG, Map.of());
  }

  private void proven() {
    laidUp("Thrift", 6.4, "A1", 11, Method.POUR, DrainArrangement.FOUR_DRAINS);
    laidUp("Harebell", 5.8, "A2", 10, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    laidUp("Sandwort", 7.9, "A5", 9, Method.POUR, DrainArrangement.FOUR_DRAINS);
    laidUp("Oarweed", 6.9, "A7", 8, Method.DRAW, DrainArrangement.FOUR_DRAINS_ONE_SENSOR);
    laidUp("Turnstone", 7.2, "C4", 7, Method.POUR, DrainArrangement.FOUR_DRAINS);
    laidUp("Glasswort", 8.4, "D1", 6, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    laidUp("Burnet", 6.0, "C13", 12, Method.POUR, DrainArrangement.FOUR_DRAINS);
    laidUp("Silverweed", 7.7, "C16", 5, Method.DRAW, DrainArrangement.FOUR_DRAINS);
    laidUp("Stonecrop", 6.6, "D12", 9, Method.POUR, DrainArrangement.FOUR_DRAINS);
    laidUp("Hawkbit", 5.7, "D15", 8, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    laidUp("Seablite", 8.0, "D17", 4, Method.POUR, DrainArrangement.FOUR_DRAINS);
    tell(
        "Sea Pea",
        7.0,
        "D6",
        DrainArrangement.FOUR_DRAINS,
        5,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("clamp", usual)
                .through("prove", reading("manifold-port", SLIGHTLY_WEAK))
                .through("close", usual));
  }

  private void waiting() {
    tell(
        "Quillwort",
        8.1,
        "C7",
        DrainArrangement.FOUR_DRAINS,
        1,
        story -> story.cameIn(false).by("technician").opens(Method.POUR).through("clamp", usual));
    tell(
        "Bladderwrack",
        6.6,
        "E2",
        DrainArrangement.FOUR_DRAINS,
        1,
        story -> story.cameIn(false).by("technician").opens(Method.DRAW).through("draw", usual));
    tell(
        "Eelgrass",
        5.9,
        "A8",
        DrainArrangement.FOUR_DRAINS,
        4,
        story -> story.cameIn(false).by("technician").opens(Method.DRY).through("close", usual));
    tell(
        "Dunlin",
        7.6,
        "C10",
        DrainArrangement.FOUR_DRAINS_ONE_SENSOR,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", usual)
                .begins(5, usual));
    tell("Saltglass", 8.8, "A3", DrainArrangement.FOUR_DRAINS, 2, story -> story.cameIn(false));
    tell("Sea Rocket", 6.2, "D9", DrainArrangement.FOUR_DRAINS, 2, story -> story.cameIn(false));
    tell(
        "Lovage",
        7.4,
        "E6",
        DrainArrangement.ONE_CENTRAL_DRAIN,
        1,
        story -> story.cameIn(false).set("cover", FittingState.TARP, "owner asked for a tarp"));
  }

  private void troubled() {
    tell(
        "Marram",
        7.4,
        "C2",
        DrainArrangement.FOUR_DRAINS,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", usual)
                .note("drain", "starboard block slow, then stopped; thought it was empty")
                .through("clamp", usual)
                .through("prove", reading("block-starboard", DILUTED)));
    tell(
        "Tide Table",
        6.7,
        "D3",
        DrainArrangement.FOUR_DRAINS,
        3,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.DRY)
                .through("hoses-low", usual)
                .later(Duration.ofHours(20))
                .at("close", new Fact.BagCounted(4)));
    tell(
        "Scurvygrass",
        6.1,
        "E4",
        DrainArrangement.FOUR_DRAINS,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", usual)
                .at("drain", new Fact.FittingSet("battery", FittingState.OFF, false, ""))
                .at(
                    "drain",
                    new Fact.FittingSet(
                        "block-starboard-drain", FittingState.OUT_BAGGED, false, ""))
                .at("drain", new Fact.LowPointSeen("block-starboard", Seen.DID_NOT_RUN))
                .note("drain", "rod is with the tank kit, back after lunch"));
  }

  private void stillOut() {
    tell("Night Heron", 8.6, "W2", DrainArrangement.FOUR_DRAINS, 20, story -> story.cameIn(true));
    tell("Sanderling", 7.1, "W5", DrainArrangement.FOUR_DRAINS, 18, story -> story.cameIn(true));
    tell("Whimbrel", 6.3, "E8", DrainArrangement.FOUR_DRAINS, 0, story -> story);
  }

  private void laidUp(
      String name,
      double lengthM,
      String berth,
      int daysAgo,
      Method method,
      DrainArrangement drains) {
    tell(
        name,
        lengthM,
        berth,
        drains,
        daysAgo,
        story -> story.cameIn(false).by("technician").opens(method).through("close", usual));
  }

  private void tell(
      String name,
      double lengthM,
      String berth,
      DrainArrangement drains,
      int daysAgo,
      UnaryOperator<DemoStory> happens) {
    BoatRow boat =
        fleet.add(
            new Fleet.Described(
                name,
                lengthM,
                Layout.STERNDRIVE,
                drains,
                WaterUsedIn.SALT,
                120 + Math.floor(lengthM * 53),
                "",
                ""));
    Instant begins = clock.instant().minus(Duration.ofDays(daysAgo)).minus(Duration.ofHours(5));
    DemoStory story = new DemoStory(boat.boat(), begins).berthed(yards.placeNamed(berth));
    log.keep(boat.id(), happens.apply(story).log());
  }

  private UsualAnswers reading(String lowPoint, double freezePointC) {
    return new UsualAnswers(
        usual.lot(), usual.instrument(), usual.jugReading(), Map.of(lowPoint, freezePointC));
  }

  private static UUID product(ShelfView view, String name) {
    return view.products().stream()
        .filter(product -> product.name().equals(name))
        .findFirst()
        .orElseThrow()
        .id();
  }

  private static InstrumentView instrument(ShelfView view, String name) {
    return view.instruments().stream()
        .filter(instrument -> instrument.name().equals(name))
        .findFirst()
        .orElseThrow();
  }
}
