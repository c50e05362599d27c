package elsko.server.demo;

import elsko.core.boat.Boat;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.UsualAnswers;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.server.yard.Berths.Place;
import java.time.Duration;
import java.time.Instant;
import java.time.Period;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What happened to one boat of the demonstration, told entry by entry. */
final class DemoStory {
  private static final Duration BETWEEN_ENTRIES = Duration.ofSeconds(50);
  private final Boat boat;
  private final Ledger ledger;
  private final List<Entry> log = new ArrayList<>();
  private final Instant begins;
  private final ZoneId zone;
  private Instant at;
  private String person = "coordinator";
  private UUID card;

  DemoStory(Boat boat, Instant begins, ZoneId zone) {
    this.boat = boat;
    this.ledger = new Ledger(boat, Need.DEFAULT);
    this.begins = begins;
    this.zone = zone;
    this.at = begins;
  }

  DemoStory by(String name) {
    person = name;
    return this;
  }

  Boat boat() {
    return boat;
  }

  /** Tells of so long before the story begins. */
  DemoStory before(Period ago) {
    at = begins.atZone(zone).minus(ago).toInstant();
    return this;
  }

  /** Tells of what the story begins with. */
  DemoStory now() {
    at = begins;
    return this;
  }

  DemoStory later(Duration pause) {
    at = at.plus(pause);
    return this;
  }

  DemoStory berthed(Place place) {
    return say(new Fact.BerthMoved(place.id(), place.name(), place.afloat()));
  }

  /** Put in the water: every seacock seen shut, then opened. */
  DemoStory launched(Place place) {
    List<Fitting> seacocks = boat.fittingsOf(FittingKind.SEACOCK);
    seacocks.forEach(seacock -> set(seacock.key(), FittingState.SHUT, ""));
    berthed(place);
    seacocks.forEach(seacock -> set(seacock.key(), FittingState.OPEN, ""));
    return this;
  }

  /** Somebody looked: what there is holds water, to be taken out or there on purpose. */
  DemoStory cameIn(boolean inService) {
    boat.circuits().stream()
        .filter(circuit -> !circuit.isDryBuilt() && circuit.kind() != CircuitKind.UNANSWERED)
        .forEach(circuit -> say(new Fact.CircuitSeen(circuit.key(), inService)));
    return this;
  }

  DemoStory set(String fitting, FittingState state, String reason) {
    return say(new Fact.FittingSet(fitting, state, false, reason));
  }

  DemoStory say(Fact fact) {
    return add(null, null, fact);
  }

  DemoStory note(String step, String text) {
    return add(card, step, new Fact.Noted(text));
  }

  DemoStory at(String step, Fact fact) {
    return add(card, step, fact);
  }

  /** Opens a winterizing card, the engine by this method. */
  DemoStory opens(Method method) {
    Map<String, String> choices =
        new HashMap<>(Choices.usual(boat, Procedure.WINTERIZE, Practices.USUAL));
    choices.replace("engine", method.name());
    return opens(Procedure.WINTERIZE, choices);
  }

  /** Opens a card with the usual choices. */
  DemoStory opens(Procedure procedure) {
    return opens(procedure, Choices.usual(boat, procedure, Practices.USUAL));
  }

  private DemoStory opens(Procedure procedure, Map<String, String> choices) {
    card = UUID.randomUUID();
    return add(card, null, new Fact.CardOpened(procedure, choices));
  }

  /** Carries the open card out to its end. */
  DemoStory toTheEnd(UsualAnswers usual) {
    return through(null, usual);
  }

  /** Carries the card out up to and with a step. */
  DemoStory through(String last, UsualAnswers usual) {
    Step next = next();
    while (next != null) {
      answer(next, next.asks().size(), usual);
      add(card, next.key(), new Fact.StepDone());
      if (next.key().equals(last)) {
        return this;
      }
      next = next();
    }
    return this;
  }

  /** Answers the first asks of the next open step and leaves it there. */
  DemoStory begins(int asks, UsualAnswers usual) {
    answer(next(), asks, usual);
    return this;
  }

  List<Entry> log() {
    return List.copyOf(log);
  }

  private void answer(Step step, int asks, UsualAnswers usual) {
    for (Ask ask : step.asks().subList(0, asks)) {
      usual.to(ask, state()).forEach(fact -> add(card, step.key(), fact));
    }
  }

  private Step next() {
    BoatState state = state();
    CardProgress progress = state.card(card);
    Card written = CardWriter.write(new CardRequest(state, progress, Practices.USUAL));
    return written.steps().stream()
        .filter(step -> !progress.isSettled(step.key()))
        .findFirst()
        .orElse(null);
  }

  private BoatState state() {
    return ledger.state();
  }

  private DemoStory add(UUID onCard, String step, Fact fact) {
    at = at.plus(BETWEEN_ENTRIES);
    // As the database keeps it, so that what is read again is what was told.
    Instant then = at.truncatedTo(ChronoUnit.MICROS);
    Entry entry = new Entry(UUID.randomUUID(), person, then, then, onCard, step, null, fact);
    log.add(entry);
    ledger.add(entry);
    return this;
  }
}
