package elsko.server.work.search;

import elsko.core.Text;
import elsko.core.boat.Boat;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.LateWords;
import elsko.core.ledger.fact.OneTap;
import elsko.server.fleet.Fleet;
import elsko.server.people.People;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.work.log.EntryRepository;
import elsko.server.work.log.EntryRow;
import elsko.server.work.log.FactJson;
import elsko.server.work.log.MayCorrect;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Pages through a boat's log, newest first. */
@Component
public class LogView {
  private static final int MOST = 200;
  private final EntryRepository entries;
  private final Fleet fleet;
  private final FactJson json;
  private final People people;

  LogView(EntryRepository entries, Fleet fleet, FactJson json, People people) {
    this.entries = entries;
    this.fleet = fleet;
    this.json = json;
    this.people = people;
  }

  @Transactional(readOnly = true)
  public Page page(UUID boatId, Long before, int limit, SignedIn who) {
    Boat boat = fleet.boat(boatId).boat();
    int size = Math.max(1, Math.min(limit, MOST));
    List<EntryRow> rows =
        entries.findByBoatIdAndSeqLessThanOrderBySeqDesc(
            boatId, before == null ? Long.MAX_VALUE : before, Limit.of(size + 1));
    boolean more = rows.size() > size;
    List<EntryRow> shown = more ? rows.subList(0, size) : rows;
    return new Page(
        lines(shown, Map.of(boatId, boat), who).stream().map(BookLine::entry).toList(), more);
  }

  /** Entries of any boats as lines, each with what it corrects and whether it was corrected. */
  List<BookLine> lines(List<EntryRow> shown, Map<UUID, Boat> boats) {
    return lines(shown, boats, null);
  }

  private List<BookLine> lines(
      List<EntryRow> shown, Map<UUID, Boat> boats, @Nullable SignedIn who) {
    Map<String, Role> roles = who == null ? Map.of() : people.roles();
    Set<UUID> replaced = replaced(shown);
    Map<UUID, Text> corrected = corrected(shown, boats);
    return shown.stream()
        .map(
            row -> {
              Boat boat = boats.get(row.boatId());
              EntryView entry =
                  view(
                      boat,
                      row,
                      corrected.get(row.correctsId()),
                      replaced.contains(row.id()),
                      who != null && MayCorrect.may(who, row.person(), roles.get(row.person())));
              return new BookLine(row.boatId(), boat.name(), entry);
            })
        .toList();
  }

  /** Ids of those that a later entry corrects. */
  Set<UUID> replaced(List<EntryRow> rows) {
    return entries.findByCorrectsIdIn(rows.stream().map(EntryRow::id).toList()).stream()
        .map(EntryRow::correctsId)
        .collect(Collectors.toSet());
  }

  /**
   * When what corrections among these put right was said first: what a correction tells of happened
   * then, not when it was corrected.
   */
  Map<UUID, Instant> firstSaid(List<EntryRow> rows) {
    Map<UUID, Instant> said = new HashMap<>();
    Map<UUID, List<UUID>> sought = new HashMap<>();
    for (EntryRow row : rows) {
      if (row.correctsId() != null) {
        sought.computeIfAbsent(row.correctsId(), id -> new ArrayList<>()).add(row.id());
      }
    }
    while (!sought.isEmpty()) {
      Map<UUID, List<UUID>> further = new HashMap<>();
      for (EntryRow row : entries.findByIdIn(sought.keySet())) {
        for (UUID correction : sought.get(row.id())) {
          said.put(correction, row.deviceTime());
          if (row.correctsId() != null) {
            further.computeIfAbsent(row.correctsId(), id -> new ArrayList<>()).add(correction);
          }
        }
      }
      sought = further;
    }
    return said;
  }

  /** What corrections among these replaced, in words. */
  private Map<UUID, Text> corrected(List<EntryRow> shown, Map<UUID, Boat> boats) {
    List<UUID> ids = shown.stream().map(EntryRow::correctsId).filter(Objects::nonNull).toList();
    Map<UUID, Text> words = new HashMap<>();
    for (EntryRow row : entries.findByIdIn(ids)) {
      words.put(row.id(), EntryWords.of(boats.get(row.boatId()), json.read(row).fact()));
    }
    return words;
  }

  private EntryView view(
      Boat boat,
      EntryRow row,
      @Nullable Text correctsWords,
      boolean isReplaced,
      boolean mayCorrect) {
    return new EntryView(
        row.seq(),
        row.id(),
        row.kind(),
        EntryWords.of(boat, json.read(row).fact()),
        row.person(),
        row.deviceTime(),
        row.serverTime(),
        row.cardId(),
        row.stepKey(),
        row.correctsId(),
        correctsWords,
        isReplaced,
        mayCorrect,
        LateWords.mark(row.late()),
        OneTap.mark(row.tap()),
        json.fields(row));
  }

  /** Some entries, and whether older ones follow. */
  public record Page(List<EntryView> entries, boolean more) {}
}
