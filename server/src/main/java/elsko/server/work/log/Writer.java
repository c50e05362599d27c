package elsko.server.work.log;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.GrowingFold;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Late;
import elsko.core.ledger.fact.OneTap;
import elsko.core.ledger.rules.CorrectionRules;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.LateRules;
import elsko.core.ledger.rules.YardRules;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Bar;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.CardRules;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.live.Changed;
import elsko.server.people.People;
import elsko.server.people.SignedIn;
import elsko.server.yard.Yards;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Adds to the log of a boat whose row it holds; each entry is checked against the one before. */
@Component
class Writer {
  private final KeptEntries entries;
  private final Fleet fleet;
  private final Yards yards;
  private final People people;
  private final ApplicationEventPublisher events;
  private final ObjectProvider<LookFirst> lookFirst;
  private final ObjectProvider<FluidGoesThrough> kit;
  private final LatestFolds latest;

  Writer(
      KeptEntries entries,
      Fleet fleet,
      Yards yards,
      People people,
      ApplicationEventPublisher events,
      ObjectProvider<LookFirst> lookFirst,
      ObjectProvider<FluidGoesThrough> kit,
      LatestFolds latest) {
    this.entries = entries;
    this.fleet = fleet;
    this.yards = yards;
    this.people = people;
    this.events = events;
    this.lookFirst = lookFirst;
    this.kit = kit;
    this.latest = latest;
  }

  /** Begins to write; nobody else does on this boat until the transaction ends. */
  Writing on(UUID boat, SignedIn who) {
    BoatRow row = fleet.lock(boat);
    ProofRules proof = yards.proofRules();
    LatestFolds.Written known = latest.take(row, proof);
    if (known != null) {
      Folded folded = known.folded();
      return new Writing(row, folded.boat(), folded.log(), known.fold(), proof, who);
    }
    List<Entry> log = entries.of(boat);
    Boat described = row.boat();
    GrowingFold fold = GrowingFold.of(described, proof, log);
    return new Writing(row, described, log, fold, proof, who);
  }

  /** The opening of a card with what has to be looked at first, as the weather has it now. */
  Fact opened(BoatState state, Fact.CardOpened opened) {
    LookFirst asks = lookFirst.getIfAvailable();
    List<String> first = asks == null ? List.of() : asks.of(state);
    return new Fact.CardOpened(opened.procedure(), opened.choices(), first);
  }

  /** Adds entries to one boat's log, folding after each so that the next is checked against it. */
  final class Writing {
    private final BoatRow row;
    private final Boat boat;
    private final SignedIn who;
    private final List<Entry> log;
    private final Map<UUID, Card> cards = new HashMap<>();
    private final YardRules rules = yards.rules();
    private final Practices practices = yards.practices();
    private final ProofRules proof;
    private final BoatState before;
    private GrowingFold fold;
    private BoatState state;

    Writing(
        BoatRow row, Boat boat, List<Entry> log, GrowingFold fold, ProofRules proof, SignedIn who) {
      this.row = row;
      this.boat = boat;
      this.who = who;
      this.log = new ArrayList<>(log);
      this.proof = proof;
      this.fold = fold;
      this.state = fold.state();
      this.before = state;
    }

    void add(Entry made, String fingerprint) {
      Entry sent = LateRules.inStep(log, made);
      boolean inTurn = sent.corrects() == null && !LateRules.comesBetween(log, sent);
      Entry entry = sent.corrects() == null ? placed(sent, inTurn) : correction(sent);
      Fact.BerthMoved moved = entry.fact().as(Fact.BerthMoved.class);
      if (moved != null
          && (inTurn || isLastMove(entry))
          && fleet.isTaken(moved.berth(), row.id())) {
        throw Refused.state("berth", moved.berthName() + " is taken by another boat.");
      }
      entries.save(row.id(), entry, fingerprint);
      log.add(entry);
      if (inTurn && entry.mayClaim()) {
        fold.add(entry);
      } else {
        // What changes or joins what came before it: the log is folded again.
        cards.clear();
        fold = GrowingFold.of(boat, proof, log);
      }
      state = fold.state();
    }

    /** Whether the boat lies where it says, although other things happened since. */
    private boolean isLastMove(Entry entry) {
      return log.stream()
          .noneMatch(
              other ->
                  other.fact().is(Fact.BerthMoved.class)
                      && other.happened().isAfter(entry.happened()));
    }

    Entry withLooks(Entry sent) {
      Fact.CardOpened opened = sent.fact().as(Fact.CardOpened.class);
      return opened != null && opened.lookFirst().isEmpty()
          ? sent.with(opened(state, opened))
          : sent;
    }

    /**
     * Judged where it belongs: what waited on a device is marked by a rule it broke, not refused.
     */
    private Entry placed(Entry made, boolean inTurn) {
      Entry sent = made.tap() == null ? made : timed(made);
      if (inTurn && !LateRules.waited(sent)) {
        return checked(sent, state);
      }
      LateRules late = new LateRules(boat, proof, rules, log);
      Text broke = null;
      try {
        checked(sent, inTurn ? state : late.before(sent.happened()));
      } catch (Refused refused) {
        if (!LateRules.marks(sent, refused)) {
          throw refused;
        }
        broke = refused.reason();
      }
      List<UUID> upsets = inTurn ? List.of() : late.upsetBy(sent);
      boolean afterwards = sent.late() != null;
      return broke == null && upsets.isEmpty() && !afterwards
          ? sent
          : sent.with(new Late(afterwards, broke, upsets));
    }

