package elsko.core.procedure;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Text;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.FlushWords;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.RinseRun;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;

/** Salt or silty water out of every engine that was chosen, each by its own variant. */
final class FlushCard implements CardPlan {
  private static final String KEY = "flush";
  private static final String STERN = "flush-stern";

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      FlushVariant variant = request.flushVariant(on.circuit());
      steps.add(flush(on, variant));
      if (variant == FlushVariant.TWO_PORT && !hasValve(on)) {
        steps.add(sternPort(on));
      }
    }
    steps.add(after(request));
    return steps;
  }

  @Override
  public List<Card.Chosen> chosen(CardRequest request) {
    return request.circuits().stream().map(FlushCard::chosen).toList();
  }

  private static Card.Chosen chosen(OnCircuit on) {
    FlushVariant variant = on.request().flushVariant(on.circuit());
    boolean usual = variant == FlushVariant.usual(on.boat(), on.circuit());
    return Card.Chosen.variant(on.circuit(), usual, variant.words(), variant.reason());
  }

  private static Step flush(OnCircuit on, FlushVariant variant) {
    Running run = WaterSupply.waterOn(on, variant);
    if (variant == FlushVariant.TWO_PORT && hasValve(on)) {
      run.set(WaterSupply.sternPort(on), OUT);
    }
    EngineDescription engine = on.boat().engine(on.circuit());
    boolean rawWater = engine.cooling() == Cooling.RAW_WATER;
    RinseRun lasting = RinseRun.of(on, variant);
    run.waterSeen();
    if (lasting.untilWarm()) {
      run.plateau("gauge holds at");
    }
    if (variant == FlushVariant.TWO_PORT && hasValve(on)) {
      run.set(WaterSupply.sternPort(on), IN);
    }
    WaterSupply.waterOff(on, run, variant);
    return on.step(KEY, "Flush " + variant.words())
        .how(
            Text.of(
                "%s%s %s %s%s %s",
                FlushWords.how(variant),
                hasValve(on)
                    ? " While it runs, open the valve of the second port from inside, then shut it."
                    : "",
                FeedWords.of(lasting.feed()),
                lasting.words(),
                clearOfCarbon(on, engine),
                FlushWords.end(variant)))
        .why(
            rawWater
                ? "Salt and silt eat the raw-water side. Behind a closed thermostat the block is not"
                    + " reached."
                : "Salt and silt eat the raw-water side of closed engines too; it never passes the"
                    + " thermostat.")
        .tools(FlushWords.tools(variant))
        .hazards("Nobody in the water at the stern, no hands at the outlet: said before the start.")
        .hazards(Cautions.start(on))
        .asks(run.asks())
        .feed(lasting.feed())
        .run(
            lasting.fromMinutes(),
            lasting.toMinutes(),
            rawWater ? "Long enough, if the thermostat has opened." : "Long enough.",
            "%d minutes: it is rinsed. Stop.".formatted(lasting.toMinutes()))
        .minutes(lasting.toMinutes() + 2)
        .people(lasting.feed().reservoirLiters() != null ? 2 : 1)
        .written();
  }

  private static String clearOfCarbon(OnCircuit on, EngineDescription engine) {
    boolean small =
        PowerClass.of(engine) == PowerClass.SMALL || PowerClass.of(engine) == PowerClass.YACHT;
    if (on.engine() == Position.GENERATOR) {
      return " At its fixed speed.";
    }
    return engine.fuel() == Fuel.DIESEL && small
        ? " Near the end run it briefly at high revs to clear carbon, then idle to cool."
        : "";
  }

  /** Without a valve the exhaust side is its own run: everything off, stern port open, again. */
  private static Step sternPort(OnCircuit on) {
    Running run = Running.of(on);
    run.set(WaterSupply.sternPort(on), OUT);
    run.start(StartBasis.FED)
        .feed(HOSE, "water on at the stern port")
        .feed(NONE, "water off; at most 3 seconds more")
        .stop()
        .set(WaterSupply.sternPort(on), IN);
    return on.step(STERN, "Flush the exhaust through the stern port")
        .how(
            "Engine and water off, stern port open. Start again, then water on. At the end water off, at most"
                + " 3 seconds more, engine off; port shut, cap on.")
        .why("The first port does not reach the muffler.")
        .tools(List.of("hose with port connector"))
        .hazards(Cautions.start(on))
        .asks(run.asks())
        .after(on.key(KEY))
        .minutes(5)
        .written();
  }

  private static Step after(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    boolean afloat = request.state().afloat();
    boolean seacocks = false;
    for (OnCircuit on : request.circuits()) {
      for (Fitting seacock : on.all(FittingKind.SEACOCK)) {
        asks.add(new Ask.Set(OnCircuit.words(seacock, SHUT), seacock.key(), SHUT));
        seacocks = true;
      }
    }
    if (afloat && seacocks) {
      for (Fitting key : request.boat().fittingsOf(FittingKind.KEY)) {
        asks.add(new Ask.Set(OnCircuit.words(key, ON_SEACOCK), key.key(), ON_SEACOCK));
      }
    }
    return Step.called(Procedure.FLUSH.lastStep(), "Leave it rinsed")
        .how(
            afloat && seacocks
                ? "Idle afloat: seacock SHUT with fresh water inside, the key hung on it. That is a loose end,"
                    + " and stays one."
                : "Look round for drips; everything refitted."
                    + (seacocks ? " Ashore the seacock stays SHUT until somebody opens it." : ""))
        .why("Fresh water left inside is no frost protection.")
        .asks(asks)
        .minutes(3)
        .written();
  }

  private static boolean hasValve(OnCircuit on) {
    return WaterSupply.isJet(on) && on.boat().has(on.circuit(), EnginePart.PORT_VALVE);
  }
}
