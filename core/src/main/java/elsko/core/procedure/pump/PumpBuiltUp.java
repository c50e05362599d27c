package elsko.core.procedure.pump;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Text;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.PumpConditions;
import elsko.core.limits.RoundConditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.FeedWords;
import elsko.core.procedure.part.FlushWords;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.part.OneVisit;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.FoundOnCard;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.RinseRun;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A raw-water pump put together again, with what was found to need it, and tried. */
record PumpBuiltUp(OnCircuit on) {
  static final String NEW_PUMP = "pump-new";
  static final String SEALS = "pump-seals";
  static final String TOGETHER = "pump-together";
  static final String BELT = "pump-belt";
  static final String RUN = "pump-run";

  List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    FoundOnCard found = new FoundOnCard(on);
    boolean groove = found.is(PumpConditions.SHAFT, "groove");
    if (groove) {
      steps.add(newPump());
    } else if (found.isOther(PumpConditions.TELL_TALE, "dry")
        || found.isOther(PumpConditions.BEARINGS, "smooth")) {
      steps.add(seals());
    }
    steps.add(together(groove));
    List<Ask> belts = on.has(FittingKind.BELT) ? LookOver.belts(on) : List.of();
    if (!belts.isEmpty()) {
      steps.add(belt(belts));
    }
    steps.add(run());
    return steps;
  }

  private Step newPump() {
    return on.step(NEW_PUMP, "Replace the pump")
        .how(
            "By the number on the old one; its gasket or ring new. Keep the old one until the new one has run.")
        .why("A groove in the shaft eats every new seal.")
        .asks(
            List.of(
                new Ask.Photo("part number, on the new pump"),
                service("a new pump, with its seals", Interval.PUMP_SEALS)))
        .after(on.key(PumpOpened.SHAFT))
        .minutes(20)
        .written();
  }

  private Step seals() {
    return on.step(SEALS, "Both lip seals and the circlip")
        .how(
            "Both, never one. Springs facing inside, pressed square and flush; slinger and ring back. Bearings"
                + " covered while anything is polished; rough ones are new. A new circlip, seen seated all round.")
        .why("The seal that did not leak is as old as the one that did.")
        .tools(List.of("seal puller", "press or a socket that fits", "circlip pliers"))
        .hazards("Goggles: springs and circlips fly.")
        .asks(
            List.of(
                pick(Interval.PUMP_SEALS),
                Ask.See.of(on.engine(), PumpConditions.SEALS),
                Ask.See.of(on.engine(), PumpConditions.CIRCLIP),
                service("both seals are new", Interval.PUMP_SEALS)))
        .after(on.key(PumpOpened.SHAFT))
        .minutes(40)
        .written();
  }

  private Step together(boolean newPump) {
    boolean same = goesBack();
    boolean bench = new PumpOpened(on).isOnTheBench();
    List<Ask> asks = new ArrayList<>();
    if (!same) {
      asks.add(pick(Interval.IMPELLER));
    }
    asks.addAll(on.set(FittingKind.IMPELLER, FITTED));
    asks.add(
        same
            ? service("looked at, sound: goes back", Interval.IMPELLER_LOOK)
            : service("a new impeller is in", Interval.IMPELLER));
    Fitting suction = on.boat().suctionHose(on.circuit());
    if (bench && suction != null) {
      asks.add(new Ask.Set(OnCircuit.words(suction, CLAMPED), suction.key(), CLAMPED));
    }
    asks.addAll(on.set(FittingKind.BELT, FITTED));
    asks.addAll(on.set(FittingKind.STRAINER_SEAL, SEATED));
    asks.addAll(on.set(FittingKind.STRAINER_LID, SEALED));
    return on.step(TOGETHER, same ? "Put it together again" : "New impeller in, put it together")
        .how(
            (same
                    ? "Sound, and not due yet: the same one goes back. "
                    : "By the number on the old one. ")
                + "Vanes bent the way it turns, wetted; new gasket, screws crosswise."
                + (bench && !on.has(FittingKind.BELT)
                    ? " Thread locker and torque on the drive nut, by its manual."
                    : "")
                + (bench && suction != null
                    ? " Hoses on, two clamps where they carry the sea."
                    : "")
                + (on.has(FittingKind.STRAINER_LID)
                    ? " Strainer ring seated, lid by hand, no wrench."
                    : ""))
        .why("Rubber that starts dry or bent wrong is ruined within a minute or two.")
        .tools(List.of("soapy water", bench ? "torque wrench" : "screwdriver"))
        .asks(asks)
        .after(
            on.key(PumpOpened.IMPELLER),
            on.key(PumpOpened.PIECES),
            on.key(PumpOpened.HOUSING),
            on.key(PumpOpened.SHAFT),
            on.key(newPump ? NEW_PUMP : SEALS))
        .minutes(bench ? 30 : 15)
        .written();
  }

  /** What is sound, whole and not due goes back in. */
  private boolean goesBack() {
    FoundOnCard found = new FoundOnCard(on);
    Set<Interval> due = on.request().due(on.engine());
    return found.is(Conditions.IMPELLER_LOOK, "sound")
        && !due.contains(Interval.IMPELLER)
        && !LookOver.missesPieces(on)
        && on.request().progress().step(on.key(PumpOpened.PIECES)).entries().isEmpty();
  }

  private Step belt(List<Ask> asks) {
    return on.step(BELT, "Measure its belt")
        .how("Tightened, turned over twice by hand, measured again.")
        .why("A slack belt lifts no water; a tight one eats the bearings that were just looked at.")
        .hazards(Cautions.STOPPED)
        .asks(asks)
        .after(on.key(TOGETHER))
        .minutes(6)
        .written();
  }

  /** Flow, joints, temperature, a few revs. A boat that is laid up waits for its spring. */
  private Step run() {
    boolean afloat = on.request().state().afloat();
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    RinseRun lasting = RinseRun.of(on, variant);
    Running run =
        afloat
            ? Running.throughTheSeacock(on).start(StartBasis.AFLOAT)
            : WaterSupply.waterOn(on, variant);
    run.waterSeen()
        .ask(Ask.See.of(on.engine(), Conditions.EXHAUST_FLOW))
        .ask(Ask.See.of(on.engine(), RoundConditions.WATER_LEAKS));
    run.plateau("gauge holds at");
    List<Ask> asks = afloat ? run.stop().asks() : WaterSupply.waterOff(on, run, variant).asks();
    Step.Draft step =
        on.step(RUN, "Run it: flow, joints, temperature")
            .how(
                Text.of(
                    "%s Water at the exhaust within a minute, or stop. Look along every joint that was opened;"
                        + " watch the gauge until it holds; then a few revs, and look again.%s",
                    afloat
                        ? "On the water it floats in."
                        : Text.of("%s %s", FlushWords.how(variant), FeedWords.of(lasting.feed())),
                    laidUp()
                        ? " Laid up, it waits for its first run in spring: the card stays open until then."
                        : ""))
            .why("A pump is put right when it has moved water, not when it is bolted on.")
            .tools(afloat ? List.of() : FlushWords.tools(variant))
            .hazards(Cautions.start(on))
            .asks(asks)
            .after(on.key(TOGETHER), on.key(BELT))
            .people(!afloat && lasting.feed().reservoirLiters() != null ? 2 : 1)
            .run(
                lasting.fromMinutes(),
                lasting.toMinutes(),
                "The gauge should hold about now.",
                "Long enough: stop, and look along it.")
            .feed(afloat ? null : lasting.feed())
            .minutes(lasting.toMinutes() + 5);
    Step.Elsewhere ran = new OneVisit(on.request()).ranSince(on, on.key(RUN), on.key(TOGETHER));
    return ran == null ? step.written() : WarmUp.doneElsewhere(step, ran);
  }

  private boolean laidUp() {
    return on.wouldBeUndone();
  }

  private Ask service(String label, Interval interval) {
    return new Ask.Service(label, on.engine(), interval.key());
  }

  private Ask pick(Interval interval) {
    return new Ask.Pick(interval.part(), on.engine(), interval.key());
  }
}
