package elsko.core.procedure.layup;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.Coolant;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.part.OneVisit;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Oil, fuel, plugs and battery of every engine, before the boat sits. */
public final class LayUpServiceCard implements CardPlan {
  public static final String FUEL = "fuel";
  public static final String GEAR_OIL = "gear-oil";
  public static final String PLUGS = "spark-plugs";

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    Contributor coolant = new Coolant();
    request.circuits().forEach(on -> steps.addAll(coolant.steps(on)));
    for (OnCircuit on : request.circuits()) {
      if (on.isEngine()) {
        engine(on, steps);
      }
    }
    steps.add(battery(request));
    return steps;
  }

  private static void engine(OnCircuit on, List<Step> steps) {
    EngineDescription engine = on.boat().engine(on.circuit());
    Set<Interval> due = on.request().dueBeforeNextLayUp(on.engine());
    boolean wet = on.circuit().isRawWater();
    // Coolant is changed cold, so before the engine is warmed.
    boolean coolantDue = engine.cooling() == Cooling.CLOSED && due.contains(Interval.COOLANT);
    if (coolantDue) {
      steps.add(newCoolant(on));
    }
    if (due.contains(Interval.VALVES)) {
      steps.add(valves(on));
    }
    steps.add(fuel(on, due));
    OneVisit visit = new OneVisit(on.request());
    Step.Elsewhere warm = visit.warm(on, on.key(WarmUp.KEY));
    Step.Elsewhere drained = warm == null ? visit.drainedAlready(on, on.key(WarmUp.KEY)) : null;
    if (wet) {
      steps.add(warmUp(on, warm == null ? drained : warm));
    }
    steps.add(oil(on, engine, wet, warm == null ? drained : warm, drained != null || isCold(on)));
    steps.add(gearOil(on, due));
    if (engine.fuel() == Fuel.PETROL) {
      steps.add(sparkPlugs(on));
    }
    if (coolantDue) {
      steps.add(newCoolantRead(on));
    }
  }

  private static Step warmUp(OnCircuit on, Step.@Nullable Elsewhere warm) {
    Step.Draft step =
        WarmUp.step(on, WarmUp.KEY)
            .why("Thin oil carries the dirt out and can be drawn up a tube.")
            .after(on.key(FUEL));
    if (warm != null) {
      return WarmUp.doneElsewhere(step, warm);
    }
    Step written = step.written();
    boolean done = on.request().progress().isSettled(on.key(WarmUp.KEY));
    return done || !on.wouldBeUndone()
        ? written
        : step.title(on.titled("Warm the engine, or leave its proof as it is"))
            .how(
                Text.of(
                    "Its raw water is %s: a run on water undoes that, and it is drained, filled and sampled again. Usually this is skipped, and the oil drawn cold: slower, from the lowest place. Where it has to run, its proof is given up first. %s",
                    on.state().protection().name(), written.how()))
            .written();
  }

  /** Its warm-up was left out. */
  private static boolean isCold(OnCircuit on) {
    return on.request().progress().step(on.key(WarmUp.KEY)).standing()
        == CardProgress.Standing.SKIPPED;
  }

  private static Step oil(
      OnCircuit on,
      EngineDescription engine,
      boolean warmed,
      Step.@Nullable Elsewhere warm,
      boolean cold) {
    Double liters = engine.details().oilLiters();
    Step.Draft oil =
        on.step(StepKey.OIL, cold ? "Change oil and filter, cold" : "Change oil and filter, warm")
            .how(
                Text.of(
                    "%sDraw the old oil, filter off, new oil in%s. Read the dipstick a second time, %s. Waste oil to"
                        + " collection. Write down what came out: color, milky, metal.",
                    cold ? "Cold it runs slowly: from the lowest place. " : "",
                    liters == null ? "" : Text.of(", about %s", Quantity.liters(liters)),
                    Boolean.TRUE.equals(engine.details().oilReadWarm()) ? "warm" : "cold"))
            .why(
                "Used oil is acidic and must not sit all winter; changed before the antifreeze run, that one run"
                    + " spreads it.")
            .tools(List.of("oil pump", "filter wrench", "new filter"))
            .hazards(
                "Hot oil: gloves, and nobody under the hose.",
                "Milky is water, metal is a stop: no start, say so.",
                "Engine stopped, battery isolated, hands and sleeves out before any check.")
            .asks(
                List.of(
                    Ask.See.of(on.engine(), Conditions.OIL_LOOK),
                    Ask.Read.of("oil out", on.engine(), Limits.OIL_OUT),
                    Ask.Read.of("oil in", on.engine(), Limits.OIL_IN),
                    Ask.See.of(on.engine(), Conditions.OIL_LEVEL),
                    service(on.engine(), Interval.ENGINE_OIL)))
            .minutes(25);
    if (warmed && warm == null && !cold) {
      oil.within(on.key(WarmUp.KEY), OneVisit.OIL_IS_THIN_FOR, "the oil is thin while it is warm");
    } else if (warmed) {
      oil.after(on.key(WarmUp.KEY));
    }
    return oil.written();
  }

  private static Step gearOil(OnCircuit on, Set<Interval> fallsDue) {
    boolean due = on.engine() != Position.GENERATOR && fallsDue.contains(Interval.GEAR_OIL);
    List<Ask> asks = new ArrayList<>(LookOver.gearOil(on));
    if (due) {
      asks.add(service(on.engine(), Interval.GEAR_OIL));
    }
    return on.step(
            GEAR_OIL, due ? "Change the gearbox or drive oil" : "Look at the gearbox or drive oil")
        .how("Screw out, look, let it run out where due. Milky means water.")
        .why("Water in it freezes and cracks the housing.")
        .tools(List.of("drain pan", "new seals"))
        .hazards("Milky oil: not stored so; find the seal first.")
        .asks(asks)
        .after(on.key(StepKey.OIL))
        .minutes(due ? 15 : 5)
        .written();
  }

  private static Step fuel(OnCircuit on, Set<Interval> fallsDue) {
    boolean due = fallsDue.contains(Interval.FUEL_FILTER);
    List<Ask> asks =
        due
            ? List.of(service(on.engine(), Interval.FUEL_FILTER))
            : List.of(new Ask.Note("stabilizer in, how much"));
    return on.step(FUEL, due ? "Fuel: stabilizer, filter, bleed" : "Fuel: stabilizer")
        .how(
            "Stabilizer in, tank by the yard's rule, run it through. Filter where due, then bleed.")
        .why("Old fuel gums; water in the filter freezes.")
        .tools(List.of("stabilizer", "fuel filter"))
        .hazards("Fuel: no ignition, tank vents open. Fuel systems are licensed people's work.")
        .asks(asks)
        .minutes(due ? 20 : 8)
        .written();
  }

  private static Step newCoolant(OnCircuit on) {
    return on.step("new-coolant", "Change the coolant")
        .how(
            "Cold, cap off, out into a catch, new mix in where the maker fills it. It is read after a warm run,"
                + " cooled down.")
        .why("Its inhibitors are spent after three years, whatever its strength.")
        .hazards(
            "Hot cap: do not open. Cold only.",
            "Ethylene glycol: poison to people and animals; spills wiped.")
        .asks(List.of(service(on.engine(), Interval.COOLANT)))
        .minutes(30)
        .written();
  }

  private static Step newCoolantRead(OnCircuit on) {
    return on.step("new-coolant-read", "Read the new coolant cold")
        .how("After the warm run, engine cooled down: cap off slowly, a drop on the EG scale.")
        .why("What was poured in lies at the filler until a warm run has carried it round.")
        .tools(List.of("instrument with an EG scale", "pipette"))
        .hazards(
            "Hot cap: do not open. Cold only.",
            "Ethylene glycol: poison to people and animals; spills wiped.")
        .asks(
            on.boat().circuitsOf(CircuitKind.COOLANT).stream()
                .filter(coolant -> coolant.engine() == on.engine())
                .<Ask>map(coolant -> new Ask.Coolant(coolant.name(), coolant.key()))
                .toList())
        .after(on.key("new-coolant"), on.key(StepKey.OIL))
        .minutes(4)
        .written();
  }

  private static Step valves(OnCircuit on) {
    return on.step("valves", "Valve clearance")
        .how(
            "Cold or warm as its manual says. Turned by hand, each valve shut when it is measured; cover back on"
                + " a new gasket. Where the manual asks for none, say so when skipping.")
        .why("Valves that close badly burn.")
        .tools(List.of("feeler gauges", "gasket of the valve cover"))
        .hazards("Battery isolated, key out: it is turned by hand.")
        .asks(List.of(service(on.engine(), Interval.VALVES)))
        .minutes(45)
        .written();
  }

  private static Step sparkPlugs(OnCircuit on) {
    return on.step(PLUGS, "Spark plugs, fog, turn by hand")
        .how(
            "Look at each: dry and light is good, wet means rings. Fog or a teaspoon of oil in each cylinder,"
                + " turned by hand, plugs back. Last of all: no start after it.")
        .why("Bare cylinder walls rust in one winter.")
        .tools(List.of("plug socket", "fogging oil"))
        .hazards(Cautions.PLUGS_OUT)
        .asks(
            List.of(
                Ask.See.of(on.engine(), Conditions.SPARK_PLUGS),
                service(on.engine(), Interval.SPARK_PLUGS),
                new Ask.Oil("cylinders oiled, turned by hand", on.engine())))
        .after(on.key(StepKey.OIL), on.key(GEAR_OIL), on.key(FUEL))
        .elsewhere(RunsToCome.of(on))
        .minutes(20)
        .written();
  }

  private static Step battery(CardRequest request) {
    return Step.called(Procedure.LAY_UP_SERVICE.lastStep(), "Battery charged and looked at")
        .how("Charge, distilled water, clean terminals; read it at rest.")
        .why("A flat battery freezes; a charged one does not.")
        .tools(List.of("charger", "meter"))
        .hazards("Batteries: hydrogen, short circuits; rings off.")
        .asks(LookOver.battery(request.practices()))
        .minutes(10)
        .written();
  }

  private static Ask service(Position engine, Interval interval) {
    return new Ask.Service(interval.words(), engine, interval.key());
  }
}
