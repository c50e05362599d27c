package elsko.server.work;

import elsko.core.boat.description.BoatDescription;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.part.LookOver;
import elsko.server.csv.CsvText;
import elsko.server.fleet.BoatLine;
import elsko.server.fleet.Catalog;
import elsko.server.fleet.Fleet;
import elsko.server.fleet.LooseEndLine;
import elsko.server.fleet.Templates;
import elsko.server.people.SignedIn;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import elsko.server.said.NewEntry;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.log.Projection;
import elsko.server.work.log.WaitingEntries;
import elsko.server.work.search.LogView;
import elsko.server.work.told.After;
import elsko.server.work.told.Stamps;
import elsko.server.work.told.Telling;
import elsko.server.work.view.BoatView;
import elsko.server.work.view.CardView;
import elsko.server.work.view.CardsShown;
import elsko.server.work.view.DraftView;
import elsko.server.work.view.OfferView;
import elsko.server.work.view.ReadingsView;
import elsko.server.work.view.VisitPartView;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Boats, their logs and cards. */
@RestController
@RequestMapping("/api/boats")
class BoatController {
  private final Fleet fleet;
  private final Log log;
  private final Projection projection;
  private final CardsShown cards;
  private final WaitingEntries waiting;
  private final LogView logView;
  private final Stamps stamps;
  private final Telling telling;
  private final Templates templates;
  private final Yards yards;
  private final Clock clock;

  BoatController(
      Fleet fleet,
      Log log,
      Projection projection,
      CardsShown cards,
      WaitingEntries waiting,
      LogView logView,
      Stamps stamps,
      Telling telling,
      Templates templates,
      Yards yards,
      Clock clock) {
    this.fleet = fleet;
    this.log = log;
    this.projection = projection;
    this.cards = cards;
    this.waiting = waiting;
    this.logView = logView;
    this.stamps = stamps;
    this.telling = telling;
    this.templates = templates;
    this.yards = yards;
    this.clock = clock;
  }

  /** Every boat with its protection. */
  @GetMapping
  List<BoatLine> boats() {
    return fleet.lines();
  }

  @PostMapping
  ResponseEntity<BoatView> add(@RequestBody BoatDescription described) {
    return tagged(HttpStatus.CREATED, BoatView.of(projection.describeNew(described)));
  }

  /** What a boat can be put together from. */
  @GetMapping("/catalog")
  Catalog catalog() {
    return Catalog.all();
  }

  /** Writes a description out without keeping it. */
  @PostMapping("/draft")
  DraftView draft(@RequestBody BoatDescription described) {
    return DraftView.of(described, yards.need());
  }

  /** Descriptions the yard keeps to start others from. */
  @GetMapping("/templates")
  List<Templates.TemplateView> templates() {
    return templates.all();
  }

  @PostMapping("/templates")
  @ResponseStatus(HttpStatus.CREATED)
  Templates.TemplateView saveTemplate(@RequestBody Templates.NewTemplate made) {
    return templates.save(made);
  }

  @DeleteMapping("/templates/{template}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetTemplate(@PathVariable UUID template) {
    templates.forget(template);
  }

  /** Every loose end in the yard. */
  @GetMapping("/loose-ends")
  List<LooseEndLine> looseEnds() {
    return fleet.looseEnds();
  }

  /** The same as a file. */
  @GetMapping(path = "/loose-ends.csv", produces = "text/csv")
  String looseEndsFile() {
    return CsvText.of(
        List.of("boat", "fitting", "left", "by", "at", "why"),
        fleet.looseEnds().stream()
            .map(
                end ->
                    List.of(
                        end.boatName(),
                        end.name(),
                        end.stateWords(),
                        end.person() == null ? "" : end.person(),
                        end.at() == null ? "" : end.at().toString(),
                        end.reason()))
            .toList());
  }

  /** The procedures a card can be opened for, and what can be chosen. */
  @GetMapping("/{id}/offers")
  List<OfferView> offers(@PathVariable UUID id) {
    return OfferView.of(fleet.boat(id).boat(), yards.practices());
  }

  /** One boat with all that follows from its log. */
  @GetMapping("/{id}")
  ResponseEntity<BoatView> boat(@PathVariable UUID id) {
    return stamped(BoatView.of(log.folded(id)));
  }

