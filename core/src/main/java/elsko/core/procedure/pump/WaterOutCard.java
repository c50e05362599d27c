package elsko.core.procedure.pump;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Text;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.SegmentKind;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Conditions;
import elsko.core.limits.CylinderConditions;
import elsko.core.limits.Interval;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.FlushWords;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.CylinderOpening;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.FoundOnCard;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.RinseRun;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;

/**
 * Water out of the cylinders of an engine that stopped dead: a job for the same day, before
 * lay-ups, for days with salt water inside end the engine.
 */
public final class WaterOutCard implements CardPlan {
  static final String STOP = "no-cranking";
  static final String CAME_IN = "came-in";
  static final String MUFFLER = "muffler-empty";
  static final String OPEN = "cylinders-open";
  static final String OUT = "water-out";
  static final String OIL_IN = "oil-in";
  static final String BACK = "cylinders-shut";
  static final String NEW_OIL = "new-oil";
  static final String RUN = "run-dry";

  /** Days with salt water inside end an engine: it is gone about within one. */
  private static final String SAME_DAY =
      "Days with salt water inside end the engine. Today, before lay-ups.";

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      steps.add(noCranking(on));
      steps.add(cameIn(on));
      Step muffler = muffler(on);
      if (muffler != null) {
        steps.add(muffler);
      }
      steps.add(open(on));
      steps.add(waterOut(on));
      steps.add(oilIn(on));
      steps.add(back(on));
      if (new FoundOnCard(on).is(Conditions.OIL_LOOK, "milky") || isBegun(on, NEW_OIL)) {
        steps.add(newOil(on));
      }
      steps.add(run(on));
    }
    steps.add(oilAfter(request));
    return steps;
  }

  @Override
  public List<Card.Chosen> chosen(CardRequest request) {
    return request.circuits().stream()
        .map(
            on -> {
              CylinderOpening opening = CylinderOpening.possible(on.boat(), on.circuit()).get(0);
              return Card.Chosen.variant(on.circuit(), true, opening.words(), opening.reason());
            })
        .toList();
  }

  private static boolean isBegun(OnCircuit on, String step) {
    return !on.request().progress().step(on.key(step)).entries().isEmpty();
  }

  private static boolean isPetrol(OnCircuit on) {
    return CylinderOpening.possible(on.boat(), on.circuit()).get(0) == CylinderOpening.PLUGS;
  }

  private static Step noCranking(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.BATTERY_SWITCH, FittingState.OFF));
    asks.addAll(on.set(FittingKind.SEACOCK, SHUT));
    asks.add(Ask.See.of(on.engine(), Conditions.CYLINDERS));
    return on.step(STOP, "No more cranking")
        .how(
            "Battery off, seacock shut. Did it stop dead, or will it not turn by hand? Then water stands on a"
                + " piston: not one more touch of the starter.")
        .why("Water does not give. A rod does.")
        .hazards(Cautions.STOPPED, SAME_DAY)
        .asks(asks)
        .minutes(5)
        .written();
  }

  private static Step cameIn(OnCircuit on) {
    return on.step(CAME_IN, "How did it come in?")
        .how(
            "Turned for long with the seacock open? Siphon break, its height and its valve; elbow and riser from"
                + " inside, with a lamp; oil and coolant for the head gasket. Salt or fresh by test.")
        .why("What let it in lets it in again with the next stop.")
        .tools(List.of("lamp", "test strip"))
        .hazards(Cautions.STOPPED, Cautions.COLD)
        .asks(List.of(Ask.See.of(on.engine(), CylinderConditions.CAME_IN)))
        .after(on.key(STOP))
        .minutes(15)
        .written();
  }

  /** What still stands behind the exhaust valves runs back in while it is turned. */
  private static Step muffler(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    for (LowPoint point : on.circuit().lowPoints()) {
      boolean muffler = on.circuit().segment(point.segment()).kind() == SegmentKind.MUFFLER;
      if (muffler && point.opens() != null) {
        asks.add(LowPoints.open(on, point));
        asks.add(LowPoints.close(on, point));
      }
    }
    return asks.isEmpty()
        ? null
        : on.step(MUFFLER, "Empty the muffler")
            .how("Plug out until it stops running, then back IN.")
            .why("What stands in it runs back while the engine is turned.")
            .tools(List.of("catch pan"))
            .hazards(Cautions.CATCH)
            .asks(asks)
            .after(on.key(STOP))
            .minutes(8)
            .written();
  }

  private static Step open(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.SPARK_PLUGS, REMOVED));
    remedy(on, "plugs-out", "all are out: it may be cranked so", OPEN, asks);
    if (asks.isEmpty()) {
      asks.add(new Ask.Note("which cylinders stood under water"));
    }
    return on.step(OPEN, isPetrol(on) ? "All plugs out" : "All injectors out")
        .how(
            isPetrol(on)
                ? "Every one, with its cylinder; leads away from the holes, ignition off. Which were wet?"
                : "Every one, or the glow plugs where the holes are large enough; lines capped. Which were wet?"
                    + " Whoever is trained for it.")
        .why("Only through an open hole does it come out without bending anything.")
        .tools(
            isPetrol(on)
                ? List.of("plug socket")
                : List.of("injector puller", "caps for the lines", "new washers"))
        .hazards(
            isPetrol(on)
                ? Cautions.PLUGS_OUT
                : "Fuel: no ignition near it. Fuel systems are licensed people's work.")
        .asks(asks)
        .after(on.key(STOP), on.key(MUFFLER))
        .minutes(isPetrol(on) ? 20 : 60)
        .written();
  }

  private static Step waterOut(OnCircuit on) {
    return on.step(OUT, "Turn the water out, by hand")
        .how(
            "Two whole turns by hand, holes open, nobody in front of them; the starter only when nothing comes any"
                + " more, and briefly. Watch each piston come up: one that stays lower has a bent rod.")
        .why("By hand one feels what a starter would bend.")
        .tools(List.of("bar or socket for the crankshaft", "rag", "lamp"))
        .hazards(
            "It comes out of the holes with force: face and ignition away.", Cautions.BATTERY_OFF)
        .asks(
            List.of(
                Ask.See.of(on.engine(), CylinderConditions.RUNS_OUT),
                Ask.See.of(on.engine(), CylinderConditions.TURNS)))
        .after(on.key(OPEN))
        .minutes(15)
        .written();
  }

  private static Step oilIn(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    asks.add(Ask.See.of(on.engine(), Conditions.OIL_LOOK));
    // Nobody records what was not seen: a rod that is bent, or not looked at, leaves the tag.
    if (new FoundOnCard(on).is(CylinderConditions.TURNS, "even")) {
      remedy(on, "cylinders-cleared", "oil in, turned by hand, no part bent", OIL_IN, asks);
    }
    return on.step(OIL_IN, "Oil in every cylinder, turned by hand")
        .how(
            "A spoon of oil in each, two turns by hand, once more. Then the dipstick: milky oil is changed before"
                + " it runs. This is recorded only when every piston came up as high.")
        .why("Salt on bare walls seizes a ring within days.")
        .tools(List.of("oil can"))
        .hazards(
            "A piston that stays lower, or a place where it binds: no start; the engine is opened.")
        .asks(asks)
        .after(on.key(OUT))
        .minutes(10)
        .written();
  }

  private static Step back(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.SPARK_PLUGS, FITTED));
    if (asks.isEmpty()) {
      asks.add(new Ask.Note("injectors back, washers new, bled"));
    }
    return on.step(BACK, isPetrol(on) ? "Plugs back" : "Injectors back, and bleed")
        .how(
            isPetrol(on)
                ? "Dry and light, by hand first. What let the water in is mended before this."
                : "New washers, by torque; bleed in order with the seacock SHUT. What let the water in is mended"
                    + " before this.")
        .why("Closed up with the way in still open, it is full again at the next stop.")
        .tools(List.of(isPetrol(on) ? "plug socket" : "torque wrench"))
        .hazards(isPetrol(on) ? Cautions.PLUGS_OUT : "Fuel: no ignition near it.")
        .asks(asks)
        .after(on.key(OIL_IN), on.key(CAME_IN))
        .minutes(isPetrol(on) ? 15 : 50)
        .written();
  }

  private static Step newOil(OnCircuit on) {
    return on.step(NEW_OIL, "Change the milky oil and its filter")
        .how("Out warm or cold, today; again after the run until it stays clear.")
        .why("Water in the oil eats the bearings within days.")
        .tools(List.of("oil pump", "filter wrench", "new filter"))
        .hazards("Waste oil to collection.")
        .asks(
            List.of(
                new Ask.Service(
                    Interval.ENGINE_OIL.words(), on.engine(), Interval.ENGINE_OIL.key())))
        .after(on.key(OIL_IN))
        .minutes(25)
        .written();
  }

  /** Run warm the same day: only heat drives the last of it out. */
  private static Step run(OnCircuit on) {
    boolean afloat = on.request().state().afloat();
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    RinseRun lasting = RinseRun.of(on, variant);
    Running run =
        afloat
            ? Running.throughTheSeacock(on).start(StartBasis.AFLOAT)
            : WaterSupply.waterOn(on, variant);
    run.waterSeen();
    LookOver.started(on).forEach(run::ask);
    run.plateau("gauge holds at");
    run.ask(Ask.See.of(on.engine(), Conditions.SMOKE));
    List<Ask> asks = afloat ? run.stop().asks() : WaterSupply.waterOff(on, run, variant).asks();
    return on.step(RUN, "Run it warm, the same day")
        .how(
            Text.of(
                "%s It smokes off the oil at first. Until the gauge holds; listen for a knock, and stop for one.",
                afloat
                    ? "On the water it floats in."
                    : Text.of("%s %s", FlushWords.how(variant), FeedWords.of(lasting.feed()))))
        .why("Only heat drives the last water out of rings and oil.")
        .tools(afloat ? List.of() : FlushWords.tools(variant))
        .hazards(Cautions.start(on))
        .asks(asks)
        .after(on.key(BACK), on.key(NEW_OIL), on.key(CAME_IN))
        .people(!afloat && lasting.feed().reservoirLiters() != null ? 2 : 1)
        .run(
            lasting.fromMinutes(),
            lasting.toMinutes(),
            "The gauge should hold about now.",
            "Long enough: stop, and look at the oil.")
        .feed(afloat ? null : lasting.feed())
        .minutes(lasting.toMinutes() + 5)
        .written();
  }

  private static Step oilAfter(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    request.circuits().forEach(on -> asks.addAll(LookOver.oil(on)));
    return Step.called(Procedure.WATER_OUT.lastStep(), "Look at the oil again")
        .how(
            "After the run, twice with the dipstick. Milky: change it and run it again, until it stays clear.")
        .why("What was left in rings and galleries is in the oil now.")
        .hazards(Cautions.STOPPED)
        .asks(asks)
        .minutes(5)
        .written();
  }

  /** The remedy that belongs to the tag, where one stands, or was recorded at this step. */
  private static void remedy(
      OnCircuit on, String remedy, String label, String step, List<Ask> asks) {
    RedTag tag =
        on.request().state().tags().stream()
            .filter(one -> one.cause() == TagCause.WATER_IN_CYLINDERS)
            .filter(one -> one.engine() == null || one.engine() == on.engine())
            .findFirst()
            .orElse(null);
    boolean said =
        on.request().progress().step(on.key(step)).entries().stream()
            .anyMatch(entry -> entry.fact().is(Fact.TagRemedied.class));
    if (tag != null || said) {
      asks.add(
          new Ask.Remedy(
              label,
              tag == null ? on.engine() : tag.engine(),
              TagCause.WATER_IN_CYLINDERS,
              remedy));
    }
  }
}
