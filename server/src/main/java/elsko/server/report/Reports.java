package elsko.server.report;

import elsko.core.Refused;
import elsko.core.UnitSystem;
import elsko.core.Units;
import elsko.core.due.DueList;
import elsko.core.jobsheet.JobSheet;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Procedure;
import elsko.core.trend.Trends;
import elsko.server.fleet.BoatLine;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.launch.Launches;
import elsko.server.mail.Letter;
import elsko.server.mail.Outbox;
import elsko.server.photos.Photos;
import elsko.server.plan.Walks;
import elsko.server.text.ReadIn;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.view.CardView;
import elsko.server.work.view.CardsShown;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Puts together what the yard prints and sends. */
@Service
class Reports {
  /** A lay-up report tells of what was done since the last one. */
  private static final Duration A_SEASON = Duration.ofDays(240);

  /** What devices with a clock ahead of the yard's kept is of today too. */
  private static final Duration ONE_DAY = Duration.ofDays(1);

  private final Fleet fleet;
  private final Log log;
  private final CardsShown cards;
  private final Yards yards;
  private final Walks walks;
  private final Launches launches;
  private final Outbox outbox;
  private final Photos photos;
  private final Clock clock;

  Reports(
      Fleet fleet,
      Log log,
      CardsShown cards,
      Yards yards,
      Walks walks,
      Launches launches,
      Outbox outbox,
      Photos photos,
      Clock clock) {
    this.fleet = fleet;
    this.log = log;
    this.cards = cards;
    this.yards = yards;
    this.walks = walks;
    this.launches = launches;
    this.outbox = outbox;
    this.photos = photos;
    this.clock = clock;
  }

  byte[] layUp(UUID boat, @Nullable UnitSystem units) {
    return layUp(log.folded(boat), units);
  }

  private byte[] layUp(Folded folded, @Nullable UnitSystem units) {
    Instant now = clock.instant();
    BoatState state = folded.state();
    return new LayUpReport(
            yard(),
            words(units),
            state,
            Corrections.applied(folded.log()),
            DueList.of(state, yards.practices().othersWay(), now),
            Trends.of(folded.boat(), folded.log()),
            JobSheet.of(
                state, yards.practices(), folded.log(), now.minus(A_SEASON), now.plus(ONE_DAY)),
            now.minus(A_SEASON),
            now)
        .pdf();
  }

  String jobSheet(UUID boat, @Nullable LocalDate from, @Nullable LocalDate to) {
    if (from != null && to != null && to.isBefore(from)) {
      throw Refused.value("to", "The last day comes before the first.");
    }
    Folded folded = log.folded(boat);
    Instant begins =
        from == null
            ? clock.instant().minus(A_SEASON)
            : from.atStartOfDay(clock.getZone()).toInstant();
    Instant ends =
        to == null
            ? clock.instant().plus(ONE_DAY)
            : to.plusDays(1).atStartOfDay(clock.getZone()).toInstant();
    return JobSheetCsv.of(
        folded.boat().name(),
        JobSheet.of(folded.state(), yards.practices(), folded.log(), begins, ends),
        clock.getZone());
  }

  /**
   * The tag for the wheel.
   *
   * @param host where whoever asks reached this application; the yard's own settings come first
   */
  byte[] helmTag(UUID boat, @Nullable UnitSystem units, String host) {
    return new HelmTag(
            yard(),
            words(units),
            log.folded(boat).state(),
            address(host) + "/boats/" + boat,
            clock.instant())
        .pdf();
  }

  /** Where it is drained, with the pictures by which each place is found. */
  byte[] drainMap(UUID boat, @Nullable UnitSystem units) {
    return new DrainMap(
            yard(),
            words(units),
            log.folded(boat).state(),
            photo -> photos.isOf(boat, photo) ? photos.jpeg(boat, photo) : null,
            clock.instant())
        .pdf();
  }

  byte[] daySheets(@Nullable LocalDate day, @Nullable UnitSystem units) {
    LocalDate shown = day == null ? walks.today() : day;
    return new DaySheets(yard(), chosen(units), shown, walks.told(shown)).pdf();
  }

