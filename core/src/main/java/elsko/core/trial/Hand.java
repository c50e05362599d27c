package elsko.core.trial;

import elsko.core.Refused;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.OneTap;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Bar;
import elsko.core.procedure.card.Step;
import elsko.core.trueboat.TrueBoat;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Follows a card step by step on a true boat, and records what it sees. */
final class Hand {
  private static final int MOST_STEPS = 200;

  /** With two cards open it turns to the other so often. */
  private static final int TURNS_ONE_IN = 3;

  private static final int GIVES_UP_ONE_IN = 4;
  private static final int BAR_ONE_IN = 3;
  private static final int SKIPS_ONE_IN = 12;
  private static final int ANOTHER_ONE_IN = 6;
  private static final int ANOTHER_LOOKS_AHEAD = 5;
  private static final String ANOTHER = "another";

  private final TrueBoat truth;
  private final Logbook book;
  private final Shelf shelf;
  private final Set<Mistake> mistakes;
  private final Random random;
  private final Runnable afterEach;
  private final Doing doing;

  /** Why it could not go on, or null. */
  private @Nullable String stuck;

  /**
   * @param afterEach called after every entry
   */
  Hand(
      TrueBoat truth,
      Logbook book,
      Shelf shelf,
      Set<Mistake> mistakes,
      Random random,
      Runnable afterEach) {
    this.truth = truth;
    this.book = book;
    this.shelf = shelf;
    this.mistakes = mistakes;
    this.random = random;
    this.afterEach = afterEach;
    this.doing = new Doing(truth, book, shelf, mistakes);
  }

  /** Says that every circuit has water in it, as the boat came in. */
  void looksAround() {
    for (Circuit circuit : book.boat.circuits()) {
      if (!circuit.isDryBuilt() && circuit.kind() != CircuitKind.UNANSWERED) {
        book.say(new Fact.CircuitSeen(circuit.key(), false));
        afterEach.run();
      }
    }
  }

  /**
   * Does a card, until it is refused to go on.
   *
   * @param before key of the step it stops at; null: to its end
   */
  void does(Procedure procedure, Map<String, String> choices, @Nullable String before) {
    book.open(procedure, choices);
    for (int i = 0; i < MOST_STEPS && stuck == null; i++) {
      Step next = next();
      if (next == null || next.key().equals(before)) {
        return;
      }
      step(next);
    }
  }

  /** Does two cards that lie open, now here, now there; what waits for the other card waits. */
  void doesInTurn(UUID one, UUID other) {
    UUID at = one;
    for (int i = 0; i < MOST_STEPS && stuck == null; i++) {
      at = random.nextInt(TURNS_ONE_IN) == 0 ? (at.equals(one) ? other : one) : at;
      book.turnTo(at);
      Step next = next();
      if (next == null || next.elsewhere() != null && next.elsewhere().first()) {
        at = at.equals(one) ? other : one;
        book.turnTo(at);
        next = next();
        if (next == null) {
          book.turnTo(at.equals(one) ? other : one);
          next = next();
        }
        if (next == null) {
          return;
        }
      }
      step(next);
    }
  }

  private @Nullable Step next() {
    return book.card().steps().stream()
        .filter(step -> !book.progress().isSettled(step.key()))
        .findFirst()
        .orElse(null);
  }

  /** In spring: what the winter cracked is found by whoever looks. */
  void wintered(@Nullable Winter passed) {
    doing.wintered(passed);
  }

  /** The engines whose feed the card had called empty before their pump was wrecked. */
  Set<Position> warned() {
    return doing.warned();
  }

  @Nullable String stuck() {
    return stuck;
  }

  private void step(Step step) {
    if (isLeftOut(step)) {
      skip(step, Refused.state("step", "no time"));
      return;
    }
    boolean undoes = Ask.only(Ask.GiveUp.class, step.asks()).findAny().isPresent();
    if (undoes && random.nextInt(GIVES_UP_ONE_IN) > 0) {
      skip(step, Refused.state("step", "its proof stays as it is"));
      return;
    }
    if (mistakes.contains(Mistake.TAPS_THE_BAR_BLIND) && random.nextInt(BAR_ONE_IN) == 0) {
      barAtOnce(step);
      return;
    }
    boolean blind = mistakes.contains(Mistake.TAPS_BLIND) && random.nextInt(4) == 0;
    try {
      for (Ask ask : step.asks()) {
        anotherDoesSomething(step);
        asksFirst(step, ask);
        for (Fact fact : blind ? blind(ask) : doing.really(step, ask)) {
          enter(step, fact);
        }
      }
      pass(step.minutes());
      enter(step, new Fact.StepDone());
    } catch (Refused refused) {
      skip(step, refused);
    }
  }

