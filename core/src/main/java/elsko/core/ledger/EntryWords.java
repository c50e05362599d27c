package elsko.core.ledger;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.Position;
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

  private static String words(Boat boat, Fact fact) {
    if (fact instanceof Fact.FittingSet set) {
      String why = set.forSample() ? " for a sample" : because(set.reason());
      return fitting(boat, set.fitting()) + " " + set.state().words() + why;
    }
    if (fact instanceof Fact.LowPointSeen seen) {
      return "%s %s".formatted(lowPoint(boat, seen.lowPoint()), seen.seen().words());
    }
    if (fact instanceof Fact.AccessorySeen seen) {
      return seen.accessory().words() + (seen.aboard() ? " is aboard" : " is not aboard");
    }
    if (fact instanceof Fact.CircuitSeen seen) {
      String what = seen.inService() ? "in service, water in it on purpose" : "water in it";
      return circuit(boat, seen.circuit()) + ": " + what;
    }
    if (fact instanceof Fact.Accepted taken) {
      String until =
          taken.until() == null
              ? Words.celsius(taken.untilC())
              : taken.until()
                  + (taken.untilC() == null ? "" : " or " + Words.celsius(taken.untilC()));
      return "%s accepted as it is until %s: %s"
          .formatted(circuit(boat, taken.circuit()), until, taken.reason());
    }
    if (fact instanceof Fact.FrostLooked looked) {
      return "%s looked over for frost: %s"
          .formatted(circuit(boat, looked.circuit()), looked.found().words());
    }
    if (fact instanceof Fact.EngineStarted started) {
      String engine = engine(started.engine());
      return switch (started.basis()) {
        case KICK -> "%s kicked for %s s".formatted(engine, Words.number(started.seconds()));
        case CRANK_SHUT ->
            "%s turned for %s s, seacock shut".formatted(engine, Words.number(started.seconds()));
        default -> "%s started %s".formatted(engine, started.basis().words());
      };
    }
    if (fact instanceof Fact.Cranked cranked) {
      return "%s turned for %s s, did not fire"
          .formatted(engine(cranked.engine()), Words.number(cranked.seconds()));
    }
    if (fact instanceof Fact.EngineStopped stopped) {
      return engine(stopped.engine()) + " stopped";
    }
    if (fact instanceof Fact.DescalerUsed used) {
      return "%s of descaler into %s"
          .formatted(Words.liters(used.liters()), circuit(boat, used.circuit()));
    }
    if (fact instanceof Fact.CoolantRead read) {
      return "%s reads %s with %s"
          .formatted(
              circuit(boat, read.circuit()),
              reading(read.with(), read.reading()),
              read.with().name());
    }
    if (fact instanceof Fact.ServiceDone done) {
      String whose = done.engine() == null ? "" : engine(done.engine()) + ": ";
      return whose + Interval.of(done.item()).words() + " done" + because(done.found());
    }
    if (fact instanceof Fact.DuePlanned planned) {
      String whose = planned.engine() == null ? "" : engine(planned.engine()) + ": ";
      return whose + Interval.of(planned.item()).words() + " wanted on the next visit";
    }
    if (fact instanceof Fact.FluidUsed used) {
      return filled(boat, used);
    }
    if (fact instanceof Fact.JugRead read) {
      return "jug of lot %s reads %s with %s"
          .formatted(read.lot().number(), reading(read.with(), read.reading()), read.with().name());
    }
    if (fact instanceof Fact.SampleRead read) {
      return "sample, %s: %s, at %s"
          .formatted(
              lowPoint(boat, read.lowPoint()),
              reading(read.with(), read.reading()),
              Words.celsius(read.temperatureC()));
    }
    if (fact instanceof Fact.CouldNotSample said) {
      return "%s could not be sampled%s"
          .formatted(lowPoint(boat, said.lowPoint()), because(said.reason()));
    }
    if (fact instanceof Fact.Countersigned signed) {
      return boat.hasCircuit(signed.circuit())
          ? boat.circuit(signed.circuit()).name() + " countersigned"
          : "countersigned";
    }
    if (fact instanceof Fact.ReadingTaken read) {
      Limit limit = Limits.of(read.limit());
      String whose = read.engine() == null ? "" : engine(read.engine()) + ": ";
      return "%s%s %s".formatted(whose, limit.name(), ReadingStanding.foundWords(limit, read));
    }
    if (fact instanceof Fact.ConditionSeen seen) {
      return "%s%s: %s"
          .formatted(
              seen.engine() == null ? "" : engine(seen.engine()) + ": ",
              Conditions.of(seen.condition()).name(),
              seen.found().words());
    }
    if (fact instanceof Fact.FluidCaught caught) {
      return "%s of antifreeze caught out of %s"
          .formatted(Words.liters(caught.liters()), circuit(boat, caught.circuit()));
    }
    if (fact instanceof Fact.Disinfected dosed) {
      return "%s mL of a %s %% product into %s, %s L"
          .formatted(
              Words.number(dosed.milliliters(), 0),
              Words.number(dosed.chlorinePercent(), 1),
              circuit(boat, dosed.circuit()),
              Words.number(dosed.tankLiters(), 0));
    }
    if (fact instanceof Fact.PartPicked picked) {
      return "ready at the boat: %s".formatted(Interval.of(picked.item()).part());
    }
    if (fact instanceof Fact.CameBack back) {
      return "came back, ran for %s h".formatted(Words.number(back.hours(), 1));
    }
    if (fact instanceof Fact.RoundDone round) {
      String reasons = round.reasons().isEmpty() ? "" : ": " + String.join(" ", round.reasons());
      return "%s, %s%s".formatted(round.kind().words(), round.go() ? "go" : "no-go", reasons);
    }
    if (fact instanceof Fact.EngineTroubled troubled) {
      return "%s %s".formatted(engine(troubled.engine()), troubled.trouble().words());
    }
    if (fact instanceof Fact.PiecesFound found) {
      return "%s: %d %s of its impeller found%s"
          .formatted(
              engine(found.engine()),
              found.count(),
              found.count() == 1 ? "piece" : "pieces",
              because(found.where()));
    }
    if (fact instanceof Fact.GaugeRead read) {
      return "%s: gauge at %s after %s min"
          .formatted(
              engine(read.engine()),
              Words.celsius(read.reading().temperatureC()),
              Words.number(read.reading().minute(), 1));
    }
    if (fact instanceof Fact.BagCounted bag) {
      return "bag counted: %d %s".formatted(bag.count(), bag.count() == 1 ? "plug" : "plugs");
    }
    if (fact instanceof Fact.LateSettled settled) {
      return "Settled what was entered late: " + settled.found();
    }
    if (fact instanceof Fact.Noted noted) {
      return "note: " + noted.text();
    }
    if (fact instanceof Fact.GuideLooked looked) {
      return Guide.of(looked.guide()).said(looked.look(), looked.answer());
    }
    if (fact instanceof Fact.WorkAdded work) {
      return "to be done: " + work.what();
    }
    if (fact instanceof Fact.PhotoTaken taken) {
      return "photo" + because(taken.caption());
    }
    if (fact instanceof Fact.CardOpened opened) {
      return opened.procedure().words() + " card opened";
    }
    if (fact instanceof Fact.HandedOver over) {
      return "stops here, %s goes on%s".formatted(over.to(), because(over.note()));
    }
    if (fact instanceof Fact.StepSkipped skipped) {
      return "step skipped" + because(skipped.reason());
    }
    if (fact instanceof Fact.BerthMoved moved) {
      return "moved to %s, %s".formatted(moved.berthName(), moved.afloat() ? "afloat" : "ashore");
    }
    if (fact instanceof Fact.Withdrawn withdrawn) {
      return "taken back" + because(withdrawn.reason());
    }
    return plain(fact);
  }

  private static String plain(Fact fact) {
    if (fact instanceof Fact.WorkDone) {
      return "work done";
    }
    if (fact instanceof Fact.BayEntered) {
      return "in the bay";
    }
    if (fact instanceof Fact.BayLeft) {
      return "out of the bay";
    }
    if (fact instanceof Fact.CardTaken) {
      return "goes on with the card";
    }
    return "step done";
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
