package elsko.core.procedure.commission;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Text;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Work;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.FlushWords;
import elsko.core.procedure.part.FrostLook;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;

/**
 * Undoes what was done: whatever is not in its in-commission state is brought back once, in the
 * step it belongs to; nothing that was never taken out is asked for.
 */
public final class CommissionCard implements CardPlan {
  static final String PLUGS = "plugs";
  static final String HOSES = "hoses";
  static final String FITTED = "fitted";
  static final String COVERS = "covers";
  static final String LOOK_OVER = "look-over";

  /** The lift crew puts the boat in; what comes before it is done ashore. */
  public static final String LAUNCH = "launch";

  static final String START = "start";
  static final String OUT_INTO_A_CATCH = "antifreeze-out";
  static final String SEACOCKS = "seacocks";

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    add(steps, PartsReady.step(request));
    add(steps, FrostLook.inSpring(request));
    add(steps, plugs(request));
    add(steps, hoses(request));
    add(steps, fitted(request));
    add(steps, covers(request));
    for (OnCircuit on : request.circuits()) {
      add(steps, DueWork.step(on));
      add(steps, lookOver(on));
    }
    add(steps, DueWork.step(request));
    for (OnCircuit on : request.circuits()) {
      add(steps, antifreezeOut(on));
    }
    steps.add(IntoTheWater.launch(request));
    for (OnCircuit on : request.circuits()) {
      if (on.isEngine()) {
        steps.add(IntoTheWater.start(on));
      }
    }
    add(steps, IntoTheWater.seacocks(request));
    for (OnCircuit on : request.circuits()) {
      steps.addAll(DisinfectWater.steps(on, on.key(OUT_INTO_A_CATCH)));
    }
    steps.add(ready(request, steps));
    return steps;
  }

  private static void add(List<Step> steps, Step step) {
    if (step != null) {
      steps.add(step);
    }
  }

  /** Whether a fitting has to come back on this card: loose when it was opened, or now. */
  static boolean isLoose(CardRequest request, Fitting fitting) {
    return request.progress().before().loose().contains(fitting.key())
        || request.state().fitting(fitting.key()).isLooseEnd() && !isInUse(request, fitting);
  }

  /** A step that is under way moved it, and puts it back itself. */
  private static boolean isInUse(CardRequest request, Fitting fitting) {
    return request.progress().steps().values().stream()
        .filter(step -> step.standing() == CardProgress.Standing.OPEN)
        .flatMap(step -> step.entries().stream())
        .map(entry -> entry.fact().as(Fact.FittingSet.class))
        .anyMatch(set -> set != null && set.fitting().equals(fitting.key()));
  }

  private static List<Ask> backOf(CardRequest request, FittingKind... kinds) {
    List<Ask> asks = new ArrayList<>();
    List<FittingKind> wanted = List.of(kinds);
    for (FittingKind kind : wanted) {
      for (Fitting fitting : request.boat().fittingsOf(kind)) {
        if (isLoose(request, fitting)) {
          asks.add(back(fitting));
        }
      }
    }
    return asks;
  }

  static Ask back(Fitting fitting) {
    FittingState to = fitting.kind().inCommission();
    return new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to);
  }

  private static Step plugs(CardRequest request) {
    List<Ask> asks =
        backOf(
            request,
            FittingKind.HULL_PLUG,
            FittingKind.DRAIN_PLUG,
            FittingKind.PETCOCK,
            FittingKind.THREADED_SENSOR,
            FittingKind.SENSOR_WIRE);
    if (asks.isEmpty()) {
      return null;
    }
    asks.add(new Ask.Count("plugs left in the bag"));
    return Step.called(PLUGS, "Every plug back, counted against the bag")
        .how(
            "One by one out of the bag. At the end the bag is empty; a plug left over has a hole somewhere.")
        .why("A plug left out is a hole in the engine.")
        .tools(
            asks.stream()
                .filter(Ask.Set.class::isInstance)
                .map(ask -> request.boat().fitting(((Ask.Set) ask).fitting()).tool())
                .filter(tool -> !tool.isEmpty() && !tool.equals("by hand"))
                .distinct()
                .toList())
        .hazards(Cautions.BATTERY_OFF)
        .asks(asks)
        .minutes(4 + asks.size())
        .written();
  }

  private static Step hoses(CardRequest request) {
    List<Ask> asks =
        backOf(
            request,
            FittingKind.HOSE_END,
            FittingKind.OUTLET_HOSE,
            FittingKind.FLUSH_CAP,
            FittingKind.TEE_PLUG,
            FittingKind.FLUSH_PORT,
            FittingKind.BILGE_BRANCH,
            FittingKind.STRAINER_BASKET,
            FittingKind.STRAINER_SEAL,
            FittingKind.STRAINER_LID,
            FittingKind.FEED);
    if (asks.isEmpty()) {
      return null;
    }
    return Step.called(HOSES, "Hoses, caps and strainers back")
        .how(
            "Two clamps per exhaust joint, screws turned apart. Rings seated, lids by hand only. Nothing is left on"
                + " a pump's feed.")
        .why("Before the pump a loose joint lets air in; after it, water.")
        .tools(List.of("screwdriver"))
        .hazards("Old exhaust lagging may be asbestos: leave it, licensed people.")
        .asks(asks)
        .minutes(4 + 2 * asks.size())
        .written();
  }

  private static Step fitted(CardRequest request) {
    List<Ask> asks =
        backOf(
            request,
            FittingKind.IMPELLER,
            FittingKind.BELT,
            FittingKind.SPARK_PLUGS,
            FittingKind.DRIVE,
            FittingKind.HEATER_BYPASS);
    if (asks.isEmpty()) {
      return null;
    }
    return Step.called(FITTED, "What was taken off the engine is fitted")
        .how(
            "Belts with their own tension, plugs with their own leads, impeller vanes all one way.")
        .why("A start without one of them ruins the pump or the engine.")
        .hazards(Cautions.STOPPED)
        .asks(asks)
        .minutes(5 + 8 * asks.size())
        .written();
  }

  private static Step covers(CardRequest request) {
    List<Ask> asks =
        backOf(request, FittingKind.EXHAUST_COVER, FittingKind.VENT_MESH, FittingKind.COVER);
    if (asks.isEmpty()) {
      return null;
    }
    return Step.called(COVERS, "Covers off")
        .how("Every exhaust opened, mesh off the vents, cover folded dry.")
        .why("A covered exhaust stops the engine, or fills the bay with gas.")
        .hazards("Boat on stands: nobody moves a stand; lift crew only.")
        .asks(asks)
        .minutes(4 + 2 * asks.size())
        .written();
  }

  /** Ashore, with the covers off and nothing turning. */
  private static Step lookOver(OnCircuit on) {
    if (!on.isEngine()) {
      return null;
    }
    List<Ask> asks = new ArrayList<>(LookOver.oil(on));
    asks.addAll(LookOver.coolant(on));
    asks.addAll(LookOver.belts(on));
    asks.addAll(LookOver.joints(on));
    boolean closed = on.boat().engine(on.circuit()).cooling() == Cooling.CLOSED;
    return on.step(LOOK_OVER, "Look it over, engine stopped")
        .how(
            "Oil: the second dip counts. %sEach belt, by this yard's school. Every exhaust joint."
                .formatted(closed ? "Coolant cold. " : ""))
        .why("What is slack, low or milky is found here, not off the harbor.")
        .tools(List.of("rule", "rag", "lamp"))
        .hazards(Cautions.STOPPED)
        .hazards(closed ? List.of(Cautions.COLD) : List.of())
        .asks(asks)
        .after(FITTED)
        .minutes(4 + 2 * asks.size())
        .written();
  }

  /** After so long it runs clear, min. Estimate. */
  private static final int RUNS_CLEAR_MINUTES = 4;

  /** Ashore, before the launch: what was filled in runs out into a catch, not overboard. */
  private static Step antifreezeOut(OnCircuit on) {
    Double filled = on.request().progress().before().filled().get(on.circuit().key());
    if (filled == null) {
      return null;
    }
    Ask caught = new Ask.Catch("antifreeze caught", on.circuit().key(), filled);
    String[] after = {PLUGS, HOSES, FITTED, COVERS, on.key(LOOK_OVER)};
    if (!on.isEngine()) {
      return on.step(OUT_INTO_A_CATCH, "Rinse the antifreeze out into a catch")
          .how(
              on.circuit()
                  .work(Work.Piece.RINSE)
                  .how("Water through its own pump into a catch until it runs clear."))
          .why("It goes into a container, not into the water.")
          .hazards(Cautions.CATCH)
          .asks(
              List.of(
                  new Ask.Look("rinsed, water in it", List.of(on.circuit().key()), false), caught))
          .after(after)
          .minutes(15)
          .written();
    }
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    FeedGuard feed = variant.feed(on.boat().engine(on.circuit()), RUNS_CLEAR_MINUTES);
    Running run = WaterSupply.waterOn(on, variant);
    run.waterSeen();
    List<Ask> asks = new ArrayList<>(WaterSupply.waterOff(on, run, variant).asks());
    asks.add(caught);
    return on.step(OUT_INTO_A_CATCH, "Run the antifreeze out into a catch")
        .how(
            Text.of(
                "%s %s Catch at the exhaust until it runs clear. %s",
                FlushWords.how(variant), FeedWords.of(feed), FlushWords.end(variant)))
        .why("It goes into a container, not into the water.")
        .tools(FlushWords.tools(variant))
        .hazards(Cautions.CATCH)
        .hazards(Cautions.start(on))
        .asks(asks)
        .after(after)
        .feed(feed)
        .minutes(10)
        .written();
  }

  private static Step ready(CardRequest request, List<Step> before) {
    List<Ask> asks = new ArrayList<>();
    for (FittingKind kind : List.of(FittingKind.BATTERY_SWITCH, FittingKind.KEY)) {
      request.boat().fittingsOf(kind).forEach(fitting -> asks.add(back(fitting)));
    }
    for (Fitting fitting : request.boat().fittings()) {
      if (request.state().fitting(fitting.key()).isLooseEnd()
          && !isAskedFor(before, asks, fitting, request)) {
        asks.add(back(fitting));
      }
    }
    List<String> inService =
        request.boat().circuits().stream()
            .filter(c -> !c.isDryBuilt() && c.kind() != CircuitKind.UNANSWERED)
            .map(Circuit::key)
            .toList();
    if (!inService.isEmpty()) {
      asks.add(new Ask.Look("everything in service", inService, true));
    }
    return Step.called(Procedure.COMMISSION.lastStep(), "Hand it over")
        .how(
            "Warnings tested, lines free, the owner told. Nothing is ready while a loose end is open.")
        .why("Whoever steps aboard next relies on it.")
        .asks(asks)
        .minutes(8)
        .written();
  }

  private static boolean isAskedFor(
      List<Step> steps, List<Ask> here, Fitting fitting, CardRequest request) {
    if (asksFor(here, fitting)) {
      return true;
    }
    for (Step step : steps) {
      if (asksFor(step.asks(), fitting) && !request.progress().isSettled(step.key())) {
        return true;
      }
    }
    return false;
  }

  private static boolean asksFor(List<Ask> asks, Fitting fitting) {
    return Ask.only(Ask.Set.class, asks)
        .filter(set -> set.fitting().equals(fitting.key()))
        .anyMatch(set -> set.to() == fitting.kind().inCommission());
  }
}