  /** Describes a boat again; If-Match says on which version that is based. */
  @PutMapping("/{id}")
  @Transactional
  ResponseEntity<BoatView> describe(
      @PathVariable UUID id,
      @RequestBody BoatDescription described,
      @RequestHeader(name = "If-Match", required = false) String ifMatch) {
    fleet.describe(id, described, ifMatch);
    projection.project(id);
    return tagged(HttpStatus.OK, BoatView.of(log.folded(id)));
  }

  /** The boat's log, newest first. */
  @GetMapping("/{id}/log")
  LogView.Page log(
      @PathVariable UUID id,
      @RequestParam(required = false) Long before,
      @RequestParam(defaultValue = "50") int limit,
      Authentication who) {
    return logView.page(id, before, limit, SignedIn.by(who));
  }

  /** Keeps all of the entries or none; an id that is kept already is not kept again. */
  @PostMapping("/{id}/entries")
  Kept enter(@PathVariable UUID id, @RequestBody Entries entries, Authentication who) {
    Log.Appended kept = log.append(id, entries.entries(), entries.sentAt(), SignedIn.by(who));
    return new Kept(kept.ids(), BoatView.of(kept.folded()));
  }

  /** Takes in what waited on a device without signal, each entry judged by itself. */
  @PostMapping("/{id}/waiting-entries")
  Taken takeWaiting(@PathVariable UUID id, @RequestBody Waited waited, Authentication who) {
    WaitingEntries.Judged judged =
        waiting.take(id, waited.entries(), waited.sentAt(), SignedIn.by(who));
    return waited.showing() == null
        ? new Taken(judged.answers(), BoatView.of(judged.folded()), null)
        : new Taken(judged.answers(), null, telling.after(judged.folded(), waited.showing()));
  }

  /** Every reading the boat can give, as this yard takes it, and how each was taken last. */
  @GetMapping("/{id}/readings")
  ReadingsView readings(@PathVariable UUID id) {
    BoatState state = log.folded(id).state();
    return ReadingsView.of(state, LookOver.of(state, yards.practices()));
  }

  /** The open cards of the boat's lay-up as one visit; none while fewer than two are open. */
  @GetMapping("/{id}/visit")
  List<VisitPartView> visit(@PathVariable UUID id) {
    return VisitPartView.of(log.folded(id).state(), yards.practices(), clock.instant());
  }

  /** A card of the boat, as it is carried out. */
  @GetMapping("/{id}/cards/{card}")
  ResponseEntity<CardView> card(@PathVariable UUID id, @PathVariable UUID card) {
    Folded folded = log.folded(id);
    var progress = folded.state().card(card);
    if (progress == null) {
      throw new NotFound("card", "This boat has no such card.");
    }
    CardView shown = cards.of(folded, progress);
    return ResponseEntity.ok().header(Stamps.HEADER, stamps.stamp(shown)).body(shown);
  }

  /**
   * The open card of a procedure; where none is, the one that would be opened, each circuit as
   * usual: a device takes it along and opens it without signal.
   */
  @GetMapping("/{id}/card-to-open")
  CardView cardToOpen(@PathVariable UUID id, @RequestParam Procedure procedure) {
    Folded folded = log.laidOut(id, procedure);
    var progress = folded.state().openCard(procedure);
    return cards.of(folded, progress);
  }

  private ResponseEntity<BoatView> stamped(BoatView boat) {
    return ResponseEntity.ok()
        .eTag(StaleEdit.etag(boat.version()))
        .header(Stamps.HEADER, stamps.stamp(boat))
        .body(boat);
  }

  private static ResponseEntity<BoatView> tagged(HttpStatus status, BoatView boat) {
    return ResponseEntity.status(status).eTag(StaleEdit.etag(boat.version())).body(boat);
  }

  /**
   * Entries to be kept.
   *
   * @param sentAt now, by the clock of the device; may be left out
   */
  record Entries(List<NewEntry> entries, Instant sentAt) {}

  /**
   * Entries that waited on a device.
   *
   * @param sentAt now, by the clock of the device; may be left out
   * @param showing what its screen shows meanwhile; may be left out
   */
  record Waited(List<NewEntry> entries, Instant sentAt, After.@Nullable Showing showing) {}

  /**
   * What became of them, in the order they were sent.
   *
   * @param boat as it stands after them, to whoever does not say what is shown; else null
   * @param after what stands after them, to whoever says what is shown; else null
   */
  record Taken(
      List<WaitingEntries.Answer> answers, @Nullable BoatView boat, @Nullable After after) {}

  /** The ids that are kept now, and the boat as it stands after them. */
  record Kept(List<UUID> ids, BoatView boat) {}
}