    /** Made by a tap sooner than the work of its step can be done, it proves nothing. */
    private Entry timed(Entry sent) {
      OneTap tap = sent.tap();
      CardProgress progress = sent.card() == null ? null : state.card(sent.card());
      Step step = progress == null ? null : written(sent, progress, state).step(sent.step());
      if (step == null) {
        return sent.by(null);
      }
      boolean tooSoon =
          tap.afterSeconds() != null && Bar.isTooSoon(step, Duration.ofSeconds(tap.afterSeconds()));
      return sent.by(new OneTap(tap.id(), tap.afterSeconds(), tooSoon));
    }

    /**
     * @param then the boat as it stood when it happened
     */
    private Entry checked(Entry entry, BoatState then) {
      MayEnter.check(who.role(), boat, entry.fact());
      if (entry.fact().is(Fact.Withdrawn.class)) {
        throw Refused.value("corrects", "Say which entry is taken back.");
      }
      Fact.CardOpened opened = entry.fact().as(Fact.CardOpened.class);
      if (opened != null) {
        if (entry.card() == null) {
          throw Refused.value("card", "It is missing.");
        }
        Choices.check(boat, opened);
      }
      Interlocks.check(then, entry.person(), entry.fact(), rules, entry.happened());
      onCard(entry, then);
      // What happened a while ago is told as it was.
      if (then == state) {
        kit.ifAvailable(one -> one.mayGoThrough(entry.person(), entry.fact()));
      }
      return entry;
    }

    /**
     * Two devices without signal may both open the card that was laid out for them. The one that
     * did so first is kept, so that what was done on it has a card from then on.
     */
    boolean isOpenAlready(Entry entry) {
      CardProgress card = entry.card() == null ? null : state.card(entry.card());
      Fact.CardOpened opened = entry.fact().as(Fact.CardOpened.class);
      return card != null
          && !entry.happened().isBefore(card.openedAt())
          && opened != null
          && opened.procedure() == card.procedure();
    }

    private void onCard(Entry entry, BoatState then) {
      CardProgress progress = entry.card() == null ? null : then.card(entry.card());
      if (entry.fact().is(Fact.CardOpened.class)) {
        if (progress != null) {
          throw Refused.state("card", "A card with this id is open already.");
        }
        return;
      }
      if (entry.card() == null) {
        if (entry.step() != null || entry.fact().is(Fact.OnCard.class)) {
          throw Refused.value("card", "Say which card it belongs to.");
        }
        return;
      }
      if (progress == null) {
        throw Refused.value("card", "This boat has no such card.");
      }
      CardRules.check(written(entry, progress, then), then, progress, entry.step(), entry.fact());
    }

    /**
     * The card an entry is on, written anew where that matters: when a step is settled, or was not
     * there before. An entry at a step that has just become needless does no harm.
     */
    private Card written(Entry entry, CardProgress progress, BoatState then) {
      if (then != state) {
        return CardWriter.write(new CardRequest(then, progress, practices, entry.happened()));
      }
      Card before = cards.get(entry.card());
      boolean settles = entry.fact().is(Fact.SettlesStep.class);
      boolean knows = before != null && (entry.step() == null || before.step(entry.step()) != null);
      if (settles || !knows) {
        before = CardWriter.write(new CardRequest(state, progress, practices, entry.happened()));
        cards.put(entry.card(), before);
      }
      return before;
    }

    private Entry correction(Entry sent) {
      Entry wrong =
          CorrectionRules.check(
              boat, proof, rules, log, sent.corrects(), sent.person(), sent.fact());
      MayCorrect.check(who, wrong, people.roleOf(wrong.person()));
      // Who may say a thing may also take it back.
      MayEnter.check(who.role(), boat, wrong.fact());
      if (!sent.fact().is(Fact.Withdrawn.class)) {
        MayEnter.check(who.role(), boat, sent.fact());
      }
      Entry entry =
          new Entry(
              sent.id(),
              sent.person(),
              sent.deviceTime(),
              sent.serverTime(),
              wrong.card(),
              wrong.step(),
              wrong.id(),
              sent.fact());
      staysRight(entry, wrong);
      return entry;
    }

    /**
     * The boat as it would stand: where it lies has to be free and fit for it, and no stop goes
     * with it that was another's.
     */
    private void staysRight(Entry correction, Entry wrong) {
      List<Entry> corrected = new ArrayList<>(log);
      corrected.add(correction);
      BoatState after = Ledger.fold(boat, proof, corrected);
      if (after.berth() != null
          && !after.berth().equals(state.berth())
          && fleet.isTaken(after.berth(), row.id())) {
        throw Refused.state("berth", after.berthName() + " is taken by another boat.");
      }
      MayCorrect.checkTags(who, wrong, state, after);
      CorrectionRules.checkAfloat(
          state, after, correction.person(), rules, correction.serverTime());
    }

    boolean has(UUID id) {
      return log.stream().anyMatch(entry -> entry.id().equals(id));
    }

    Folded folded() {
      return new Folded(row, boat, log, state);
    }

    void finish() {
      Instant last = log.isEmpty() ? null : log.get(log.size() - 1).serverTime();
      fleet.project(row.id(), before, state, log.size(), last);
      events.publishEvent(new LatestFolds.Written(folded(), proof, fold));
      events.publishEvent(Changed.log(row.id(), log.size()));
    }
  }
}
