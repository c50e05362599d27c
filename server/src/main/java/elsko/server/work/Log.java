package elsko.server.work;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Late;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.rules.CorrectionRules;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.LateRules;
import elsko.core.ledger.rules.YardRules;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.CardRules;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Schools;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.live.Changed;
import elsko.server.people.People;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.problems.Forbidden;
import elsko.server.said.NewEntry;
import elsko.server.said.SaidReader;
import elsko.server.yard.Yards;
import elsko.server.yard.Yards.Place;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes entries in, one boat at a time, and keeps its projection beside them. */
@Service
public class Log {
  private static final int MOST_AT_ONCE = 500;

  /** In whose name the demonstration's past is kept. */
  private static final SignedIn ITSELF = new SignedIn("Elsko itself", Role.COORDINATOR);

  private final EntryRepository entries;
  private final Fleet fleet;
  private final Yards yards;
  private final SaidReader facts;
  private final FactJson json;
  private final People people;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final ObjectProvider<LookFirst> lookFirst;
  private final ObjectProvider<FluidGoesThrough> kit;
  private final LatestFolds latest;

  Log(
      EntryRepository entries,
      Fleet fleet,
      Yards yards,
      SaidReader facts,
      FactJson json,
      People people,
      ApplicationEventPublisher events,
      Clock clock,
      ObjectProvider<LookFirst> lookFirst,
      ObjectProvider<FluidGoesThrough> kit,
      LatestFolds latest) {
    this.latest = latest;
    this.entries = entries;
    this.fleet = fleet;
    this.yards = yards;
    this.facts = facts;
    this.json = json;
    this.people = people;
    this.events = events;
    this.clock = clock;
    this.lookFirst = lookFirst;
    this.kit = kit;
  }

  /** The day it is in the yard. */
  LocalDate today() {
    return LocalDate.now(clock);
  }

  /** When the newest entry came in; null while there is none. */
  @Transactional(readOnly = true)
  public @Nullable Instant newest() {
    EntryRow newest = entries.findFirstByOrderBySeqDesc();
    return newest == null ? null : newest.serverTime();
  }

  /** The boat's log as it was kept, and its state now. */
  @Transactional(readOnly = true)
  public Folded folded(UUID boat) {
    BoatRow row = fleet.boat(boat);
    return folded(row, read(boat));
  }

  /**
   * The boat with a card of a procedure open: as it is, or as it would be if one were opened now,
   * by an id that is the same on every device until one is.
   */
  @Transactional(readOnly = true)
  public Folded laidOut(UUID boat, Procedure procedure) {
    Folded now = folded(boat);
    if (now.state().openCard(procedure) != null) {
      return now;
    }
    long before =
        now.state().cards().stream().filter(card -> card.procedure() == procedure).count();
    UUID id =
        UUID.nameUUIDFromBytes(
            "%s %s %d".formatted(boat, procedure, before).getBytes(StandardCharsets.UTF_8));
    Map<String, String> usual = Choices.usual(now.boat(), procedure, yards.schools());
    Instant at = clock.instant();
    List<Entry> log = new ArrayList<>(now.log());
    Fact opened = opened(now.state(), new Fact.CardOpened(procedure, usual));
    log.add(new Entry(id, "", at, at, id, null, null, opened));
    return folded(now.row(), log);
  }

  /** The opening of a card with what has to be looked at first, as the weather has it now. */
  private Fact opened(BoatState state, Fact.CardOpened opened) {
    LookFirst asks = lookFirst.getIfAvailable();
    List<String> first = asks == null ? List.of() : asks.of(state);
    return new Fact.CardOpened(opened.procedure(), opened.choices(), first);
  }

  /** Many boats, each with its log and state, in one reading. */
  @Transactional(readOnly = true)
  public List<Folded> folded(Collection<UUID> boats) {
    Map<UUID, List<Entry>> logs = logs(boats);
    ProofRules rules = yards.proofRules();
    return fleet.boats(boats).stream()
        .map(
            row -> {
              Boat boat = row.boat();
              List<Entry> log = logs.getOrDefault(row.id(), List.of());
              return new Folded(row, boat, log, Ledger.fold(boat, rules, log));
            })
        .toList();
  }

  /** Many boats as they stand; of those that were written last nothing is read again. */
  @Transactional(readOnly = true)
  List<Folded> standing(Collection<UUID> boats) {
    Map<UUID, Folded> known = latest.of(boats, yards.proofRules());
    List<UUID> others = boats.stream().filter(boat -> !known.containsKey(boat)).toList();
    List<Folded> all = new ArrayList<>(known.values());
    if (!others.isEmpty()) {
      all.addAll(folded(others));
    }
    return all;
  }