  /**
   * A card to be worked through on paper: what is open of it, or all of the one that would be
   * opened.
   *
   * @param host where whoever asks reached this application; the yard's own settings come first
   */
  byte[] blankCard(UUID boat, Procedure procedure, @Nullable UnitSystem units, String host) {
    return blank(List.of(card(boat, procedure)), units, host);
  }

  /** The cards of everything that was told for a day, each once, in the order of the day. */
  byte[] blankCards(@Nullable LocalDate day, @Nullable UnitSystem units, String host) {
    LocalDate shown = day == null ? walks.today() : day;
    return blank(
        walks.told(shown).stream()
            .map(stop -> new CardOfDay(stop.boat(), stop.procedure()))
            .distinct()
            .map(one -> card(one.boat(), one.procedure()))
            .toList(),
        units,
        host);
  }

  private record CardOfDay(UUID boat, Procedure procedure) {}

  private CardView card(UUID boat, Procedure procedure) {
    Folded folded = log.laidOut(boat, procedure);
    return cards.of(folded, folded.state().openCard(procedure));
  }

  private byte[] blank(List<CardView> cards, @Nullable UnitSystem units, String host) {
    return new BlankCards(
            yard(), chosen(units), clock.getZone(), cards, address(host), clock.instant())
        .pdf();
  }

  private String address(String host) {
    return yards.address().isEmpty() ? host : yards.address();
  }

  byte[] launchList(@Nullable UnitSystem units) {
    return new LaunchList(yard(), chosen(units), launches.all()).pdf();
  }

  byte[] season(@Nullable LocalDate from, @Nullable LocalDate to, @Nullable UnitSystem units) {
    LocalDate last = to == null ? walks.today() : to;
    LocalDate first = from == null ? lastAugust(last) : from;
    if (last.isBefore(first)) {
      throw Refused.value("to", "The last day comes before the first.");
    }
    return new SeasonSummary(yard(), words(units), log.folded(fleet.ids()), first, last).pdf();
  }

  private static LocalDate lastAugust(LocalDate day) {
    LocalDate august = LocalDate.of(day.getYear(), 8, 1);
    return august.isAfter(day) ? august.minusYears(1) : august;
  }

  /** Sends the owner what was done, by the simulated post. */
  void mailLayUp(UUID boat, String by) {
    Folded folded = log.folded(boat);
    if (folded.boat().description().owner().isEmpty()) {
      throw Refused.state(
          "owner",
          "Nobody wrote down who owns %s: describe it first.".formatted(folded.boat().name()));
    }
    outbox.put(letter(folded), by);
  }

  private Letter letter(Folded folded) {
    String name = folded.boat().name();
    return new Letter(
        folded.boat().description().owner(),
        "%s is laid up".formatted(name),
        "What was done on %s, what was read, what is open and what spring brings is in the report."
                .formatted(name)
            + " "
            + yard(),
        "lay-up-report.pdf",
        layUp(folded, null),
        folded.row().id());
  }

  /** The boats whose owners can be told that they are safe. */
  List<UUID> laidUp() {
    List<UUID> safe =
        fleet.lines().stream().filter(line -> isSafe(line.protection())).map(BoatLine::id).toList();
    Set<UUID> owned =
        fleet.boats(safe).stream()
            .filter(row -> !row.description().owner().isEmpty())
            .map(BoatRow::id)
            .collect(Collectors.toSet());
    return safe.stream().filter(owned::contains).toList();
  }

  private static boolean isSafe(Protection protection) {
    return protection == Protection.PROVEN
        || protection == Protection.DRAINED
        || protection == Protection.DRY_BUILT;
  }

  private String yard() {
    return yards.view().name();
  }

  private ReportWords words(@Nullable UnitSystem units) {
    return new ReportWords(chosen(units), clock.getZone());
  }

  /** Of all that is said from here on in this request. */
  private Units chosen(@Nullable UnitSystem units) {
    Units chosen = units == null ? ReadIn.person().orElseGet(yards::units) : Units.all(units);
    ReadIn.in(() -> chosen);
    return chosen;
  }
}
