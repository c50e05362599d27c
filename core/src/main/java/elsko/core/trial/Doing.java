package elsko.core.trial;

import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Scale;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.StepTimer;
import elsko.core.procedure.card.StepTimers;
import elsko.core.procedure.card.UsualAnswers;
import elsko.core.trueboat.Saw;
import elsko.core.trueboat.TrueBoat;
import elsko.core.trueboat.TruePump;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Does on a true boat what a card asks, with a hand's mistakes, and gives what was seen as facts.
 */
final class Doing {
  private static final double WARM_MIN = 9;
  private static final double TOO_SHORT_MIN = 2;
  private static final double HOT_C = 45;
  private static final double SHORT_RUN_S = 20;
  private static final double RUNS_ON_S = 30;
  private static final double ON_THE_BENCH_C = 16;
  private static final double COLD_GAUGE_C = 52;
  private static final InstrumentUse COOLANT_GLASS =
      new InstrumentUse(
          "coolant glass",
          new Instrument(InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 0.5, 10, 30, 0, 1));

  private final TrueBoat truth;
  private final Logbook book;
  private final Shelf shelf;
  private final Set<Mistake> mistakes;
  private final UsualAnswers usual;

  /** Null until it has passed. */
  private @Nullable Winter winter;

  /** The engines whose feed the card had called empty before their pump was wrecked. */
  private final Set<Position> warned = EnumSet.noneOf(Position.class);

  Doing(TrueBoat truth, Logbook book, Shelf shelf, Set<Mistake> mistakes) {
    this.truth = truth;
    this.book = book;
    this.shelf = shelf;
    this.mistakes = mistakes;
    this.usual = new UsualAnswers(shelf.lot, shelf.glass(), COOLANT_GLASS, 0, Map.of());
  }

  /** In spring: what the winter cracked is found by whoever looks. */
  void wintered(@Nullable Winter passed) {
    winter = passed;
  }

  Set<Position> warned() {
    return warned;
  }

  List<Fact> usually(Ask ask) {
    return usual.to(ask, book.state());
  }

  /** Does what is asked, and gives what was seen as facts. */
  List<Fact> really(Step step, Ask ask) {
    return switch (ask) {
      case Ask.Set set -> {
        truth.set(set.fitting(), set.to());
        yield usually(set);
      }
      case Ask.Open open -> opened(open);
      case Ask.Engine engine -> {
        if (engine.start()) {
          started(engine);
        } else {
          ran(step, engine);
        }
        yield usually(engine);
      }
      case Ask.Kick kick -> {
        truth.kick(book.boat.engineCircuit(kick.engine()).key());
        yield usually(kick);
      }
      case Ask.Read read -> Limits.isPlateau(read.limit()) ? gauge(read) : usually(read);
      case Ask.Fill fill -> filled(fill);
      case Ask.Jug jug -> List.of(new Fact.JugRead(shelf.lot, shelf.glass(), shelf.readJug()));
      case Ask.Sample sample -> sampled(sample);
      case Ask.Frost frost -> winter == null ? usually(frost) : lookedForFrost(frost);
      case Ask.See see -> {
        primed(see);
        yield usually(see);
      }
      case Ask.Pieces pieces -> usually(pieces);
      case Ask.Catch caught -> usually(caught);
      case Ask.Disinfect disinfect -> usually(disinfect);
      case Ask.Pick pick -> usually(pick);
      case Ask.Descale descale -> usually(descale);
      case Ask.Count count -> usually(count);
      case Ask.Coolant coolant -> usually(coolant);
      case Ask.Service service -> usually(service);
      case Ask.Oil oil -> usually(oil);
      case Ask.Remedy remedy -> usually(remedy);
      case Ask.Photo photo -> usually(photo);
      case Ask.Complaints complaints -> usually(complaints);
      case Ask.GiveUp given -> usually(given);
      case Ask.Aboard aboard -> usually(aboard);
      case Ask.Look look -> usually(look);
      case Ask.Note note -> usually(note);
      case Ask.Afloat afloat -> usually(afloat);
    };
  }

