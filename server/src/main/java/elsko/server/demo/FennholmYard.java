package elsko.server.demo;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Scale;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.core.procedure.card.UsualAnswers;
import elsko.server.bench.Shelf;
import elsko.server.bench.ShelfView;
import elsko.server.bench.ShelfView.InstrumentView;
import elsko.server.bench.ShelfView.NewInstrument;
import elsko.server.bench.ShelfView.NewLot;
import elsko.server.bench.ShelfView.NewProduct;
import elsko.server.fleet.Fleet;
import elsko.server.frost.SimulatedWeatherService;
import elsko.server.frost.Weather;
import elsko.server.work.log.Log;
import elsko.server.yard.AreaKind;
import elsko.server.yard.Berths;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Fennholm Yard on the Skeldra inlet, in the week before the first frost. All of it is made up. */
public class FennholmYard {
  private static final String LOT = "P38-112";
  private static final double JUG = GlycolCurve.of(Base.PG).freezePointC(0.378);

  private static final int DAYS_TO_THE_COLDEST = 92;

  private final Yards yards;
  private final Berths berths;
  private final Shelf shelf;
  private final Fleet fleet;
  private final Log log;
  private final Weather weather;
  private final SimulatedWeatherService simulated;
  private final FennholmCrew fennholmCrew;
  private final FennholmTanks fennholmTanks;
  private final FennholmStores fennholmStores;
  private final FennholmKit fennholmKit;
  private final Clock clock;
  private UsualAnswers usual;

  FennholmYard(
      Yards yards,
      Berths berths,
      Shelf shelf,
      Fleet fleet,
      Log log,
      Weather weather,
      SimulatedWeatherService simulated,
      FennholmCrew fennholmCrew,
      FennholmTanks fennholmTanks,
      FennholmStores fennholmStores,
      FennholmKit fennholmKit,
      Clock clock) {
    this.yards = yards;
    this.berths = berths;
    this.shelf = shelf;
    this.fleet = fleet;
    this.log = log;
    this.weather = weather;
    this.simulated = simulated;
    this.fennholmCrew = fennholmCrew;
    this.fennholmTanks = fennholmTanks;
    this.fennholmStores = fennholmStores;
    this.fennholmKit = fennholmKit;
    this.clock = clock;
  }

  /** Does nothing when that has happened before. */
  public void prepare() {
    if (!yards.none()) {
      return;
    }
    layOut();
    letItBeAutumn();
    stockShelf();
    FennholmFleet boats = new FennholmFleet(berths, fleet, log, clock, usual);
    new Sterndrives(boats).tell();
    new OtherLayouts(boats).tell();
    fennholmCrew.tellTheWalks();
    fennholmTanks.tell();
    fennholmStores.count();
    fennholmKit.hangUp();
  }

  private void layOut() {
    yards.foundToDemonstrate("Fennholm Yard");
    berths.addArea("Shed 1, cold", AreaKind.SHED, false, 2, 2, List.of("A"), 8);
    berths.addArea("The slip", AreaKind.ROWS, false, 42, 2, List.of("E"), 8);
    berths.addArea("The field", AreaKind.ROWS, false, 2, 21.5, List.of("C", "D"), 18);
    berths.addArea("Skeldra dock", AreaKind.DOCK, false, 2, 55, List.of("W"), 18);
    berths.addArea("Shed 2, heated", AreaKind.SHED, true, 84, 2, List.of("B"), 7);
    berths.addArea("Rack hall", AreaKind.RACK, false, 84, 21.5, List.of("R", "S"), 7);
  }

  /**
   * The made-up site has its own calendar: whenever the demonstration is first started, it is an
   * ordinary autumn morning there.
   */
  private void letItBeAutumn() {
    LocalDate coldest = weather.today().plusDays(DAYS_TO_THE_COLDEST);
    weather.setUp(coldest, simulated.past(weather.today(), coldest));
  }

  private void stockShelf() {
    shelf.addProduct(
        new NewProduct("Skeldra Pale 27", "pale blue", Base.PG, 0.27, -45.6, LabelRates.BURST));
    shelf.addProduct(
        new NewProduct("Skeldra Rose 38", "rose", Base.PG, 0.38, -59.4, LabelRates.BURST));
    shelf.addProduct(
        new NewProduct("Skeldra Deep 56", "violet", Base.PG, 0.56, -73.3, LabelRates.BURST));
    LocalDate today = LocalDate.now(clock);
    ShelfView view = shelf.view();
    shelf.addLot(new NewLot(product(view, "Skeldra Rose 38"), LOT, today.plusMonths(30)));
    shelf.addLot(new NewLot(product(view, "Skeldra Rose 38"), "P38-097", today.plusMonths(5)));
    shelf.addLot(new NewLot(product(view, "Skeldra Pale 27"), "P27-040", today.plusMonths(14)));
    shelf.addInstrument(
        new NewInstrument(
            "Bay glass", InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0.5, 5.0, 35.0));
    shelf.addInstrument(
        new NewInstrument(
            "Coolant glass", InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 0.5, 5.0, 35.0));
    shelf.addInstrument(
        new NewInstrument(
            "Old coolant glass", InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 1.0, 10.0, 30.0));
    shelf.addInstrument(
        new NewInstrument(
            "Bench digital", InstrumentKind.SIMULATED_DIGITAL, Scale.PG_FREEZE, 0.3, 5.0, 40.0));
    shelf.addInstrument(
        new NewInstrument("Brix glass", InstrumentKind.REFRACTOMETER, Scale.BRIX, 0.2, 10.0, 30.0));
    ShelfView stocked = shelf.view();
    InstrumentView glass = instrument(stocked, "Bay glass");
    shelf.checkZero(glass.id(), -0.2, "technician");
    shelf.checkZero(instrument(stocked, "Bench digital").id(), 0.0, "technician");
    shelf.checkZero(instrument(stocked, "Brix glass").id(), 0.0, "technician");
    Lot lot = shelf.lot(LOT);
    InstrumentUse with = shelf.instrument(glass.id(), clock.instant());
    InstrumentView coolantGlass = instrument(stocked, "Coolant glass");
    shelf.checkZero(coolantGlass.id(), 0.0, "technician");
    usual =
        new UsualAnswers(
            lot, with, shelf.instrument(coolantGlass.id(), clock.instant()), JUG, Map.of());
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