  /**
   * Nothing of the step was done but what the bar does not write; it was asked whether it can be
   * done already, and said so.
   */
  private void barAtOnce(Step step) {
    OneTap tap = new OneTap(new UUID(2, step.key().hashCode()), 0, true);
    try {
      for (Ask ask : step.asks()) {
        boolean written = Bar.writes(book.state(), ask);
        asksFirst(step, ask);
        for (Fact fact : written ? doing.usually(ask) : doing.really(step, ask)) {
          book.at(step.key(), fact, written ? tap : null);
          afterEach.run();
        }
      }
      book.at(step.key(), new Fact.StepDone(), tap);
      afterEach.run();
    } catch (Refused refused) {
      skip(step, refused);
    }
  }

  /** What stands in the way is read before anything is poured, turned or taken out. */
  private void asksFirst(Step step, Ask ask) {
    switch (ask) {
      case Ask.Fill fill ->
          book.check(
              step.key(),
              new Fact.FluidUsed(fill.circuit(), shelf.lot, fill.liters(), fill.pourPoint()));
      case Ask.Open open -> {
        if (open.fitting() != null) {
          book.check(step.key(), new Fact.FittingSet(open.fitting(), open.to(), false, ""));
        }
      }
      case Ask.Set set -> doing.usually(set).forEach(fact -> book.check(step.key(), fact));
      case Ask.Engine engine -> doing.usually(engine).forEach(fact -> book.check(step.key(), fact));
      case Ask.Kick kick -> doing.usually(kick).forEach(fact -> book.check(step.key(), fact));
      case Ask.Read read -> {}
      case Ask.See see -> {}
      case Ask.Pieces pieces -> {}
      case Ask.Catch caught -> {}
      case Ask.Disinfect disinfect -> {}
      case Ask.Pick pick -> {}
      case Ask.Descale descale -> {}
      case Ask.Count count -> {}
      case Ask.Jug jug -> {}
      case Ask.Sample sample -> {}
      case Ask.Coolant coolant -> {}
      case Ask.Frost frost -> {}
      case Ask.Service service -> {}
      case Ask.Oil oil -> {}
      case Ask.Remedy remedy -> {}
      case Ask.Photo photo -> {}
      case Ask.Complaints complaints -> {}
      case Ask.GiveUp given -> {}
      case Ask.Aboard aboard -> {}
      case Ask.Look look -> {}
      case Ask.Note note -> {}
      case Ask.Afloat afloat -> {}
    }
  }

  /** Somebody else is aboard, and does what is next to hand at a later step of the same card. */
  private void anotherDoesSomething(Step now) {
    if (!mistakes.contains(Mistake.TWO_AT_ONCE) || random.nextInt(ANOTHER_ONE_IN) > 0) {
      return;
    }
    List<Step> later =
        book.card().steps().stream()
            .filter(step -> !book.progress().isSettled(step.key()))
            .filter(step -> !step.key().equals(now.key()) && !step.asks().isEmpty())
            .limit(ANOTHER_LOOKS_AHEAD)
            .toList();
    if (later.isEmpty()) {
      return;
    }
    Step step = later.get(random.nextInt(later.size()));
    Ask ask = step.asks().get(random.nextInt(step.asks().size()));
    book.by(ANOTHER);
    try {
      asksFirst(step, ask);
      for (Fact fact : doing.really(step, ask)) {
        enter(step, fact);
      }
    } catch (Refused refused) {
      // It was told so before it did anything; the first goes on.
    } finally {
      book.by(Logbook.HAND);
    }
  }

  private boolean isLeftOut(Step step) {
    boolean hoses = step.key().endsWith("hoses-low");
    return hoses && mistakes.contains(Mistake.FEEDS_ABOVE_AN_UNDRAINED_HOSE)
        || mistakes.contains(Mistake.SKIPS_A_STEP) && random.nextInt(SKIPS_ONE_IN) == 0;
  }

  /** What cannot be finished is skipped with its reason; what cannot even be skipped ends it. */
  private void skip(Step step, Refused why) {
    try {
      for (Position engine : List.copyOf(book.state().running().keySet())) {
        enter(step, new Fact.EngineStopped(engine));
      }
      enter(step, new Fact.StepSkipped(why.reason().toString()));
    } catch (Refused refused) {
      stuck = step.key() + ": " + refused.getMessage();
    }
  }

  private void enter(Step step, Fact fact) {
    book.at(step.key(), fact);
    afterEach.run();
  }

  private void pass(double minutes) {
    truth.pass(minutes);
    book.pass(minutes);
  }

  private List<Fact> blind(Ask ask) {
    return Ask.only(Ask.Sample.class, List.of(ask))
        .findAny()
        .map(doing::sampled)
        .orElseGet(() -> doing.usually(ask));
  }
}
