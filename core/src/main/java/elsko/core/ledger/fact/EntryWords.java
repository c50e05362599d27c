package elsko.core.ledger.fact;

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

  public static String of(Boat boat, Fact fact) {
    return Words.sentence(words(boat, fact));
  }

  private static String learned(Boat boat, String key) {
    String about = key.substring(key.indexOf('.') + 1);
    if (key.startsWith("plateau.")) {
      return "where the gauge holds";
    }
    return key.startsWith("fill.")
        ? "what a fill of the %s took".formatted(circuit(boat, about))
        : "what was caught at the %s".formatted(lowPoint(boat, about));
  }

  private static String words(Boat boat, Fact fact) {
    return switch (fact) {
      case Fact.FittingSet set -> {
        String why = set.forSample() ? " for a sample" : because(set.reason());
        yield fitting(boat, set.fitting()) + " " + set.state().words() + why;
      }
      case Fact.LowPointSeen seen ->
          "%s %s".formatted(lowPoint(boat, seen.lowPoint()), seen.seen().words());
      case Fact.AccessorySeen seen ->
          seen.accessory().words() + (seen.aboard() ? " is aboard" : " is not aboard");
      case Fact.CircuitSeen seen -> {
        String what = seen.inService() ? "in service, water in it on purpose" : "water in it";
        yield circuit(boat, seen.circuit()) + ": " + what;
      }
      case Fact.Accepted taken -> {
        String until =
            taken.until() == null
                ? Words.celsius(taken.untilC())
                : taken.until()
                    + (taken.untilC() == null ? "" : " or " + Words.celsius(taken.untilC()));
        yield "%s accepted as it is until %s: %s"
            .formatted(circuit(boat, taken.circuit()), until, taken.reason());
      }
      case Fact.ProofGivenUp given ->
          "proof of %s given up%s"
              .formatted(circuit(boat, given.circuit()), because(given.reason()));
      case Fact.Complained complained ->
          complained.complaint().isPerEngine()
              ? "%s, the owner says: %s"
                  .formatted(engine(complained.engine()), complained.complaint().words())
              : "the owner says: " + complained.complaint().words();
      case Fact.CylindersOiled oiled -> engine(oiled.engine()) + ": cylinders oiled";
      case Fact.FrostLooked looked ->
          "%s looked over for frost: %s"
              .formatted(circuit(boat, looked.circuit()), looked.found().words());
      case Fact.EngineStarted started -> {
        String engine = engine(started.engine());
        yield switch (started.basis()) {
          case KICK -> "%s kicked for %s s".formatted(engine, Words.number(started.seconds()));
          case CRANK_SHUT ->
              "%s turned for %s s, seacock shut".formatted(engine, Words.number(started.seconds()));
          default -> "%s started %s".formatted(engine, started.basis().words());
        };
      }
      case Fact.Cranked cranked ->
          "%s turned for %s s, did not fire"
              .formatted(engine(cranked.engine()), Words.number(cranked.seconds()));
      case Fact.EngineStopped stopped -> engine(stopped.engine()) + " stopped";
      case Fact.DescalerUsed used ->
          "%s of descaler into %s"
              .formatted(Words.liters(used.liters()), circuit(boat, used.circuit()));
      case Fact.CoolantRead read ->
          "%s reads %s with %s"
              .formatted(
                  circuit(boat, read.circuit()),
                  reading(read.with(), read.reading()),
                  read.with().name());
      case Fact.ServiceDone done -> {
        String whose = done.engine() == null ? "" : engine(done.engine()) + ": ";
        yield whose + Interval.of(done.item()).words() + " done" + because(done.found());
      }
      case Fact.DuePlanned planned -> {
        String whose = planned.engine() == null ? "" : engine(planned.engine()) + ": ";
        yield whose + Interval.of(planned.item()).words() + " wanted on the next visit";
      }
      case Fact.FluidUsed used -> filled(boat, used);
      case Fact.JugRead read ->
          "jug of lot %s reads %s with %s"
              .formatted(
                  read.lot().number(), reading(read.with(), read.reading()), read.with().name());
      case Fact.SampleRead read ->
          "sample, %s: %s, at %s"
              .formatted(
                  lowPoint(boat, read.lowPoint()),
                  reading(read.with(), read.reading()),
                  Words.celsius(read.temperatureC()));
      case Fact.CouldNotSample said ->
          "%s could not be sampled%s"
              .formatted(lowPoint(boat, said.lowPoint()), because(said.reason()));
      case Fact.Countersigned signed ->
          boat.hasCircuit(signed.circuit())
              ? boat.circuit(signed.circuit()).name() + " countersigned"
              : "countersigned";
      case Fact.ReadingTaken read -> {
        Limit limit = Limits.of(read.limit());
        String whose = read.engine() == null ? "" : engine(read.engine()) + ": ";
        yield "%s%s %s".formatted(whose, limit.name(), ReadingStanding.foundWords(limit, read));
      }
      case Fact.ConditionSeen seen ->
          "%s%s: %s"
              .formatted(
                  seen.engine() == null ? "" : engine(seen.engine()) + ": ",
                  Conditions.of(seen.condition()).name(),
                  seen.found().words());
      case Fact.FluidCaught caught ->
          "%s of antifreeze caught out of %s"
              .formatted(Words.liters(caught.liters()), circuit(boat, caught.circuit()));
      case Fact.Disinfected dosed ->
          "%s mL of a %s %% product into %s, %s L"
              .formatted(
                  Words.number(dosed.milliliters(), 0),
                  Words.number(dosed.chlorinePercent(), 1),
                  circuit(boat, dosed.circuit()),
                  Words.number(dosed.tankLiters(), 0));
      case Fact.PartPicked picked ->
          "ready at the boat: %s".formatted(Interval.of(picked.item()).part());
      case Fact.CameBack back -> "came back, ran for %s h".formatted(Words.number(back.hours(), 1));
      case Fact.RoundDone round -> {
        String reasons = round.reasons().isEmpty() ? "" : ": " + String.join(" ", round.reasons());
        yield "%s, %s%s".formatted(round.kind().words(), round.go() ? "go" : "no-go", reasons);
      }
      case Fact.TagRemedied remedied ->
          "%sred tag for %s: %s%s"
              .formatted(
                  remedied.engine() == null ? "" : engine(remedied.engine()) + ", ",
                  remedied.cause().words(),
                  remedied.cause().remedy(remedied.remedy()).words(),
                  because(remedied.found()));
      case Fact.CaughtAtDrain seen ->
          "%s caught at the %s"
              .formatted(Words.liters(seen.liters()), lowPoint(boat, seen.lowPoint()));
      case Fact.LearnedUsed said ->
          said.used()
              ? "goes by what it has taught: %s".formatted(learned(boat, said.key()))
              : "does not go by what it has taught: %s".formatted(learned(boat, said.key()));
      case Fact.MeterReplaced replaced ->
          "%s has another hour meter, it shows %s h"
              .formatted(engine(replaced.engine()), Words.number(replaced.reads(), 1));
      case Fact.TagLifted lifted ->
          "%sred tag for %s lifted: %s"
              .formatted(
                  lifted.engine() == null ? "" : engine(lifted.engine()) + ", ",
                  lifted.cause().words(),
                  lifted.reason());
      case Fact.EngineTroubled troubled ->
          "%s %s".formatted(engine(troubled.engine()), troubled.trouble().words());
      case Fact.PiecesFound found ->
          "%s: %d %s of its impeller found%s"
              .formatted(
                  engine(found.engine()),
                  found.count(),
                  found.count() == 1 ? "piece" : "pieces",
                  because(found.where()));
      case Fact.GaugeRead read ->
          "%s: gauge at %s after %s min"
              .formatted(
                  engine(read.engine()),
                  Words.celsius(read.reading().temperatureC()),
                  Words.number(read.reading().minute(), 1));
      case Fact.BagCounted bag ->
          "bag counted: %d %s".formatted(bag.count(), bag.count() == 1 ? "plug" : "plugs");
      case Fact.LateSettled settled -> "Settled what was entered late: " + settled.found();
      case Fact.Noted noted -> "note: " + noted.text();
      case Fact.GuideLooked looked -> Guide.of(looked.guide()).said(looked.look(), looked.answer());
      case Fact.WorkAdded work -> "to be done: " + work.what();
      case Fact.PhotoTaken taken -> "photo" + because(taken.caption());
      case Fact.CardOpened opened -> opened.procedure().words() + " card opened";
      case Fact.HandedOver over ->
          "stops here, %s goes on%s".formatted(over.to(), because(over.note()));
      case Fact.StepSkipped skipped -> "step skipped" + because(skipped.reason());
      case Fact.BerthMoved moved ->
          "moved to %s, %s".formatted(moved.berthName(), moved.afloat() ? "afloat" : "ashore");
      case Fact.Withdrawn withdrawn -> "taken back" + because(withdrawn.reason());
      case Fact.WorkDone workDone -> "work done";
      case Fact.BayEntered bayEntered -> "in the bay";
      case Fact.BayLeft bayLeft -> "out of the bay";
      case Fact.CardTaken cardTaken -> "goes on with the card";
      case Fact.StepDone stepDone -> "step done";
    };
  }

  private static String filled(Boat boat, Fact.FluidUsed used) {
    String circuit = circuit(boat, used.circuit());
    String liters = Words.liters(used.liters());
    String lot = "of lot " + used.lot().number();
    return used.pourPoint() == null
        ? "drew %s %s through %s".formatted(liters, lot, circuit)
        : "poured %s %s into %s".formatted(liters, lot, fitting(boat, used.pourPoint()));
  }

  private static String reading(InstrumentUse with, double reading) {
    return "%s %s (%s)"
        .formatted(
            Words.number(reading, 1),
            with.instrument().scale().unit(),
            with.instrument().scale().words());
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