  private Map<UUID, List<Entry>> logs(Collection<UUID> boats) {
    Map<UUID, List<Entry>> logs = new HashMap<>();
    for (EntryRow row : entries.findByBoatIdInOrderBySeq(boats)) {
      logs.computeIfAbsent(row.boatId(), id -> new ArrayList<>()).add(json.read(row));
    }
    return logs;
  }

  /**
   * Keeps all of the entries or none. Those whose id is kept already are left as they are.
   *
   * @param sentAt when the device says it sent them; null when it does not say
   */
  @Transactional
  public Appended append(UUID boatId, List<NewEntry> bodies, Instant sentAt, SignedIn who) {
    checkSize(bodies);
    Writing writing = writing(boatId, who);
    Known known = known(boatId, bodies);
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    DeviceClock device = new DeviceClock(now, sentAt);
    for (NewEntry body : bodies) {
      if (known.isNew(body)) {
        Instant happened = device.happened(body.deviceTime());
        Fact fact = facts.fact(body, device.standing(happened));
        boolean afterwards = device.afterwards(happened, body.downloadedAt());
        keep(writing, known, body, entry(body, happened, afterwards, now, fact, who));
      }
    }
    writing.finish();
    return new Appended(bodies.stream().map(NewEntry::id).toList(), writing.folded());
  }

  /** Judges each entry by itself, in order; tells of each whether it is kept. */
  @Transactional
  Folded appendEach(
      UUID boatId,
      List<WaitingEntries.Read> waiting,
      Instant now,
      SignedIn who,
      Consumer<WaitingEntries.Answer> tell) {
    Writing writing = writing(boatId, who);
    Known known = known(boatId, waiting.stream().map(WaitingEntries.Read::body).toList());
    for (WaitingEntries.Read read : waiting) {
      UUID id = read.body().id();
      try {
        if (read.refused() != null) {
          throw read.refused();
        }
        if (known.isNew(read.body())) {
          Entry entry =
              entry(read.body(), read.happened(), read.afterwards(), now, read.fact(), who);
          if (!writing.isOpenAlready(entry)) {
            keep(writing, known, read.body(), entry);
          }
        }
        tell.accept(WaitingEntries.Answer.kept(id));
      } catch (Refused refused) {
        tell.accept(WaitingEntries.Answer.refused(id, refused));
      } catch (Forbidden forbidden) {
        tell.accept(WaitingEntries.Answer.refused(id, forbidden));
      }
    }
    writing.finish();
    return writing.folded();
  }

  private void keep(Writing writing, Known known, NewEntry body, Entry entry) {
    String print = json.fingerprint(body);
    writing.add(writing.withLooks(entry), print);
    known.keep(body, print);
    if (entry.corrects() == null) {
      kit.ifAvailable(one -> one.wentThrough(entry.person(), entry.fact()));
    }
  }

  static void checkSize(List<NewEntry> bodies) {
    if (bodies == null || bodies.isEmpty()) {
      throw Refused.value("entries", "There is nothing to enter.");
    }
    if (bodies.size() > MOST_AT_ONCE) {
      throw Refused.value("entries", "At most 500 entries at once.");
    }
    if (bodies.stream().anyMatch(Objects::isNull)) {
      throw Refused.value("entries", "One of them is missing.");
    }
  }

  private Writing writing(UUID boatId, SignedIn who) {
    BoatRow row = fleet.lock(boatId);
    return new Writing(row, read(boatId), who);
  }

  private static Entry entry(
      NewEntry body, Instant happened, boolean afterwards, Instant now, Fact fact, SignedIn who) {
    return new Entry(
        body.id(),
        who.name(),
        happened,
        now,
        body.card(),
        body.step(),
        body.corrects(),
        fact,
        afterwards ? new Late(true, null, List.of()) : null);
  }

  /**
   * Keeps what follows from a boat as it stands, once: sent again with the same id it is left as it
   * is.
   *
   * @param sentAt when the device says it sent it; null when it does not say
   * @param fact what is said of the boat in the state it has then
   */
  @Transactional
  public Folded keepOnce(
      UUID boatId,
      UUID id,
      Instant deviceTime,
      @Nullable Instant sentAt,
      SignedIn who,
      Function<BoatState, Fact> fact) {
    if (id == null) {
      throw Refused.value("id", "It is missing.");
    }
    Writing writing = writing(boatId, who);
    boolean kept = writing.log.stream().anyMatch(entry -> entry.id().equals(id));
    if (!kept && !entries.findByIdIn(List.of(id)).isEmpty()) {
      throw Refused.state("id", "Another entry with this id is kept already.");
    }
    if (!kept) {
      Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
      Instant happened = new DeviceClock(now, sentAt).happened(deviceTime);
      Entry entry =
          new Entry(id, who.name(), happened, now, null, null, null, fact.apply(writing.state));
      writing.add(entry, json.fingerprint(entry));
      writing.finish();
    }
    return writing.folded();
  }

