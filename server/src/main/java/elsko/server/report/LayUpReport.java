package elsko.server.report;

import elsko.core.Quantity;
import elsko.core.Words;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Position;
import elsko.core.due.DueItem;
import elsko.core.jobsheet.JobLine;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.trend.EngineTrends;
import elsko.core.trend.Narrowing;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** For the owner: what was done, what was read, what is open, and what spring brings. */
record LayUpReport(
    String yard,
    ReportWords words,
    BoatState state,
    List<Entry> log,
    List<DueItem> due,
    List<EngineTrends> trends,
    List<JobLine> job,
    Instant since,
    Instant now) {

  byte[] pdf() {
    try (Sheet sheet = Sheet.page(words.units(), yard, "Lay-up report, " + state.boat().name())) {
      begin(sheet);
      protection(sheet);
      done(sheet);
      job(sheet);
      readings(sheet);
      open(sheet);
      spring(sheet);
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void begin(Sheet sheet) throws IOException {
    BoatDescription boat = state.boat().description();
    List<String> about = new ArrayList<>();
    about.add(words.said(Quantity.meters(boat.hullLengthM())));
    if (!boat.hullId().isEmpty()) {
      about.add(boat.hullId());
    }
    if (!boat.owner().isEmpty()) {
      about.add(boat.owner());
    }
    if (!state.berthName().isEmpty()) {
      about.add(state.berthName() + (state.afloat() ? ", afloat" : ", ashore"));
    }
    about.add(words.day(now));
    sheet.title(boat.name() + ": lay-up report", String.join(" · ", about));
  }

  private void protection(Sheet sheet) throws IOException {
    sheet.heading("How it is protected");
    sheet.text(words.need(state.need()));
    List<List<String>> rows = new ArrayList<>();
    for (CircuitState circuit : state.circuits()) {
      if (circuit.protection() != Protection.DRY_BUILT) {
        rows.add(
            List.of(
                Words.sentence(circuit.circuit().name()),
                words.protection(circuit),
                words.filledWith(circuit),
                words.measured(state, circuit),
                ReportWords.by(circuit)));
      }
    }
    sheet.table(
        List.of(22, 18, 24, 25, 16),
        List.of("circuit", "protection", "filled with", "weakest sample", "read by"),
        rows);
    sheet.soft(
        "Freeze point: first ice crystals. Burst point: slush has become hard enough to break"
            + " things; by the table for glycol in water, not by a maker's label.");
  }

  private void done(Sheet sheet) throws IOException {
    sheet.heading("What was done");
    List<List<String>> rows = new ArrayList<>();
    for (CardProgress card : state.cards()) {
      if (card.openedAt().isAfter(since)) {
        rows.add(
            List.of(
                Words.sentence(card.procedure().words()),
                words.day(card.openedAt()),
                card.heldBy(),
                card.isClosed()
                    ? "closed " + words.day(card.step(card.procedure().lastStep()).at())
                    : "still open"));
      }
    }
    for (Entry entry : log) {
      if (entry.fact().is(Fact.ServiceDone.class) && entry.deviceTime().isAfter(since)) {
        rows.add(
            List.of(
                words.said(EntryWords.of(state.boat(), entry.fact())),
                words.day(entry.deviceTime()),
                entry.person(),
                entry.tap() == null ? "done" : "done, in one tap"));
      }
    }
    if (rows.isEmpty()) {
      sheet.text("Nothing yet this season.");
    } else {
      sheet.table(List.of(46, 18, 18, 22), List.of("what", "on", "by", ""), rows);
      inOneTap(sheet);
    }
  }

  /**
   * How much of it was entered a step at a time, and how much of that sooner than it can be done.
   */
  private void inOneTap(Sheet sheet) throws IOException {
    List<Entry> onCards =
        log.stream()
            .filter(entry -> entry.step() != null && entry.deviceTime().isAfter(since))
            .toList();
    long together = onCards.stream().filter(entry -> entry.tap() != null).count();
    long tooSoon =
        onCards.stream().filter(entry -> entry.tap() != null && entry.tap().tooSoon()).count();
    if (together > 0) {
      sheet.soft(
          "Of %d entries on cards %d were written a step at a time, by one tap each; %s."
              .formatted(
                  onCards.size(),
                  together,
                  tooSoon == 0
                      ? "none sooner than it can be done"
                      : tooSoon + " sooner than it can be done, which prove nothing"));
    }
  }

  /** Minutes, liters and parts; findings stand with the readings and with what is open. */
  private void job(Sheet sheet) throws IOException {
    List<List<String>> rows = new ArrayList<>();
    for (JobLine line : job) {
      if (line.kind() != JobLine.Kind.FINDING && line.quantity() > 0) {
        rows.add(
            List.of(
                words.said(line.what()) + (line.detail().isEmpty() ? "" : ", " + line.detail()),
                amount(line),
                line.kind().words(),
                line.by(),
                words.day(line.at())));
      }
    }
    if (!rows.isEmpty()) {
      sheet.heading("Minutes, liters and parts");
      sheet.table(List.of(44, 14, 14, 16, 14), List.of("what", "", "", "by", "last on"), rows);
      sheet.soft(
          "Worked: the time between what a person entered, pauses over 30 minutes not counted."
              + " Reckoned: what the steps that were done are planned with.");
    }
  }

  private String amount(JobLine line) {
    return line.unit().equals("L")
        ? words.said(Quantity.liters(line.quantity()))
        : "%s %s"
            .formatted(
                Words.number(line.quantity(), 0),
                line.unit().equals("pieces") && line.quantity() == 1 ? "piece" : line.unit());
  }

  private void readings(Sheet sheet) throws IOException {
    List<List<String>> rows = new ArrayList<>();
    for (ReadingStanding reading : state.readings()) {
      if (reading.at().isAfter(since)) {
        rows.add(
            List.of(
                Words.sentence(ofEngine(reading.engine(), reading.name())),
                words.said(reading.found()),
                reading.judgement().isGood() ? "good" : words.said(reading.judgement().words()),
                words.day(reading.at())));
      }
    }
    if (!rows.isEmpty()) {
      sheet.heading("What was read");
      sheet.table(List.of(28, 22, 40, 14), List.of("reading", "found", "judged", "on"), rows);
    }
  }

  private void open(Sheet sheet) throws IOException {
    sheet.heading("What is open");
    for (RedTag tag : state.tags()) {
      sheet.danger(
          "Red tag. %s: %s, %s, %s. %s"
              .formatted(
                  tag.words(),
                  words.said(tag.found()),
                  tag.by(),
                  words.day(tag.at()),
                  tag.lifts()));
    }
    for (EngineTrends engine : trends) {
      for (Narrowing one : engine.narrowing()) {
        sheet.danger(Narrowing.WHAT_TO_DO + " " + words.said(one.words()));
      }
    }
    List<List<String>> rows = new ArrayList<>();
    for (FittingStanding end : state.looseEnds()) {
      rows.add(
          List.of(
              Words.sentence(end.fitting().name()),
              end.state().words(),
              end.by() == null ? "–" : end.by(),
              end.at() == null ? "–" : words.day(end.at())));
    }
    state
        .work()
        .forEach(work -> rows.add(List.of("To do", work.what(), work.by(), words.day(work.at()))));
    if (rows.isEmpty()) {
      sheet.text("Nothing: every fitting is as it is in service.");
    } else {
      sheet.text("Left so on purpose until spring, and put back before the boat is used:");
      sheet.table(List.of(38, 28, 18, 16), List.of("what", "left", "by", "on"), rows);
    }
  }

  private void spring(Sheet sheet) throws IOException {
    sheet.heading("What spring brings");
    sheet.text(
        "Every fitting above goes back and is counted, antifreeze is run out into a catch, the"
            + " engine is started and watched before the boat is handed over.");
    List<List<String>> rows = new ArrayList<>();
    List<String> unrecorded = new ArrayList<>();
    for (DueItem item : due) {
      if (item.standing() == DueItem.Standing.NO_RECORD && item.last() == null) {
        unrecorded.add(ofEngine(item.engine(), item.interval().words()));
      } else if (item.isDueBeforeNextLayUp()) {
        rows.add(
            List.of(
                Words.sentence(ofEngine(item.engine(), item.interval().words())),
                item.every().words(),
                item.last() == null ? "no record" : words.day(item.last().at()),
                item.on() == null ? item.standing().words() : words.day(item.on())));
      }
    }
    if (!rows.isEmpty()) {
      sheet.table(List.of(40, 30, 18, 20), List.of("due", "every", "last", "next"), rows);
    } else if (unrecorded.isEmpty()) {
      sheet.text("Nothing falls due before the next lay-up.");
    }
    if (!unrecorded.isEmpty()) {
      sheet.text(
          "Due because nobody wrote down that it was ever done: %s."
              .formatted(String.join("; ", unrecorded)));
    }
  }

  /** Names the engine where there are several. */
  private String ofEngine(Position engine, String what) {
    return engine == null || state.boat().engineCircuits().size() == 1
        ? what
        : engine.words() + ": " + what;
  }
}
