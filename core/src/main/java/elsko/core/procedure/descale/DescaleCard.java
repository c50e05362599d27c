package elsko.core.procedure.descale;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.fill.CircuitPath;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.FlushWords;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;

/** Acid brought to the scale, each engine by its own variant, until a sea trial closes the job. */
public final class DescaleCard implements CardPlan {
  private static final String SOAKED = "Soak finished: continue.";
  private static final String SOAKED_TOO_LONG =
      "Soaked too long: acid eats metal once the scale is gone. Rinse now.";

  /** Everything reached, the feed hose, and a tenth more. */
  private static final double MORE = 1.1;

  private static final double FEED_HOSE_LITERS = 1.0;

  private static final String NOT_LOWER =
      "The plateau is not lower than before: some of the scale is still there.";

  /** Of two shots the second has about a quarter, kept back. */
  private static final double SECOND_SHOT = 0.25;

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      steps.add(before(on));
      switch (request.descaleVariant(on.circuit())) {
        case TANK_SOAK -> tankSoak(on, steps);
        case STRAINER_SOAK -> strainerSoak(on, steps);
        case CLOSED_LOOP -> closedLoop(on, steps);
      }
      lookAtTheElbow(on, steps);
    }
    steps.add(seaTrial(request));
    return steps;
  }

  @Override
  public List<Card.Chosen> chosen(CardRequest request) {
    return request.circuits().stream().map(DescaleCard::chosen).toList();
  }

  private static Card.Chosen chosen(OnCircuit on) {
    DescaleVariant variant = on.request().descaleVariant(on.circuit());
    boolean usual = variant == DescaleVariant.usual(on.boat(), on.circuit());
    return Card.Chosen.variant(on.circuit(), usual, variant.words(), variant.reason());
  }

  /** Liters that fill what the variant reaches. */
  static double fill(OnCircuit on, DescaleVariant variant) {
    double reached =
        variant.reaches(on.circuit()).stream().mapToDouble(CircuitPath::keptWhileRunning).sum();
    return Math.ceil((reached + FEED_HOSE_LITERS) * MORE);
  }

  private static Step before(OnCircuit on) {
    return WarmUp.step(on, PlateauCompared.BEFORE)
        .why(
            "The warm plateau before, during and after is what shows success. The thermostat has to open.")
        .written();
  }

  private static void tankSoak(OnCircuit on, List<Step> steps) {
    double first = fill(on, DescaleVariant.TANK_SOAK);
    double second = Math.ceil(first * SECOND_SHOT / (1 - SECOND_SHOT));
    steps.add(
        shot(on, "first-shot", "Draw the first shot", DescaleVariant.TANK_SOAK, first)
            .how(
                mix(first + second)
                    .then(
                        " Mind the flow arrow of the one-way fitting; all valves shut before a hose is"
                            + " opened. Draw until it shows at the exhaust, keep about a quarter back,"
                            + " stop, shut the valves. The tank stands so that it cannot run out."))
            .after(on.key(PlateauCompared.BEFORE))
            .soak(240, 360, SOAKED, SOAKED_TOO_LONG)
            .written());
    steps.add(rinse(on, PlateauCompared.RINSE, "Flush fresh 3 to 4 minutes", "first-shot", false));
    steps.add(
        shot(on, "second-shot", "Draw the second shot", DescaleVariant.TANK_SOAK, second)
            .how("What was kept back. Milky or chalky outflow is scale dissolving.")
            .after(on.key(PlateauCompared.RINSE))
            .soak(20, 30, SOAKED, SOAKED_TOO_LONG)
            .written());
    steps.add(rinse(on, PlateauCompared.FINAL, "Final flush, 5 to 6 minutes", "second-shot", true));
  }

  private static void strainerSoak(OnCircuit on, List<Step> steps) {
    double liters = fill(on, DescaleVariant.STRAINER_SOAK);
    steps.add(muffler(on));
    steps.add(
        shot(
                on,
                "first-shot",
                "Draw it in through the strainer",
                DescaleVariant.STRAINER_SOAK,
                liters)
            .how(
                mix(liters)
                    .then(
                        " Seacock SHUT, basket out, feed adapter with its gasket on the strainer. Draw in"
                            + " enough for coolers and muffler; basket and lid back."))
            .after(on.key("muffler"))
            .soak(240, 300, SOAKED, SOAKED_TOO_LONG)
            .written());
    steps.add(
        rinse(on, PlateauCompared.FINAL, "Restart and watch the exhaust", "first-shot", true));
    if (compared(on).isNotLowerAfter(1)) {
      double second = Math.ceil(liters * SECOND_SHOT);
      steps.add(
          shot(
                  on,
                  "second-shot",
                  "Draw a second shot in through the strainer",
                  DescaleVariant.STRAINER_SOAK,
                  second)
              .how(mix(second).then(" ", NOT_LOWER))
              .after(on.key(PlateauCompared.FINAL))
              .soak(20, 30, SOAKED, SOAKED_TOO_LONG)
              .written());
      steps.add(
          rinse(on, PlateauCompared.SECOND, "Restart and watch it again", "second-shot", true));
    }
  }

  private static void closedLoop(OnCircuit on, List<Step> steps) {
    double liters = fill(on, DescaleVariant.CLOSED_LOOP);
    steps.add(
        loop(on, "loop", "Circulate from a bucket, past the impeller pump", liters)
            .how(
                mix(liters)
                    .then(
                        " Bypass hoses on, transfer pump in the bucket; leak-test with plain water first."
                            + " Circulate until the indicator color says the acid is spent; a bottle spent"
                            + " quickly is followed by a fresh one. Log the debris."))
            .after(on.key(PlateauCompared.BEFORE))
            .soak(180, 240, SOAKED, SOAKED_TOO_LONG)
            .written());
    steps.add(hosesBack(on, "restore", "loop"));
    steps.add(rinse(on, PlateauCompared.FINAL, "Start and look for drips", "restore", true));
    if (compared(on).isNotLowerAfter(1)) {
      steps.add(
          loop(on, "second-loop", "Circulate a fresh bottle", liters)
              .how(mix(liters).then(" ", NOT_LOWER))
              .after(on.key(PlateauCompared.FINAL))
              .soak(180, 240, SOAKED, SOAKED_TOO_LONG)
              .written());
      steps.add(hosesBack(on, "second-restore", "second-loop"));
      steps.add(rinse(on, PlateauCompared.SECOND, "Start and look again", "second-restore", true));
    }
  }

  private static Step.Draft loop(OnCircuit on, String key, String title, double liters) {
    return on.step(key, title)
        .why("Exchanger and coolers only: the rest keeps its clock.")
        .tools(List.of("transfer pump", "two bypass hoses", "bucket"))
        .hazards(Cautions.ACID, Cautions.CATCH)
        .asks(
            List.of(
                set(on.boat().suctionHose(on.circuit()), OFF),
                set(on.the(FittingKind.OUTLET_HOSE), OFF),
                new Ask.Descale(
                    "in the bucket",
                    on.circuit().key(),
                    keys(on, DescaleVariant.CLOSED_LOOP),
                    liters)))
        .minutes(25);
  }

  private static Step hosesBack(OnCircuit on, String key, String after) {
    return on.step(key, "Put the hoses back")
        .how(
            "Bypass hoses off, the boat's own hoses on and clamped, at the pump and behind the exchanger.")
        .why("A bypass hose that stays is a loose end.")
        .tools(List.of("screwdriver"))
        .asks(
            List.of(
                Ask.See.of(on.engine(), Conditions.DESCALER),
                set(on.boat().suctionHose(on.circuit()), CLAMPED),
                set(on.the(FittingKind.OUTLET_HOSE), CLAMPED)))
        .after(on.key(after))
        .minutes(8)
        .written();
  }

  private static PlateauCompared compared(OnCircuit on) {
    return PlateauCompared.of(on.request().progress(), on.circuit().key());
  }

  /** Two shots did not bring the plateau down: what narrows the path is not scale alone. */
  private static void lookAtTheElbow(OnCircuit on, List<Step> steps) {
    boolean tank = on.request().descaleVariant(on.circuit()) == DescaleVariant.TANK_SOAK;
    if (!compared(on).isNotLowerAfter(tank ? 1 : 2)) {
      return;
    }
    steps.add(
        on.step("elbow", "Look at the elbow")
            .how(
                "Off at its joints, look through it: carbon and rust narrow it where acid is weak.")
            .why("Two shots did not bring the plateau down.")
            .tools(List.of("spanners", "lamp", "new gasket"))
            .hazards(
                "Old exhaust lagging may be asbestos: leave it, licensed people.", Cautions.HOT)
            .asks(List.of(new Ask.Note("what the elbow looks like inside")))
            .after(on.key(tank ? PlateauCompared.FINAL : PlateauCompared.SECOND))
            .minutes(40)
            .written());
  }

  /** Its water would dilute the mix. */
  private static Step muffler(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    for (LowPoint point : on.circuit().lowPoints()) {
      boolean muffler =
          on.circuit().segment(point.segment()).kind() == SegmentKind.MUFFLER
              && point.opens() != null;
      if (muffler) {
        asks.add(LowPoints.open(on, point));
        asks.add(LowPoints.close(on, point));
      }
    }
    return on.step("muffler", "Drain the muffler, refit its plug")
        .how("Plug out until it stops running, then back IN.")
        .why("Its water would dilute the mix.")
        .tools(List.of("catch pan"))
        .hazards(Cautions.HOT)
        .asks(asks)
        .after(on.key(PlateauCompared.BEFORE))
        .minutes(8)
        .written();
  }

  private static Step.Draft shot(
      OnCircuit on, String key, String title, DescaleVariant variant, double liters) {
    Running run = Running.of(on);
    WaterSupply.tankOn(on, run, false);
    run.start(StartBasis.FED)
        .ask(new Ask.Descale("drawn from the tank", on.circuit().key(), keys(on, variant), liters))
        .stop();
    WaterSupply.tankOff(on, run);
    return on.step(key, title)
        .why("Acid needs contact and time. Cheaper than pulling mufflers, so it is tried first.")
        .tools(List.of("tank kit, rinsed", "gloves", "goggles"))
        .hazards(
            Cautions.ACID,
            "Look up what metals and anodes the product allows. The tank kit is the one used for"
                + " antifreeze: rinse it before it changes use.")
        .hazards(Cautions.start(on))
        .asks(run.asks())
        .feed(FeedGuard.tank(on.boat().engine(on.circuit()), liters))
        .minutes(20);
  }

  private static Step rinse(OnCircuit on, String key, String title, String after, boolean isLast) {
    boolean afloat = on.request().state().afloat();
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    List<Ask> asks;
    if (afloat) {
      asks =
          Running.of(on)
              .set(FittingKind.SEACOCK, OPEN, "")
              .start(StartBasis.AFLOAT)
              .plateau(isLast ? "gauge holds at, after" : "gauge holds at")
              .stop()
              .asks();
    } else {
      Running run = WaterSupply.waterOn(on, variant);
      run.plateau(isLast ? "gauge holds at, after" : "gauge holds at");
      asks = WaterSupply.waterOff(on, run, variant).asks();
    }
    return on.step(key, title)
        .how(
            Text.of("Fresh water through, watch the temperature and the outflow.")
                .then(
                    afloat
                        ? ""
                        : Text.of(
                            " %s",
                            FeedWords.of(
                                variant.feed(on.boat().engine(on.circuit()), isLast ? 6 : 4))),
                    isLast
                        ? " A plateau lower than before is success; the record keeps all of them."
                        : ""))
        .why("Spent acid left standing eats metal instead of scale.")
        .tools(afloat ? List.of() : FlushWords.tools(variant))
        .hazards(Cautions.ACID)
        .hazards(Cautions.start(on))
        .asks(asks)
        .after(on.key(after))
        .feed(afloat ? null : variant.feed(on.boat().engine(on.circuit()), isLast ? 6 : 4))
        .run(
            isLast ? 5 : 3,
            isLast ? 6 : 4,
            "Long enough, if it runs clear.",
            "Longer than it needs: read the gauge and stop.")
        .minutes(isLast ? 8 : 5)
        .written();
  }

  private static Step seaTrial(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      on.all(FittingKind.LOAD_LIMIT).forEach(limit -> asks.add(set(limit, NONE)));
      asks.add(
          new Ask.Service(
              "descale of the %s closed".formatted(on.shortName()), on.engine(), "descale"));
    }
    asks.add(new Ask.Note("under load: plateau, steam, flow"));
    return Step.called(Procedure.DESCALE.lastStep(), "Sea trial under load, on a later day")
        .how(
            "Under load until the gauge is flat. White cloud in the engine space: stop, suspect elbow and muffler;"
                + " low load only until descaled again.")
        .why(
            "Only under load does it show whether the path is free. The card stays open until then.")
        .hazards("Nobody leans over the engine while it is under load.")
        .asks(asks)
        .minutes(45)
        .people(2)
        .written();
  }

  private static List<String> keys(OnCircuit on, DescaleVariant variant) {
    return variant.reaches(on.circuit()).stream().map(Segment::key).toList();
  }

  private static Text mix(double liters) {
    return Text.of(
        "Have %s ready to use: ratios are always water : concentrate; water first, concentrate slowly into it.",
        Quantity.liters(liters));
  }

  private static Ask set(Fitting fitting, FittingState to) {
    return new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to);
  }
}
