package elsko.server.work.log;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Late;
import elsko.core.ledger.fact.OneTap;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.Choices;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.problems.Forbidden;
import elsko.server.said.NewEntry;
import elsko.server.said.SaidReader;
import elsko.server.yard.Yards;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes entries in, one boat at a time, and keeps its projection beside them. */
@Service
public class Log {
  private static final int MOST_AT_ONCE = 500;

  /** In whose name the demonstration's past is kept. */
  private static final SignedIn ITSELF = new SignedIn("Elsko itself", Role.COORDINATOR);

  private final KeptEntries entries;
  private final Writer writer;
  private final Fleet fleet;
  private final Yards yards;
  private final SaidReader facts;
  private final Clock clock;
  private final ObjectProvider<FluidGoesThrough> kit;
  private final LatestFolds latest;
  private final RefusedEntries refused;

  Log(
      KeptEntries entries,
      Writer writer,
      Fleet fleet,
      Yards yards,
      SaidReader facts,
      Clock clock,
      ObjectProvider<FluidGoesThrough> kit,
      LatestFolds latest,
      RefusedEntries refused) {
    this.entries = entries;
    this.writer = writer;
    this.fleet = fleet;
    this.yards = yards;
    this.facts = facts;
    this.clock = clock;
    this.kit = kit;
    this.latest = latest;
    this.refused = refused;
  }

  /** The day it is in the yard. */
  public LocalDate today() {
    return LocalDate.now(clock);
  }

  /** When the newest entry came in; null while there is none. */
  @Transactional(readOnly = true)
  public @Nullable Instant newest() {
    return entries.newest();
  }

  /** The boat's log as it was kept, and its state now. */
  @Transactional(readOnly = true)
  public Folded folded(UUID boat) {
    BoatRow row = fleet.boat(boat);
    return folded(row, entries.of(boat));
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
    Map<String, String> usual = Choices.usual(now.boat(), procedure, yards.practices());
    Instant at = clock.instant();
    List<Entry> log = new ArrayList<>(now.log());
    Fact opened = writer.opened(now.state(), new Fact.CardOpened(procedure, usual));
    log.add(new Entry(id, "", at, at, id, null, null, opened));
    return folded(now.row(), log);
  }

  /** Many boats, each with its log and state, in one reading. */
  @Transactional(readOnly = true)
  public List<Folded> folded(Collection<UUID> boats) {
    return folded(boats, yards.proofRules());
  }

  /** The same as other rules than this yard's would have it. */
  @Transactional(readOnly = true)
  public List<Folded> folded(Collection<UUID> boats, ProofRules rules) {
    Map<UUID, List<Entry>> logs = entries.of(boats);
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
  public List<Folded> standing(Collection<UUID> boats) {
    Map<UUID, Folded> known = latest.of(boats, yards.proofRules());
    List<UUID> others = boats.stream().filter(boat -> !known.containsKey(boat)).toList();
    List<Folded> all = new ArrayList<>(known.values());
    if (!others.isEmpty()) {
      all.addAll(folded(others));
    }
    return all;
  }

  /**
   * Keeps all of the entries or none. Those whose id is kept already are left as they are.
   *
   * @param sentAt when the device says it sent them; null when it does not say
   */
  @Transactional
  public Appended append(UUID boatId, List<NewEntry> bodies, Instant sentAt, SignedIn who) {
    checkSize(bodies);
    Writer.Writing writing = writer.on(boatId, who);
    Known known = entries.known(boatId, bodies);
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
    Writer.Writing writing = writer.on(boatId, who);
    Known known = entries.known(boatId, waiting.stream().map(WaitingEntries.Read::body).toList());
    for (WaitingEntries.Read read : waiting) {
      UUID id = read.body().id();
      try {
        if (known.isNew(read.body())) {
          WaitingEntries.Answer before = refused.before(id);
          if (before != null) {
            tell.accept(before);
            continue;
          }
          if (read.refused() != null) {
            throw read.refused();
          }
          Entry entry =
              entry(read.body(), read.happened(), read.afterwards(), now, read.fact(), who);
          if (!writing.isOpenAlready(entry)) {
            keep(writing, known, read.body(), entry);
          }
        }
        tell.accept(WaitingEntries.Answer.kept(id));
      } catch (Refused why) {
        tell.accept(refused.remember(WaitingEntries.Answer.refused(id, why)));
      } catch (Forbidden why) {
        tell.accept(refused.remember(WaitingEntries.Answer.refused(id, why)));
      }
    }
    writing.finish();
    return writing.folded();
  }

  private void keep(Writer.Writing writing, Known known, NewEntry body, Entry entry) {
    String print = entries.fingerprint(body);
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
        afterwards ? new Late(true, null, List.of()) : null,
        // How soon that was is judged by the step it is at.
        body.tap() == null ? null : new OneTap(body.tap(), body.tapAfter(), false));
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
    Writer.Writing writing = writer.on(boatId, who);
    boolean kept = writing.has(id);
    if (!kept && entries.has(id)) {
      throw Refused.state("id", "Another entry with this id is kept already.");
    }
    if (!kept) {
      Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
      Instant happened = new DeviceClock(now, sentAt).happened(deviceTime);
      Entry entry =
          new Entry(
              id,
              who.name(),
              happened,
              now,
              null,
              null,
              null,
              fact.apply(writing.folded().state()));
      writing.add(entry, entries.fingerprint(entry));
      writing.finish();
    }
    return writing.folded();
  }

  /** Keeps entries that are complete already, in the order given; for the demonstration's past. */
  @Transactional
  public void keep(UUID boatId, List<Entry> complete) {
    Writer.Writing writing = writer.on(boatId, ITSELF);
    for (Entry entry : complete) {
      writing.add(entry, entries.fingerprint(entry));
    }
    writing.finish();
  }

  private Folded folded(BoatRow row, List<Entry> log) {
    Boat boat = row.boat();
    return new Folded(row, boat, log, Ledger.fold(boat, yards.proofRules(), log));
  }

  /** The ids that are kept now, and the boat as it stands after them. */
  public record Appended(List<UUID> ids, Folded folded) {}
}
