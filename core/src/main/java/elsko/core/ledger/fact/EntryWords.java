package elsko.core.ledger.fact;

import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.guide.Guide;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;

/** One line of the log as a sentence. */
public final class EntryWords {
  private EntryWords() {}

  public static Text of(Boat boat, Fact fact) {
    return words(boat, fact).sentence();
  }

  private static Text learned(Boat boat, String key) {
    String about = key.substring(key.indexOf('.') + 1);
    if (key.startsWith("plateau.")) {
      return Text.of("where the gauge holds");
    }
    return key.startsWith("fill.")
        ? Text.of("what a fill of the %s took", circuit(boat, about))
        : Text.of("what was caught at the %s", lowPoint(boat, about));
  }

  private static Text words(Boat boat, Fact fact) {
    return switch (fact) {
      case Fact.FittingSet set -> {
        String why = set.forSample() ? " for a sample" : because(set.reason());
        yield Text.of("%s %s%s", fitting(boat, set.fitting()), set.state().words(), why);
      }
      case Fact.LowPointSeen seen ->
          Text.of("%s %s", lowPoint(boat, seen.lowPoint()), seen.seen().words());
      case Fact.AccessorySeen seen ->
          Text.of("%s is %s", seen.accessory().words(), seen.aboard() ? "aboard" : "not aboard");
      case Fact.CircuitSeen seen -> {
        String what = seen.inService() ? "in service, water in it on purpose" : "water in it";
        yield Text.of("%s: %s", circuit(boat, seen.circuit()), what);
      }
      case Fact.Accepted taken -> {
        Text until =
            taken.until() == null
                ? Text.of("%s", Quantity.celsius(taken.untilC()))
                : taken.untilC() == null
                    ? Text.of("%s", taken.until())
                    : Text.of("%s or %s", taken.until(), Quantity.celsius(taken.untilC()));
        yield Text.of(
            "%s accepted as it is until %s: %s",
            circuit(boat, taken.circuit()), until, taken.reason());
      }
      case Fact.ProofGivenUp given ->
          Text.of(
              "proof of %s given up%s", circuit(boat, given.circuit()), because(given.reason()));
      case Fact.Complained complained ->
          complained.complaint().isPerEngine()
              ? Text.of(
                  "%s, the owner says: %s",
                  engine(complained.engine()), complained.complaint().words())
              : Text.of("the owner says: %s", complained.complaint().words());
      case Fact.CylindersOiled oiled -> Text.of("%s: cylinders oiled", engine(oiled.engine()));
      case Fact.FrostLooked looked ->
          Text.of(
              "%s looked over for frost: %s",
              circuit(boat, looked.circuit()), looked.found().words());
      case Fact.EngineStarted started -> {
        String engine = engine(started.engine());
        yield switch (started.basis()) {
          case KICK -> Text.of("%s kicked for %s s", engine, Words.number(started.seconds()));
          case CRANK_SHUT ->
              Text.of("%s turned for %s s, seacock shut", engine, Words.number(started.seconds()));
          default -> Text.of("%s started %s", engine, started.basis().words());
        };
      }
      case Fact.Cranked cranked ->
          Text.of(
              "%s turned for %s s, did not fire",
              engine(cranked.engine()), Words.number(cranked.seconds()));
      case Fact.EngineStopped stopped -> Text.of("%s stopped", engine(stopped.engine()));
      case Fact.DescalerUsed used ->
          Text.of(
              "%s of descaler into %s",
              Quantity.liters(used.liters()), circuit(boat, used.circuit()));
      case Fact.CoolantRead read ->
          Text.of(
              "%s reads %s with %s",
              circuit(boat, read.circuit()),
              reading(read.with(), read.reading()),
              read.with().name());
      case Fact.ServiceDone done -> {
        String whose = done.engine() == null ? "" : engine(done.engine()) + ": ";
        yield Text.of(
            "%s%s done%s", whose, Interval.of(done.item()).words(), because(done.found()));
      }
      case Fact.DuePlanned planned -> {
        String whose = planned.engine() == null ? "" : engine(planned.engine()) + ": ";
        yield Text.of("%s%s wanted on the next visit", whose, Interval.of(planned.item()).words());
      }
      case Fact.FluidUsed used -> filled(boat, used);
      case Fact.JugRead read ->
          Text.of(
              "jug of lot %s reads %s with %s",
              read.lot().number(), reading(read.with(), read.reading()), read.with().name());
      case Fact.SampleRead read ->
          Text.of(
              "sample, %s: %s, at %s",
              lowPoint(boat, read.lowPoint()),
              reading(read.with(), read.reading()),
              Quantity.celsius(read.temperatureC()));
      case Fact.CouldNotSample said ->
          Text.of(
              "%s: no sample possible%s", lowPoint(boat, said.lowPoint()), because(said.reason()));
      case Fact.Countersigned signed ->
          boat.hasCircuit(signed.circuit())
              ? Text.of("%s countersigned", boat.circuit(signed.circuit()).name())
              : Text.of("countersigned");
      case Fact.ReadingTaken read -> {
        Limit limit = Limits.of(read.limit());
        String whose = read.engine() == null ? "" : engine(read.engine()) + ": ";
        yield Text.of("%s%s %s", whose, limit.name(), ReadingStanding.foundWords(limit, read));
      }
      case Fact.ConditionSeen seen ->
          Text.of(
              "%s%s: %s",
              seen.engine() == null ? "" : engine(seen.engine()) + ": ",
              Conditions.of(seen.condition()).name(),
              seen.found().words());
      case Fact.FluidCaught caught ->
          Text.of(
              "%s of antifreeze caught out of %s",
              Quantity.liters(caught.liters()), circuit(boat, caught.circuit()));
      case Fact.Disinfected dosed ->
          Text.of(
              "%s of a %s % product into %s, %s",
              Quantity.of(dosed.milliliters(), Measure.DOSE),
              Words.number(dosed.chlorinePercent(), 1),
              circuit(boat, dosed.circuit()),
              Quantity.liters(dosed.tankLiters()));
      case Fact.PartPicked picked ->
          Text.of("ready at the boat: %s", Interval.of(picked.item()).part());
      case Fact.CameBack back -> Text.of("came back, ran for %s h", Words.number(back.hours(), 1));
      case Fact.RoundDone round -> {
        Text reasons =
            round.reasons().isEmpty()
                ? Text.NONE
                : Text.of(": %s", Text.joined(" ", round.reasons()));
        yield Text.of("%s, %s%s", round.kind().words(), round.go() ? "go" : "no-go", reasons);
      }
      case Fact.TagRemedied remedied ->
          Text.of(
              "%sred tag for %s: %s%s",
              remedied.engine() == null ? "" : engine(remedied.engine()) + ", ",
              remedied.cause().words(),
              remedied.cause().remedy(remedied.remedy()).words(),
              because(remedied.found()));
      case Fact.CaughtAtDrain seen ->
          Text.of(
              "%s caught at the %s",
              Quantity.liters(seen.liters()), lowPoint(boat, seen.lowPoint()));
      case Fact.LearnedUsed said ->
          said.used()
              ? Text.of("goes by what it has taught: %s", learned(boat, said.key()))
              : Text.of("does not go by what it has taught: %s", learned(boat, said.key()));
      case Fact.MeterReplaced replaced ->
          Text.of(
              "%s has another hour meter, it shows %s h",
              engine(replaced.engine()), Words.number(replaced.reads(), 1));
      case Fact.TagLifted lifted ->
          Text.of(
              "%sred tag for %s lifted: %s",
              lifted.engine() == null ? "" : engine(lifted.engine()) + ", ",
              lifted.cause().words(),
              lifted.reason());
      case Fact.EngineTroubled troubled ->
          Text.of("%s %s", engine(troubled.engine()), troubled.trouble().words());
      case Fact.PiecesFound found ->
          Text.of(
              "%s: %s %s of its impeller found%s",
              engine(found.engine()),
              found.count(),
              found.count() == 1 ? "piece" : "pieces",
              because(found.where()));
      case Fact.GaugeRead read ->
          Text.of(
              "%s: gauge at %s after %s min",
              engine(read.engine()),
              Quantity.celsius(read.reading().temperatureC()),
              Words.number(read.reading().minute(), 1));
      case Fact.BagCounted bag ->
          Text.of("bag counted: %s %s", bag.count(), bag.count() == 1 ? "plug" : "plugs");
      case Fact.LateSettled settled ->
          Text.of("Settled what was entered late: %s", settled.found());
      case Fact.Noted noted -> Text.of("note: %s", noted.text());
      case Fact.GuideLooked looked ->
          Text.of(Guide.of(looked.guide()).said(looked.look(), looked.answer()));
      case Fact.WorkAdded work ->
          Text.of(
              Boolean.TRUE.equals(work.urgent()) ? "something is wrong: %s" : "to be done: %s",
              work.what());
      case Fact.PhotoTaken taken ->
          taken.fitting() == null
              ? Text.of("photo%s", because(taken.caption()))
              : Text.of("photo of %s%s", fitting(boat, taken.fitting()), because(taken.caption()));
      case Fact.CardOpened opened -> Text.of("%s card opened", opened.procedure().words());
      case Fact.HandedOver over ->
          Text.of("stops here, %s goes on%s", over.to(), because(over.note()));
      case Fact.StepSkipped skipped -> Text.of("step skipped%s", because(skipped.reason()));
      case Fact.BerthMoved moved ->
          Text.of("moved to %s, %s", moved.berthName(), moved.afloat() ? "afloat" : "ashore");
      case Fact.Withdrawn withdrawn -> Text.of("taken back%s", because(withdrawn.reason()));
      case Fact.WorkDone workDone -> Text.of("work done");
      case Fact.BayEntered bayEntered -> Text.of("in the bay");
      case Fact.BayLeft bayLeft -> Text.of("out of the bay");
      case Fact.CardTaken cardTaken -> Text.of("goes on with the card");
      case Fact.StepDone stepDone -> Text.of("step done");
    };
  }

  private static Text filled(Boat boat, Fact.FluidUsed used) {
    String circuit = circuit(boat, used.circuit());
    Quantity liters = Quantity.liters(used.liters());
    String lot = "of lot " + used.lot().number();
    return used.pourPoint() == null
        ? Text.of("drew %s %s through %s", liters, lot, circuit)
        : Text.of("poured %s %s into %s", liters, lot, fitting(boat, used.pourPoint()));
  }

  private static Text reading(InstrumentUse with, double reading) {
    return Text.of(
        "%s (%s)",
        Text.roughly(reading, with.instrument().scale().unit()), with.instrument().scale().words());
  }

  private static String engine(Position engine) {
    return engine == null ? "engine" : engine.words();
  }

  private static String circuit(Boat boat, String key) {
    return boat.hasCircuit(key) ? boat.circuit(key).name() : key;
  }

  private static String lowPoint(Boat boat, String key) {
    return boat.hasLowPoint(key) ? boat.lowPoint(key).name() : key;
  }

  private static String fitting(Boat boat, String key) {
    return boat.hasFitting(key) ? boat.fitting(key).name() : key;
  }

  private static String because(String reason) {
    return reason == null || reason.isBlank() ? "" : ": " + reason;
  }
}
