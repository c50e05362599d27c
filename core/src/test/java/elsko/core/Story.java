package elsko.core;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.YardRules;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.CardRules;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.UsualAnswers;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A boat's log while a test writes it: every entry passes the interlocks, as it would in the yard.
 */
public final class Story {
  public static final Lot LOT =
      new Lot("P38-1", "Harbor Pink 38", new Product(Base.PG, 0.38, -59.4, LabelRates.BURST));
  public static final InstrumentUse GLASS =
      new InstrumentUse(
          "bay glass",
          new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0.5, 10, 30, 0, 1));
  public static final InstrumentUse COOLANT_GLASS =
      new InstrumentUse(
          "coolant glass",
          new Instrument(InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 0.5, 10, 30, 0, 1));
  public static final YardRules RULES = new YardRules(true, ZoneOffset.UTC);
  public static final double JUG = GlycolCurve.of(Base.PG).freezePointC(0.38);
  public static final double SHORT = GlycolCurve.of(Base.PG).freezePointC(0.21);

  public static final UsualAnswers USUAL =
      new UsualAnswers(LOT, GLASS, COOLANT_GLASS, JUG, Map.of());

  public final Boat boat;
  public Practices practices = Practices.USUAL;
  public final List<Entry> log = new ArrayList<>();
  public Need need = Need.DEFAULT;
  public String person = "technician";
  public UUID card;
  private Card written;
  private UUID writtenFor;
  private Ledger ledger;
  private Need folded;
  private BoatState state;
  private Instant now = Instant.parse("2026-11-03T08:00:00Z");

  public Story(DrainArrangement drains) {
    this(Hulls.sterndrive(drains));
  }

  public Story(BoatDescription description) {
    boat = Boat.of(description);
  }

  public static Story fourDrains() {
    return new Story(DrainArrangement.FOUR_DRAINS);
  }

  /** A boat with water in it and a card opened. */
  public static Story winterizing(DrainArrangement drains, Method method) {
    Story story = new Story(drains).wet();
    story.open(Procedure.WINTERIZE, Map.of("engine", method.name()));
    return story;
  }

  /** Somebody looked: there is water in everything. */
  public Story wet() {
    boat.circuits().stream()
        .filter(circuit -> !circuit.isDryBuilt())
        .forEach(circuit -> say(new Fact.CircuitSeen(circuit.key(), false)));
    return this;
  }

  /** Opens a card with the usual choices. */
  public Story open(Procedure procedure) {
    return open(procedure, Choices.usual(boat, procedure, practices));
  }

  public Story open(Procedure procedure, Map<String, String> choices) {
    card = UUID.randomUUID();
    Fact.CardOpened opened = new Fact.CardOpened(procedure, choices);
    Interlocks.check(state(), person, opened, RULES, now);
    Choices.check(boat, opened);
    add(card, null, null, opened);
    return this;
  }

  public Entry say(Fact fact) {
    Interlocks.check(state(), person, fact, RULES, now);
    return add(null, null, null, fact);
  }

  public Story set(String fitting, FittingState to) {
    say(new Fact.FittingSet(fitting, to, false, ""));
    return this;
  }

  /** On the open card, at a step. */
  public Entry at(String step, Fact fact) {
    BoatState state = state();
    Interlocks.check(state, person, fact, RULES, now);
    CardRules.check(written(step, fact), state, progress(), step, fact);
    return add(card, step, null, fact);
  }

  /** As the server does: written anew when a step is settled, or is not on it yet. */
  private Card written(String step, Fact fact) {
    boolean settles = fact instanceof Fact.StepDone || fact instanceof Fact.StepSkipped;
    boolean knows = written != null && step != null && written.step(step) != null;
    if (settles || !knows || !card.equals(writtenFor)) {
      written = card();
      writtenFor = card;
    }
    return written;
  }

  /** Goes on at eight the next day: what was seen the day before is no longer seen today. */
  public Story nextMorning() {
    now = now.truncatedTo(ChronoUnit.DAYS).plus(Duration.ofHours(24 + 8));
    return this;
  }

  public Story daysLater(int days) {
    now = now.plus(Duration.ofDays(days));
    return this;
  }

  /** What is said next happens so long after what was said last. */
  public Story in(Duration later) {
    now = now.plus(later).minusSeconds(60);
    return this;
  }

  public Instant now() {
    return now;
  }

  public Entry correct(Entry wrong, Fact fact) {
    return add(wrong.card(), wrong.step(), wrong.id(), fact);
  }

  public Entry add(UUID onCard, String step, UUID corrects, Fact fact) {
    now = now.plusSeconds(60);
    Entry entry = new Entry(UUID.randomUUID(), person, now, now, onCard, step, corrects, fact);
    log.add(entry);
    if (corrects != null) {
      ledger = null;
    } else if (ledger != null) {
      ledger.add(entry);
    }
    state = null;
    return entry;
  }

  public Story drainAll() {
    boat.circuits()
        .get(0)
        .lowPoints()
        .forEach(
            point -> {
              boolean drain = boat.circuits().get(0).drains().contains(point.opens());
              set(point.opens(), drain ? FittingState.OUT_BAGGED : FittingState.OFF);
              say(new Fact.LowPointSeen(point.key(), Seen.RAN_CLEAR));
            });
    return this;
  }

  /** Walks the card up to and with the step named, as usual but for the readings given. */
  public Story walkTo(String last, Map<String, Double> readings) {
    UsualAnswers usual = USUAL.reading(readings);
    while (true) {
      Step next =
          card().steps().stream()
              .filter(s -> !progress().isSettled(s.key()))
              .findFirst()
              .orElse(null);
      if (next == null) {
        return this;
      }
      answer(next, usual);
      at(next.key(), new Fact.StepDone());
      if (next.key().equals(last)) {
        return this;
      }
    }
  }

  /** Everything a step asks for, as usual. */
  public Story answer(Step step, UsualAnswers usual) {
    for (Ask ask : step.asks()) {
      usual.to(ask, state()).forEach(fact -> at(step.key(), fact));
    }
    return this;
  }

  /** Walks the whole card as usual. */
  public Story walk() {
    return walkTo(progress().procedure().lastStep(), Map.of());
  }

  public Card card() {
    return CardWriter.write(new CardRequest(state(), progress(), practices, now));
  }

  public CardProgress progress() {
    return state().card(card);
  }

  public BoatState state() {
    if (state != null && state.need().equals(need)) {
      return state;
    }
    boolean corrected = log.stream().anyMatch(entry -> entry.corrects() != null);
    if (corrected || ledger == null || !folded.equals(need)) {
      state = Ledger.fold(boat, need, log);
      ledger = null;
      if (!corrected) {
        ledger = new Ledger(boat, need);
        folded = need;
        log.forEach(ledger::add);
      }
      return state;
    }
    state = ledger.state();
    return state;
  }

  public Protection protection() {
    return state().protection();
  }
}
