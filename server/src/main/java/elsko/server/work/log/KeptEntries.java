package elsko.server.work.log;

import elsko.core.ledger.fact.Entry;
import elsko.server.said.NewEntry;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The entries of boats as the database keeps them. */
@Component
class KeptEntries {
  private final EntryRepository entries;
  private final FactJson json;

  KeptEntries(EntryRepository entries, FactJson json) {
    this.entries = entries;
    this.json = json;
  }

  /** When the newest entry came in; null while there is none. */
  @Nullable Instant newest() {
    EntryRow newest = entries.findFirstByOrderBySeqDesc();
    return newest == null ? null : newest.serverTime();
  }

  List<Entry> of(UUID boat) {
    return entries.findByBoatIdOrderBySeq(boat).stream().map(json::read).toList();
  }

  /** The logs of those boats that have any. */
  Map<UUID, List<Entry>> of(Collection<UUID> boats) {
    Map<UUID, List<Entry>> logs = new HashMap<>();
    for (EntryRow row : entries.findByBoatIdInOrderBySeq(boats)) {
      logs.computeIfAbsent(row.boatId(), id -> new ArrayList<>()).add(json.read(row));
    }
    return logs;
  }

  boolean has(UUID id) {
    return !entries.findByIdIn(List.of(id)).isEmpty();
  }

  /** Which of those that were sent are kept already. */
  Known known(UUID boat, List<NewEntry> bodies) {
    Map<UUID, String> prints = new HashMap<>();
    List<UUID> ids = bodies.stream().map(NewEntry::id).filter(Objects::nonNull).toList();
    for (EntryRow row : entries.findByIdIn(ids)) {
      // An id that is taken on another boat is never the same entry.
      prints.put(row.id(), row.boatId().equals(boat) ? row.fingerprint() : "");
    }
    return new Known(prints, json);
  }

  void save(UUID boat, Entry entry, String fingerprint) {
    entries.save(new EntryRow(boat, entry, json.write(entry.fact()), fingerprint));
  }

  /** One that was made here. */
  void save(UUID boat, Entry entry) {
    save(boat, entry, json.fingerprint(entry));
  }

  String fingerprint(NewEntry body) {
    return json.fingerprint(body);
  }

  String fingerprint(Entry entry) {
    return json.fingerprint(entry);
  }
}
