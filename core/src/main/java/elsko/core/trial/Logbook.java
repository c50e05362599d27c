package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.GrowingFold;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.OneTap;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.YardRules;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.CardRules;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A boat's log as the yard keeps it: every entry passes the interlocks and its card's rules. */
final class Logbook {
  private static final YardRules RULES = new YardRules(true, ZoneOffset.UTC);
  static final String HAND = "hand";
  private static final int LATE_ONE_IN = 8;

  final Boat boat;
  private final Need need;
  private final List<Entry> log = new ArrayList<>();
  private GrowingFold fold;
  private Instant now = Instant.parse("2031-10-20T08:00:00Z");
  private String person = HAND;
  private @Nullable UUID card;
  private @Nullable Card written;

  Logbook(Boat boat, Need need) {
    this.boat = boat;
    this.need = need;
    this.fold = GrowingFold.of(boat, ProofRules.of(need), log);
  }

  void pass(double minutes) {
    now = now.plus(Duration.ofSeconds(Math.round(minutes * 60)));
  }

  void waitsUntil(Instant then) {
    now = then.isAfter(now) ? then : now;
  }

  Instant now() {
    return now;
  }

  /** Who does what follows. */
  void by(String who) {
    person = who;
  }

  /** Opens a card, and goes on with it; its id. */
  UUID open(Procedure procedure, Map<String, String> choices) {
    UUID opening = new UUID(0, log.size() + 1L);
    card = opening;
    Fact.CardOpened opened = new Fact.CardOpened(procedure, choices);
    Interlocks.check(state(), person, opened, RULES, now);
    Choices.check(boat, opened);
    add(null, opened, null);
    written = null;
    return opening;
  }

  /** Goes on with a card that was opened before. */
  void turnTo(UUID other) {
    card = other;
    written = null;
  }

  void say(Fact fact) {
    Interlocks.check(state(), person, fact, RULES, now);
    UUID on = card;
    card = null;
    add(null, fact, null);
    card = on;
  }

  /** On the open card, at a step. */
  void at(String step, Fact fact) {
    at(step, fact, null);
  }

  /** The same, by a tap that wrote it together with others. */
  void at(String step, Fact fact, @Nullable OneTap tap) {
    check(step, fact);
    add(step, fact, tap);
    if (fact.is(Fact.SettlesStep.class)) {
      written = null;
    }
  }

  /** Refuses what may not come next. */
  void check(String step, Fact fact) {
    Interlocks.check(state(), person, fact, RULES, now);
    CardRules.check(card(), state(), progress(), step, fact);
  }

  private void add(@Nullable String step, Fact fact, @Nullable OneTap tap) {
    UUID id = new UUID(1, log.size());
    Entry entry = new Entry(id, person, now, now, card, step, null, fact).by(tap);
    log.add(entry);
    if (entry.mayClaim()) {
      fold.add(entry);
    } else {
      fold = GrowingFold.of(boat, ProofRules.of(need), log);
    }
  }

  /** As it stands; its steps change only when one is settled. */
  Card card() {
    if (written == null) {
      written = CardWriter.write(new CardRequest(state(), progress(), Practices.USUAL, now));
    }
    return written;
  }

  CardProgress progress() {
    return Objects.requireNonNull(state().card(card));
  }

  /** The step the last entry was made at, without its circuit; null when it was at none. */
  @Nullable String lastStep() {
    String step = log.isEmpty() ? null : log.get(log.size() - 1).step();
    return step == null ? null : step.substring(step.lastIndexOf('.') + 1);
  }

  BoatState state() {
    return fold.state();
  }

  /** Whether the last entry settled a step. */
  boolean aStepWasSettled() {
    return written == null;
  }

  /** The same boat by the log as it stands when some of its entries came in only at the end. */
  BoatState withSomeLate(Random random) {
    List<Entry> inTime = new ArrayList<>();
    List<Entry> late = new ArrayList<>();
    Instant atLast = now.plus(Duration.ofHours(6));
    for (Entry entry : log) {
      boolean waits = entry.step() != null && random.nextInt(LATE_ONE_IN) == 0;
      if (waits) {
        late.add(
            new Entry(
                    entry.id(),
                    entry.person(),
                    entry.deviceTime(),
                    atLast,
                    entry.card(),
                    entry.step(),
                    null,
                    entry.fact())
                .by(entry.tap()));
      } else {
        inTime.add(entry);
      }
    }
    inTime.addAll(late);
    return Ledger.fold(boat, need, inTime);
  }

  /** What was entered, in words, newest last. */
  List<String> story() {
    return log.stream()
        .map(entry -> entry.step() + (entry.tap() == null ? ": " : ", in one tap: ") + entry.fact())
        .toList();
  }
}
