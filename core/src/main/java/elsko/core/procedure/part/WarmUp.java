package elsko.core.procedure.part;

import elsko.core.Text;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.RinseRun;
import elsko.core.procedure.request.Running;
import java.util.List;

/** Water on, engine warm until the thermostat is open, engine off, water off. */
public final class WarmUp implements Contributor {
  public static final String KEY = "warm-up";

  /** A thermostat opens after 5 to 7 minutes; not after 10 is a finding. */
  private static final int OPENS_FROM = 5;

  private static final int OPENS_UNTIL = 10;

  /** Large diesels take longer. Estimate. */
  private static final int LARGE_OPENS_UNTIL = 15;

  /** Poured into its own hoses, a block does not need its thermostat open to be filled. */
  private static final String RINSES_THE_BLOCK =
      "Fresh water gets into the block only through an open thermostat: it takes salt and silt along"
          + " before the drains are opened.";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!on.circuit().isRawWater()) {
      return List.of();
    }
    if (on.boat().engine(on.circuit()).cooling() == Cooling.CLOSED) {
      return List.of(rinse(on));
    }
    String key = on.key(KEY);
    OneVisit visit = new OneVisit(on.request());
    Step.Elsewhere rinsed = visit.rinsed(on, key, OPENS_FROM);
    Step.Draft step = step(on, KEY).elsewhere(visit.warmAgain(on, key));
    if (on.method() == Method.POUR) {
      step.why(RINSES_THE_BLOCK);
    }
    return List.of(rinsed == null ? step.written() : doneElsewhere(step, rinsed));
  }

  /** Nothing is left to do in it but to say so. */
  public static Step doneElsewhere(Step.Draft step, Step.Elsewhere done) {
    return step.asks(List.of()).withoutARun().elsewhere(done).people(1).minutes(0).written();
  }

  /** Raw water never passes the thermostat of a closed engine: it is only rinsed. */
  private static Step rinse(OnCircuit on) {
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    boolean afloat = on.request().state().afloat();
    RinseRun run = RinseRun.of(on, variant);
    Step.Elsewhere rinsed = new OneVisit(on.request()).rinsed(on, on.key(KEY), run.fromMinutes());
    Step.Draft step =
        on.step(KEY, afloat ? "Run it warm" : "Run fresh water through it")
            .how(
                afloat
                    ? Text.of(
                        "Afloat, on the water it floats in. %s Stop, then shut the seacock where there is one.",
                        FlushWords.revs(on))
                    : Text.of(
                        "%s %s %s %s %s",
                        FlushWords.how(variant),
                        FeedWords.of(run.feed()),
                        FlushWords.revs(on),
                        run.words(),
                        end(on, variant)))
            .why(
                "Salt and silt leave the raw-water side before it is drained; it never passes the"
                    + " thermostat here.")
            .tools(afloat ? List.of() : FlushWords.tools(variant))
            .hazards(Cautions.start(on))
            .asks(afloat ? afloat(on) : ashore(on, variant, run.untilWarm()))
            .run(
                run.fromMinutes(),
                run.toMinutes(),
                "Long enough.",
                "%d minutes: it is rinsed. Stop.".formatted(run.toMinutes()))
            .feed(afloat ? null : run.feed())
            .people(!afloat && run.feed().reservoirLiters() != null ? 2 : 1)
            .minutes(run.toMinutes());
    return rinsed == null ? step.written() : doneElsewhere(step, rinsed);
  }

  public static Step.Draft step(OnCircuit on, String key) {
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    EngineDescription engine = on.boat().engine(on.circuit());
    int until = PowerClass.of(engine) == PowerClass.LARGE ? LARGE_OPENS_UNTIL : OPENS_UNTIL;
    FeedGuard feed = variant.feed(engine, until);
    boolean afloat = on.request().state().afloat();
    return on.step(key, "Warm the engine until the thermostat opens")
        .how(
            afloat
                ? Text.of(
                    "Afloat, on the water it floats in. %s The gauge climbs, then stays flat after %s to %s"
                        + " minutes. Stop, then shut the seacock where there is one.",
                    FlushWords.revs(on), OPENS_FROM, until)
                : Text.of(
                    "%s %s %s The gauge climbs, then stays flat after %s to %s minutes. %s",
                    FlushWords.how(variant),
                    FeedWords.of(feed),
                    FlushWords.revs(on),
                    OPENS_FROM,
                    until,
                    end(on, variant)))
        .why(
            "Behind a closed thermostat almost nothing flows through the block: it would neither rinse"
                + " nor drain as it should.")
        .tools(afloat ? List.of() : FlushWords.tools(variant))
        .hazards(Cautions.start(on))
        .asks(afloat ? afloat(on) : ashore(on, variant, true))
        .run(
            OPENS_FROM,
            until,
            "The thermostat opens about now: the gauge stays flat.",
            "Not flat after %d minutes: the thermostat is stuck open, or the engine has no load."
                .formatted(until))
        .feed(afloat ? null : feed)
        .people(!afloat && feed.reservoirLiters() != null ? 2 : 1)
        .minutes(until);
  }

  private static String end(OnCircuit on, FlushVariant variant) {
    return variant == FlushVariant.STRAINER_TOP_UP && OpenLid.staysOffForCleaning(on)
        ? "Lid and ring stay off, in sight: the strainer is emptied soon."
        : FlushWords.end(variant);
  }

  private static List<Ask> ashore(OnCircuit on, FlushVariant variant, boolean untilWarm) {
    Running run = WaterSupply.waterOn(on, variant);
    if (untilWarm) {
      run.plateau("gauge holds at");
    }
    return WaterSupply.waterOff(on, run, variant).asks();
  }

  private static List<Ask> afloat(OnCircuit on) {
    return Running.of(on)
        .set(FittingKind.STRAINER_LID, FittingState.SEALED, "")
        .set(FittingKind.SEACOCK, FittingState.OPEN, "")
        .start(StartBasis.AFLOAT)
        .plateau("gauge holds at")
        .stop()
        .set(FittingKind.SEACOCK, FittingState.SHUT, "")
        .asks();
  }
}