  /** Keeps entries that are complete already, in the order given; for the demonstration's past. */
  @Transactional
  public void keep(UUID boatId, List<Entry> complete) {
    BoatRow row = fleet.lock(boatId);
    Writing writing = new Writing(row, read(boatId), ITSELF);
    for (Entry entry : complete) {
      writing.add(entry, json.fingerprint(entry));
    }
    writing.finish();
  }

  /**
   * Begins the log of a boat that was only just taken in, with where it lies. That is no launch: it
   * lies there already.
   *
   * @param place null while it has no berth
   */
  @Transactional
  public void takeIn(UUID boatId, BoatDescription description, Place place, String person) {
    List<Entry> log = new ArrayList<>();
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    if (place != null) {
      Fact lies = new Fact.BerthMoved(place.id(), place.name(), place.afloat());
      Entry entry = new Entry(UUID.randomUUID(), person, now, now, null, null, null, lies);
      entries.save(new EntryRow(boatId, entry, json.write(lies), json.fingerprint(entry)));
      log.add(entry);
    }
    BoatState state = Ledger.fold(Boat.of(description), yards.proofRules(), log);
    fleet.projectNew(boatId, state, log.size(), log.isEmpty() ? null : now);
  }

  /** Takes in a boat that somebody described: whole, or not at all. */
  @Transactional
  public Folded describeNew(BoatDescription description) {
    UUID id = fleet.add(description).id();
    project(id);
    return folded(id);
  }

  /** Describes many boats anew, as they were checked already, and folds their logs again. */
  @Transactional
  public void describeAnew(Map<UUID, BoatDescription> checked) {
    fleet.change(checked);
    Map<UUID, List<Entry>> logs = logs(checked.keySet());
    ProofRules rules = yards.proofRules();
    Map<UUID, Fleet.Fold> folds = new HashMap<>();
    checked.forEach(
        (id, description) -> {
          List<Entry> log = logs.getOrDefault(id, List.of());
          Instant last = log.isEmpty() ? null : log.get(log.size() - 1).serverTime();
          BoatState state = Ledger.fold(Boat.of(description), rules, log);
          folds.put(id, new Fleet.Fold(state, log.size(), last));
        });
    fleet.project(folds);
  }

  /** Folds a boat anew and keeps what lists need of it. */
  @Transactional
  public void project(UUID boatId) {
    BoatRow row = fleet.lock(boatId);
    List<Entry> log = read(boatId);
    project(row, log, folded(row, log).state());
  }

  /** Of some boats those that stand otherwise now than lists have them. */
  @Transactional(readOnly = true)
  List<UUID> standOtherwise(Collection<UUID> boats) {
    return folded(boats).stream()
        .filter(one -> !fleet.isAsProjected(one.row().id(), one.state()))
        .map(one -> one.row().id())
        .toList();
  }

  /** Works out again what lists show of a boat, and tells those who look at it. */
  @Transactional
  void judgeAgain(UUID boat) {
    project(boat);
    events.publishEvent(Changed.boat(boat));
  }

  /** The card of this id as it is written now. */
  Card card(BoatState state, CardProgress progress) {
    return CardWriter.write(new CardRequest(state, progress, yards.schools(), clock.instant()));
  }

  /** A card as it is carried out now. */
  public CardView shown(Folded folded, CardProgress progress) {
    Card card = card(folded.state(), progress);
    return CardView.of(folded, card, progress, yards.rules(), clock.instant());
  }

  private Folded folded(BoatRow row, List<Entry> log) {
    Boat boat = row.boat();
    return new Folded(row, boat, log, Ledger.fold(boat, yards.proofRules(), log));
  }

  private List<Entry> read(UUID boat) {
    return entries.findByBoatIdOrderBySeq(boat).stream().map(json::read).toList();
  }

  private Known known(UUID boat, List<NewEntry> bodies) {
    Map<UUID, String> prints = new HashMap<>();
    List<UUID> ids = bodies.stream().map(NewEntry::id).filter(id -> id != null).toList();
    for (EntryRow row : entries.findByIdIn(ids)) {
      // An id that is taken on another boat is never the same entry.
      prints.put(row.id(), row.boatId().equals(boat) ? row.fingerprint() : "");
    }
    return new Known(prints);
  }

