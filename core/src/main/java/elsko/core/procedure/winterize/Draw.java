package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Text;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;
import elsko.core.boat.path.Work.Piece;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.part.OpenLid;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Running;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/** Antifreeze drawn through by the circuit's own pump, out of a tank. */
public final class Draw implements Contributor {
  public static final String KEY = "draw";
  public static final String HOSES_BACK = "hoses-back";
  static final String PRIME = "prime";

  private static final String SHUT_AGAIN =
      "More than 15 minutes after it was warm the thermostat is shut again, and the block takes"
          + " little: warm it once more on water and drain it again, or pour. ";

  @Override
  public List<Step> steps(OnCircuit on) {
    List<Step> steps = new ArrayList<>();
    if (!on.method().draws() || on.fillsAtHoses()) {
      return steps;
    }
    if (!LowPoints.withAHose(on).isEmpty() && !on.circuit().hoses().isEmpty()) {
      steps.add(hosesBack(on));
    }
    boolean suctionDrained = on.method().drains() || !LowPoints.withAHose(on).isEmpty();
    if (on.isEngine() && suctionDrained && on.has(FittingKind.IMPELLER)) {
      steps.add(prime(on));
    }
    DrawForecast forecast = DrawForecast.of(on);
    boolean block = on.circuit().hasSegment(SegmentKind.BLOCK);
    Step.Draft draw =
        on.step(KEY, title(on))
            .how(
                Text.of(
                    "%s%s %s",
                    how(on),
                    on.isEngine()
                        ? Text.of(" %s", FeedWords.ofTank(tank(on, forecast.liters())))
                        : "",
                    forecast.words()))
            .why(
                block
                    ? "It reaches elbow and exhaust. Cold fluid can close the thermostat, so the block must"
                        + " be sampled; pouring is the surer method for this engine."
                    : on.method() == Method.DRAW_UNDRAINED
                        ? "Undrained it is diluted on its way: only samples say how much."
                        : "It reaches every part the water reaches.")
            .tools(on.isEngine() ? List.of("tank kit", "clear hose") : List.of("jug"))
            .hazards(on.isEngine() ? Cautions.start(on) : List.of())
            .hazards(Cautions.NO_GLYCOL_OF_THE_OTHER_KIND, "Catch what comes out at the end.")
            .asks(asks(on, forecast.liters(), OpenLid.isOffForTheTank(on)))
            .feed(on.isEngine() ? tank(on, forecast.liters()) : null)
            .after(
                on.key(PRIME),
                on.key(PlugsBack.KEY),
                on.key(HOSES_BACK),
                on.key(StepKey.DRAIN),
                on.key(StepKey.HOSES),
                on.key(WarmUp.KEY))
            .minutes(12)
            .people(on.isEngine() ? 2 : 1);
    if (block && on.isEngine() && on.method() == Method.DRAW_UNDRAINED) {
      draw.within(on.key(WarmUp.KEY), 15, "while the thermostat is open");
    }
    steps.add(draw.written());
    return steps;
  }

  private static FeedGuard tank(OnCircuit on, double liters) {
    return FeedGuard.tank(on.boat().engine(on.circuit()), liters);
  }

  /** A pump and an intake that were drained are wetted first: dry, the rubber tears. */
  private static Step prime(OnCircuit on) {
    return on.step(PRIME, "Prime the pump and its intake")
        .how(
            "Filled from above with antifreeze until it stands, the tank higher than the pump. Where the tank"
                + " stands lower, wet the pump: flow in the clear pipe within 15 seconds of the start, or"
                + " stop.")
        .why(
            "After a drain the suction is dry, and a dry impeller is ruined within a minute or two.")
        .tools(List.of("jug", "clear hose"))
        .asks(List.of(Ask.See.of(on.engine(), Conditions.SUCTION)))
        .after(
            on.key(PlugsBack.KEY), on.key(HOSES_BACK), on.key(StepKey.DRAIN), on.key(StepKey.HOSES))
        .minutes(4)
        .written();
  }

  /** What to have in the tank. */
  static double liters(OnCircuit on) {
    return DrawForecast.of(on).liters();
  }

  private static Step hosesBack(OnCircuit on) {
    List<Ask> clamps =
        on.circuit().hoses().stream()
            .map(
                hose ->
                    (Ask) new Ask.Set(on.boat().fitting(hose).name() + " clamped", hose, CLAMPED))
            .toList();
    return on.step(
            HOSES_BACK, clamps.size() == 1 ? "Clamp the hose again" : "Clamp the hoses again")
        .how("Back on, clamped, pulled once by hand.")
        .why("Before the pump a loose hose lets air in, and the pump runs dry.")
        .tools(on.toolsFor(on.circuit().hoses()))
        .asks(clamps)
        .after(on.key(StepKey.DRAIN), on.key(StepKey.HOSES))
        .minutes(4)
        .written();
  }

  private static String title(OnCircuit on) {
    return on.circuit()
        .work(Piece.DRAW)
        .title(
            on.method() == Method.DRAW_UNDRAINED
                ? "Draw it through undrained, several times the volume"
                : "Draw it through from the tank");
  }

  private static String how(OnCircuit on) {
    return on.circuit()
        .work(Piece.DRAW)
        .how(
            (on.circuit().hasSegment(SegmentKind.BLOCK) ? SHUT_AGAIN : "")
                + "%s. Watch the tank and"
                    .formatted(elsko.core.Words.sentence(WaterSupply.tankAt(on)))
                + " the clear hose; stop at the first air bubble, with the color steady at the exhaust."
                + " Tie the feed hose so that its last liters do not spill.");
  }

  /**
   * @param lidIsOff the strainer lies open already
   */
  static List<Ask> asks(OnCircuit on, double liters, boolean lidIsOff) {
    Ask fill =
        new Ask.Fill(
            on.isEngine() ? "drawn from the tank" : "drawn through",
            on.circuit().key(),
            null,
            liters,
            on.has(FittingKind.FEED)
                ? "stop at the first air bubble"
                : "until color runs overboard");
    if (on.isEngine()) {
      Running run = Running.of(on);
      WaterSupply.tankOn(on, run, lidIsOff);
      run.start(StartBasis.FED).ask(fill).stop();
      WaterSupply.tankOff(on, run);
      return run.asks();
    }
    if (!on.has(FittingKind.FEED)) {
      return List.of(fill);
    }
    List<Ask> asks = new ArrayList<>();
    set(on, asks, FittingKind.SEACOCK, SHUT);
    set(on, asks, FittingKind.STRAINER_LID, OFF);
    set(on, asks, FittingKind.STRAINER_BASKET, OUT);
    set(on, asks, FittingKind.FEED, TANK);
    asks.add(fill);
    set(on, asks, FittingKind.FEED, NONE);
    set(on, asks, FittingKind.STRAINER_BASKET, IN);
    set(on, asks, FittingKind.STRAINER_SEAL, SEATED);
    set(on, asks, FittingKind.STRAINER_LID, SEALED);
    return asks;
  }

  private static void set(
      OnCircuit on, List<Ask> asks, FittingKind kind, elsko.core.boat.path.FittingState to) {
    on.all(kind).forEach(f -> asks.add(new Ask.Set(OnCircuit.words(f, to), f.key(), to)));
  }
}
