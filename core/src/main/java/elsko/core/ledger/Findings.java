package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.engine.ServiceFold;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Call;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import java.util.function.Supplier;

/**
 * Follows through the log what was read, seen and done on engines: each moves more than one thing.
 */
final class Findings {
  private final Boat boat;
  private final CircuitsFold circuits;
  private final EnginesFold engines;
  private final FittingsFold fittings;
  private final EngineRuns runs;
  private final ServiceFold services;
  private final RedTags tags;
  private final Readings readings = new Readings();

  Findings(
      Boat boat,
      CircuitsFold circuits,
      EnginesFold engines,
      FittingsFold fittings,
      EngineRuns runs,
      ServiceFold services,
      RedTags tags) {
    this.boat = boat;
    this.circuits = circuits;
    this.engines = engines;
    this.fittings = fittings;
    this.runs = runs;
    this.services = services;
    this.tags = tags;
  }

  Readings readings() {
    return readings;
  }

  void found(Fact.PiecesFound found) {
    boat.enginesMeant(found.engine())
        .forEach(
            engine -> {
              readings.found(engine, found.count());
              if (!readings.missingPieces().containsKey(engine)) {
                tags.allPiecesFound(engine);
              }
            });
  }

  void taken(Entry entry, Fact.ReadingTaken read) {
    Position meant = boat.engineMeant(read.engine());
    Supplier<Judgement> judged = read::judgement;
    TagCause sets = TagCause.by(read.limit());
    Call call = sets == null || sets == TagCause.TOO_HOT ? null : read.judgement().call();
    if (sets == TagCause.TOO_HOT) {
      for (Position engine : boat.enginesMeant(read.engine())) {
        EngineRuns.Held held = runs.holdsAt(engine, entry.deviceTime(), read.value());
        judged = held.judgement();
        call = held.call();
        engines.coolantRoundWith(engine);
      }
    }
    readings.taken(meant, read, judged, entry);
    if (call != null) {
      tags.read(meant, read, call, entry);
    }
    if (read.limit().equals(Limits.ENGINE_HOURS.key())) {
      boat.enginesMeant(read.engine())
          .forEach(engine -> services.ran(engine, entry.deviceTime(), read.value()));
    }
    if (read.limit().equals(Limits.WATER_AT_EXHAUST.key())
        && Limits.WATER_AT_EXHAUST.judge(read.value()).isGood()) {
      boat.enginesMeant(read.engine()).forEach(runs::waterAtExhaust);
    }
  }

  void seen(Entry entry, Fact.ConditionSeen seen) {
    readings.seen(boat.engineMeant(seen.engine()), seen, entry);
    tags.seen(boat.engineMeant(seen.engine()), seen, entry);
    if (seen.condition().equals(Conditions.SUCTION.key()) && seen.found().call() == Call.GOOD) {
      boat.enginesMeant(seen.engine()).forEach(runs::suctionFilled);
    }
    if (seen.condition().equals(Conditions.COOLANT_LEVEL.key())
        && seen.finding().equals(Conditions.COOLANT_IS_LOW)) {
      circuits.coolantOf(seen.engine(), CircuitFold::coolantRenewed);
    }
  }

  /** Something that falls due was done, alone or as the remedy of a red tag. */
  void done(Entry entry, Position said, Interval interval, String found) {
    services.done(said, interval, entry, found);
    if (interval == Interval.COOLANT) {
      circuits.coolantOf(said, CircuitFold::coolantRenewed);
    }
    for (Position engine : boat.enginesMeant(said)) {
      if (interval == Interval.IMPELLER) {
        readings.impellerReplaced(engine);
        boolean missing = readings.missingPieces().containsKey(engine);
        tags.impellerReplaced(engine, missing, entry.person());
      } else if (interval == Interval.ENGINE_OIL) {
        tags.oilChanged(engine, entry.person());
      }
    }
  }

  void remedied(Entry entry, Fact.TagRemedied remedied) {
    Position whose = boat.engineMeant(remedied.engine());
    TagCause.Remedy remedy = remedied.cause().remedy(remedied.remedy());
    tags.remedied(whose, remedied.cause(), remedy, entry.person());
    if (remedy.work() != null) {
      done(entry, whose, remedy.work(), remedied.found());
    }
    boolean givenUp = remedied.cause() == TagCause.VANES_MISSING && remedy.lifts();
    boolean lowLoad = givenUp || remedied.cause() == TagCause.WHITE_CLOUD;
    for (Position engine : boat.enginesMeant(remedied.engine())) {
      if (givenUp) {
        readings.piecesGivenUp(engine);
      }
      if (lowLoad) {
        fittings.limitLoad(engine, entry, remedied.cause());
      }
    }
  }
}