  private void project(BoatRow row, List<Entry> log, BoatState state) {
    Instant last = log.isEmpty() ? null : log.get(log.size() - 1).serverTime();
    fleet.project(row.id(), state, log.size(), last);
  }

  /** The ids that are kept now, and the boat as it stands after them. */
  public record Appended(List<UUID> ids, Folded folded) {}

  /** A boat, its log and what follows from it. */
  public record Folded(BoatRow row, Boat boat, List<Entry> log, BoatState state) {}

  /** The ids that are kept already, so that sending again keeps nothing new. */
  private final class Known {
    private final Map<UUID, String> prints;

    Known(Map<UUID, String> prints) {
      this.prints = prints;
    }

    /** Refuses an id that is missing, or that stands for something else already. */
    boolean isNew(NewEntry body) {
      if (body.id() == null) {
        throw Refused.value("id", "It is missing.");
      }
      String before = prints.get(body.id());
      if (before != null && !before.equals(json.fingerprint(body))) {
        throw Refused.state("id", "Another entry with this id is kept already.");
      }
      return before == null;
    }

    void keep(NewEntry body, String print) {
      prints.put(body.id(), print);
    }
  }

  /** Adds entries to one boat's log, folding after each so that the next is checked against it. */
  private final class Writing {
    private final BoatRow row;
    private final Boat boat;
    private final SignedIn who;
    private final List<Entry> log;
    private final Map<UUID, Card> cards = new HashMap<>();
    private final YardRules rules = yards.rules();
    private final Schools schools = yards.schools();
    private final ProofRules proof = yards.proofRules();
    private Ledger ledger;
    private BoatState state;

    Writing(BoatRow row, List<Entry> log, SignedIn who) {
      this.row = row;
      this.boat = row.boat();
      this.who = who;
      this.log = new ArrayList<>(log);
      fold();
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
      entries.save(new EntryRow(row.id(), entry, json.write(entry.fact()), fingerprint));
      log.add(entry);
      if (inTurn && entry.late() == null && ledger != null) {
        ledger.add(entry);
        state = ledger.state();
      } else {
        fold();
      }
    }

    /** Whether the boat lies where it says, although other things happened since. */
    private boolean isLastMove(Entry entry) {
      return log.stream()
          .noneMatch(
              other ->
                  other.fact().is(Fact.BerthMoved.class)
                      && other.happened().isAfter(entry.happened()));
    }

    private Entry withLooks(Entry sent) {
      Fact.CardOpened opened = sent.fact().as(Fact.CardOpened.class);
      return opened != null && opened.lookFirst().isEmpty()
          ? sent.with(opened(state, opened))
          : sent;
    }

    /**
     * Judged where it belongs: what waited on a device is marked by a rule it broke, not refused.
     */
    private Entry placed(Entry sent, boolean inTurn) {
      if (inTurn && !LateRules.waited(sent)) {
        return checked(sent, state);
      }
      LateRules late = new LateRules(boat, proof, rules, log);
      String broke = null;
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
        return CardWriter.write(new CardRequest(then, progress, schools, entry.happened()));
      }
      Card before = cards.get(entry.card());
      boolean settles = entry.fact().is(Fact.SettlesStep.class);
      boolean knows = before != null && (entry.step() == null || before.step(entry.step()) != null);
      if (settles || !knows) {
        before = CardWriter.write(new CardRequest(state, progress, schools, entry.happened()));
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

    /** What changes or joins what came before it: the log is folded anew from then on. */
    private void fold() {
      cards.clear();
      if (!inTurn()) {
        ledger = null;
        state = Ledger.fold(boat, proof, log);
        return;
      }
      ledger = new Ledger(boat, proof);
      log.forEach(ledger::add);
      state = ledger.state();
    }

    /** Whether each entry came in after what had happened before it, and none replaces another. */
    private boolean inTurn() {
      Instant last = Instant.MIN;
      for (Entry entry : log) {
        if (entry.corrects() != null || entry.late() != null || entry.happened().isBefore(last)) {
          return false;
        }
        last = entry.happened();
      }
      return true;
    }

    Folded folded() {
      return new Folded(row, boat, log, state);
    }

    void finish() {
      project(row, log, state);
      events.publishEvent(new LatestFolds.Written(folded(), proof));
      events.publishEvent(Changed.boat(row.id()));
    }
  }
}
