package elsko.core;

import elsko.core.boat.Boat;
import elsko.core.boat.BoatDescription;
import elsko.core.boat.DrainArrangement;
import elsko.core.boat.FittingState;
import elsko.core.boat.Layout;
import elsko.core.boat.WaterUsedIn;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Need;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Entry;
import elsko.core.ledger.Fact;
import elsko.core.ledger.InstrumentUse;
import elsko.core.ledger.Interlocks;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.Lot;
import elsko.core.ledger.Method;
import elsko.core.ledger.Protection;
import elsko.core.ledger.Seen;
import elsko.core.procedure.Ask;
import elsko.core.procedure.Card;
import elsko.core.procedure.CardRequest;
import elsko.core.procedure.CardRules;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.Step;
import elsko.core.procedure.UsualAnswers;
import java.time.Instant;
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
  public static final double JUG = GlycolCurve.of(Base.PG).freezePointC(0.38);
  public static final double SHORT = GlycolCurve.of(Base.PG).freezePointC(0.21);

  public final Boat boat;
  public final List<Entry> log = new ArrayList<>();
  public Need need = Need.DEFAULT;
  public String person = "technician";
  public UUID card;
  private Instant now = Instant.parse("2026-11-03T08:00:00Z");

  public Story(DrainArrangement drains) {
    boat =
        Boat.of(
            new BoatDescription(
                "Testudo", 7.4, Layout.STERNDRIVE, drains, WaterUsedIn.SALT, 612.0, "", ""));
  }

  public static Story fourDrains() {
    return new Story(DrainArrangement.FOUR_DRAINS);
  }

  /** A boat with water in it and a card opened. */
  public static Story winterizing(DrainArrangement drains, Method method) {
    Story story = new Story(drains);
    story.say(new Fact.CircuitSeen("engine", false));
    story.open(method);
    return story;
  }

  public Story open(Method method) {
    card = UUID.randomUUID();
    add(card, null, null, new Fact.CardOpened(method));
    return this;
  }

  public Entry say(Fact fact) {
    Interlocks.check(state(), person, fact, true);
    return add(null, null, null, fact);
  }

  public Story set(String fitting, FittingState to) {
    say(new Fact.FittingSet(fitting, to, false, ""));
    return this;
  }

  /** On the open card, at a step. */
  public Entry at(String step, Fact fact) {
    BoatState state = state();
    Interlocks.check(state, person, fact, true);
    CardRules.check(card(), state, progress(), step, fact);
    return add(card, step, null, fact);
  }

  public Entry correct(Entry wrong, Fact fact) {
    return add(wrong.card(), wrong.step(), wrong.id(), fact);
  }

  public Entry add(UUID onCard, String step, UUID corrects, Fact fact) {
    now = now.plusSeconds(60);
    Entry entry = new Entry(UUID.randomUUID(), person, now, now, onCard, step, corrects, fact);
    log.add(entry);
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
    UsualAnswers usual = new UsualAnswers(LOT, GLASS, JUG, readings);
    while (true) {
      Step next =
          card().steps().stream()
              .filter(s -> !progress().isSettled(s.key()))
              .findFirst()
              .orElse(null);
      if (next == null) {
        return this;
      }
      for (Ask ask : next.asks()) {
        usual.to(ask, state()).forEach(fact -> at(next.key(), fact));
      }
      at(next.key(), new Fact.StepDone());
      if (next.key().equals(last)) {
        return this;
      }
    }
  }

  public Card card() {
    return CardWriter.write(new CardRequest(state(), progress().method(), true));
  }

  public CardProgress progress() {
    return state().card(card);
  }

  public BoatState state() {
    return Ledger.fold(boat, need, log);
  }

  public Protection protection() {
    return state().protection();
  }
}
