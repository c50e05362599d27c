package elsko.server.report;

import elsko.core.Quantity;
import elsko.core.Words;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import elsko.server.work.log.Folded;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What a season came to: boats, cards, fluids, samples, service. */
record SeasonSummary(
    String yard, ReportWords words, List<Folded> boats, LocalDate from, LocalDate to) {

  byte[] pdf() {
    try (Sheet sheet = Sheet.page(words.units(), yard, "Season summary")) {
      sheet.title(
          "Season summary",
          "%s to %s · %d boats"
              .formatted(ReportWords.day(from), ReportWords.day(to), boats.size()));
      protections(sheet);
      cards(sheet);
      Counts counts = counts();
      fluids(sheet, counts);
      samples(sheet);
      services(sheet, counts);
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void protections(Sheet sheet) throws IOException {
    Map<Protection, Integer> by = new EnumMap<>(Protection.class);
    boats.forEach(boat -> by.merge(boat.state().protection(), 1, Integer::sum));
    sheet.heading("How the boats stand");
    sheet.table(
        List.of(60, 20),
        List.of("protection", "boats"),
        by.entrySet().stream()
            .map(
                one ->
                    List.of(
                        Words.sentence(ReportWords.protection(one.getKey())),
                        String.valueOf(one.getValue())))
            .toList());
  }

  private void cards(Sheet sheet) throws IOException {
    Map<Procedure, int[]> by = new EnumMap<>(Procedure.class);
    for (Folded boat : boats) {
      for (CardProgress card : boat.state().cards()) {
        if (isInside(card.openedAt())) {
          by.computeIfAbsent(card.procedure(), key -> new int[2])[card.isClosed() ? 0 : 1]++;
        }
      }
    }
    sheet.heading("Cards");
    if (by.isEmpty()) {
      sheet.text("None was opened.");
      return;
    }
    sheet.table(
        List.of(50, 20, 20),
        List.of("procedure", "closed", "open"),
        by.entrySet().stream()
            .map(
                one ->
                    List.of(
                        Words.sentence(one.getKey().words()),
                        String.valueOf(one.getValue()[0]),
                        String.valueOf(one.getValue()[1])))
            .toList());
  }

  /** What the logs add up to. */
  private record Counts(
      Map<String, Double> litersByLot, Map<Interval, Integer> services, double descalerLiters) {}

  private Counts counts() {
    Map<String, Double> liters = new TreeMap<>();
    Map<Interval, Integer> services = new EnumMap<>(Interval.class);
    double descaler = 0;
    for (Folded boat : boats) {
      for (Entry entry : Corrections.applied(boat.log())) {
        if (!isInside(entry.deviceTime())) {
          continue;
        }
        Fact.FluidUsed used = entry.fact().as(Fact.FluidUsed.class);
        Fact.DescalerUsed poured = entry.fact().as(Fact.DescalerUsed.class);
        Fact.ServiceDone done = entry.fact().as(Fact.ServiceDone.class);
        if (used != null) {
          liters.merge(
              used.lot().productName() + ", lot " + used.lot().number(),
              used.liters(),
              Double::sum);
        } else if (poured != null) {
          descaler += poured.liters();
        } else if (done != null) {
          services.merge(Interval.of(done.item()), 1, Integer::sum);
        }
      }
    }
    return new Counts(liters, services, descaler);
  }

  private void fluids(Sheet sheet, Counts counts) throws IOException {
    List<List<String>> rows = new ArrayList<>();
    counts
        .litersByLot()
        .forEach((lot, liters) -> rows.add(List.of(lot, words.said(Quantity.liters(liters)))));
    if (counts.descalerLiters() > 0) {
      rows.add(List.of("Descaler, mixed", words.said(Quantity.liters(counts.descalerLiters()))));
    }
    sheet.heading("Fluids that went into boats");
    if (rows.isEmpty()) {
      sheet.text("None.");
    } else {
      sheet.table(List.of(60, 20), List.of("fluid", "went in"), rows);
    }
  }

  private void samples(Sheet sheet) throws IOException {
    Map<Outcome, Integer> by = new EnumMap<>(Outcome.class);
    for (Folded boat : boats) {
      BoatState state = boat.state();
      state.circuits().stream()
          .flatMap(circuit -> circuit.points().stream())
          .filter(point -> point.verdict() != null)
          .forEach(point -> by.merge(point.verdict().outcome(), 1, Integer::sum));
    }
    sheet.heading("Samples that hold now");
    if (by.isEmpty()) {
      sheet.text("None was read.");
      return;
    }
    sheet.table(
        List.of(60, 20),
        List.of("verdict", "low points"),
        by.entrySet().stream()
            .map(
                one ->
                    List.of(
                        Words.sentence(
                            one.getKey()
                                .name()
                                .toLowerCase(java.util.Locale.ROOT)
                                .replace('_', ' ')),
                        String.valueOf(one.getValue())))
            .toList());
  }

  private void services(Sheet sheet, Counts counts) throws IOException {
    sheet.heading("Service");
    if (counts.services().isEmpty()) {
      sheet.text("None.");
      return;
    }
    sheet.table(
        List.of(60, 20),
        List.of("what", "times"),
        counts.services().entrySet().stream()
            .map(
                one ->
                    List.of(Words.sentence(one.getKey().words()), String.valueOf(one.getValue())))
            .toList());
  }

  private boolean isInside(Instant at) {
    LocalDate day = LocalDate.ofInstant(at, words.zone());
    return !day.isBefore(from) && !day.isAfter(to);
  }
}