  private List<Fact> lookedForFrost(Ask.Frost frost) {
    boolean cracked = winter != null && winter.cracked(frost.circuit());
    return List.of(
        new Fact.FrostLooked(frost.circuit(), cracked ? FrostFinding.CRACK : FrostFinding.NOTHING));
  }

  private List<Fact> opened(Ask.Open open) {
    Saw saw = truth.open(open.lowPoint());
    Seen seen = saw == Saw.RAN ? Seen.RAN_CLEAR : Seen.DRY;
    if (saw == Saw.NOTHING_CAME && !mistakes.contains(Mistake.DOES_NOT_ROD)) {
      if (truth.rod(open.lowPoint()) == Saw.RAN) {
        seen = Seen.RAN_AFTER_RODDING;
      } else {
        seen = truth.rodAndAirPass(open.lowPoint()) ? Seen.ROD_AND_AIR : Seen.DID_NOT_RUN;
      }
    }
    List<Fact> facts = new ArrayList<>();
    if (open.fitting() != null) {
      facts.add(new Fact.FittingSet(open.fitting(), open.to(), false, ""));
    }
    facts.add(new Fact.LowPointSeen(open.lowPoint(), seen));
    truth.hasRun(open.lowPoint());
    facts.addAll(othersThatRunNow(open.lowPoint()));
    return facts;
  }

  /** With air let in here, what did not run before may; or it is seen that nothing is in there. */
  private List<Fact> othersThatRunNow(String opened) {
    Circuit circuit = book.boat.circuitOfLowPoint(opened);
    List<Fact> facts = new ArrayList<>();
    for (PointState point : book.state().circuit(circuit.key()).points()) {
      boolean blocked = point.seen() == Seen.DID_NOT_RUN;
      String key = point.point().key();
      if (blocked && !key.equals(opened)) {
        Seen now = lookedAtAgain(key);
        if (now != Seen.DID_NOT_RUN) {
          facts.add(new Fact.LowPointSeen(key, now));
        }
      }
    }
    return facts;
  }

  private Seen lookedAtAgain(String lowPoint) {
    if (truth.hasRun(lowPoint)) {
      return Seen.RAN_CLEAR;
    }
    if (mistakes.contains(Mistake.DOES_NOT_ROD)) {
      return Seen.DID_NOT_RUN;
    }
    if (truth.rod(lowPoint) == Saw.RAN) {
      return Seen.RAN_AFTER_RODDING;
    }
    return truth.rodAndAirPass(lowPoint) ? Seen.ROD_AND_AIR : Seen.DID_NOT_RUN;
  }

  private void primed(Ask.See see) {
    if (see.condition().equals(Conditions.SUCTION.key())) {
      TruePump pump =
          truth.pump(book.boat.engineCircuit(book.boat.engineMeant(see.engine())).key());
      if (pump != null) {
        pump.filled();
      }
    }
  }

  /** How an engine's run went that is stopped now, as far as its pump goes. */
  private void ran(Step step, Ask.Engine engine) {
    Circuit circuit = book.boat.engineCircuit(engine.engine());
    TruePump pump = truth.pump(circuit.key());
    FeedGuard feed = step.feed();
    if (pump == null || feed == null) {
      return;
    }
    boolean tank = feed.gives() == 0;
    double lasts =
        feed.reservoirLiters() == null
            ? pump.lastsOnAHose()
            : tank ? pump.drinks(feed.reservoirLiters()) : pump.lastsOn(feed.reservoirLiters());
    double wants =
        step.run() == null ? Math.min(lasts, SHORT_RUN_S) : step.run().toMinutes() * 60.0;
    // Out of a tank it is stopped at the first bubble.
    double runs = tank ? lasts : wants;
    if (mistakes.contains(Mistake.IGNORES_THE_COUNTDOWN) && !Double.isInfinite(lasts)) {
      runs = lasts + pump.bearsSeconds() + RUNS_ON_S;
      warned(engine.engine(), lasts + pump.bearsSeconds());
    }
    pump.runsDry(Math.max(0, runs - lasts));
    book.pass(runs / 60);
  }

  /** Whether the card had called the feed empty by then. */
  private void warned(@Nullable Position engine, double seconds) {
    Instant then = book.now().plusMillis(Math.round(seconds * 1000));
    boolean called =
        StepTimers.of(book.card(), book.progress()).stream()
            .filter(timer -> timer.kind() == StepTimer.Kind.FEED)
            .anyMatch(timer -> timer.standing(then) == StepTimer.Standing.OVER);
    if (called) {
      warned.add(book.boat.engineMeant(engine));
    }
  }

  /** Off a brim-full strainer, or from the sea where nothing stands above it. */
  private boolean fillsItself(Circuit circuit, StartBasis basis) {
    Fitting lid = book.boat.fittingOf(circuit, FittingKind.STRAINER_LID);
    return basis == StartBasis.PRIMED
        || basis == StartBasis.AFLOAT && (lid == null || lid.belowWaterline());
  }

  private void started(Ask.Engine engine) {
    Circuit circuit = book.boat.engineCircuit(engine.engine());
    TruePump pump = truth.pump(circuit.key());
    if (pump != null) {
      if (fillsItself(circuit, engine.basis())) {
        pump.filled();
      }
      pump.starts();
    }
    boolean onTank =
        engine.basis() == StartBasis.FED
            && book.boat.fittingsOf(circuit, FittingKind.FEED).stream()
                .anyMatch(feed -> truth.stands(feed.key()) == FittingState.TANK);
    if (!onTank && engine.basis().keepsRunning()) {
      double minutes = mistakes.contains(Mistake.SKIPS_THE_WARM_UP) ? TOO_SHORT_MIN : WARM_MIN;
      truth.runOnWater(circuit.key(), minutes);
    }
  }

  /** The gauge holds where it usually does, or it never rose. */
  private List<Fact> gauge(Ask.Read read) {
    Circuit circuit = book.boat.engineCircuit(book.boat.engineMeant(read.engine()));
    return truth.gaugeHolds(circuit.key()) || !hasAThermostatSeen(circuit)
        ? usually(read)
        : List.of(new Fact.ReadingTaken(read.engine(), read.limit(), COLD_GAUGE_C, null));
  }

  private static boolean hasAThermostatSeen(Circuit circuit) {
    return circuit.segments().stream().anyMatch(segment -> segment.gated());
  }

  private List<Fact> filled(Ask.Fill fill) {
    double asked = fill.liters();
    if (fill.pourPoint() == null) {
      double liters = mistakes.contains(Mistake.DRAWS_TOO_LITTLE) ? asked / 2 : asked;
      truth.draw(fill.circuit(), liters, shelf.poured);
      return List.of(new Fact.FluidUsed(fill.circuit(), shelf.lot, liters, null));
    }
    // Poured until it runs over, a little more than what was asked for where it takes it.
    double liters = 0;
    double over = 0;
    while (over == 0 && liters < 1.6 * asked) {
      double now = Math.max(0.05, asked / 20);
      over = truth.pour(fill.circuit(), fill.pourPoint(), now, shelf.poured);
      liters += now;
    }
    return List.of(new Fact.FluidUsed(fill.circuit(), shelf.lot, liters, fill.pourPoint()));
  }

  List<Fact> sampled(Ask.Sample sample) {
    Double caught = truth.sample(sample.lowPoint());
    if (caught == null) {
      return List.of(new Fact.CouldNotSample(sample.lowPoint(), "nothing comes"));
    }
    double temperature = mistakes.contains(Mistake.HOT_SAMPLES) ? HOT_C : ON_THE_BENCH_C;
    Fact.SampleRead read =
        new Fact.SampleRead(
            sample.lowPoint(), shelf.lot, shelf.glass(), shelf.read(caught), temperature);
    return sample.drain() == null
        ? List.of(read)
        : List.of(
            new Fact.FittingSet(sample.drain(), FittingState.OUT_BAGGED, true, ""),
            new Fact.FittingSet(sample.drain(), FittingState.IN, true, ""),
            read);
  }
}
