package elsko.server.report;

import elsko.core.Words;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.server.square.SquareCode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * Hangs on the wheel: what is out, shut, filled and proven, by whom, and whether it may be started.
 *
 * @param address of the boat's screen; its square code is on the tag
 */
record HelmTag(String yard, ReportWords words, BoatState state, String address, Instant now) {
  private static final float CODE_SIDE = 84;

  byte[] pdf() {
    try (Sheet sheet = Sheet.tag(words.units(), yard, "Helm tag, " + state.boat().name())) {
      sheet.code(SquareCode.of(address).dark(), CODE_SIDE);
      sheet.title(
          state.boat().name(),
          "%s · %s"
              .formatted(
                  state.berthName().isEmpty() ? "no berth" : state.berthName(), words.day(now)));
      boolean inService =
          state.protection() == Protection.IN_SERVICE && state.looseEnds().isEmpty();
      if (inService && state.tags().isEmpty()) {
        sheet.text("In service. Go the round before each start.");
      } else {
        sheet.stamp("DO NOT START", 40);
      }
      for (RedTag tag : state.tags()) {
        sheet.danger("Red tag. %s. %s".formatted(tag.words(), tag.lifts()));
      }
      fittings(sheet);
      circuits(sheet);
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void fittings(Sheet sheet) throws IOException {
    group(
        sheet,
        "OUT",
        ReportWords.in(state, FittingState.OUT, FittingState.OUT_BAGGED, FittingState.REMOVED));
    group(sheet, "MISSING", ReportWords.in(state, FittingState.OUT_MISSING, FittingState.MISSING));
    group(sheet, "SHUT", ReportWords.in(state, FittingState.SHUT));
    group(sheet, "OFF", ReportWords.in(state, FittingState.OFF));
    List<FittingStanding> keys =
        ReportWords.in(state, FittingState.ON_SEACOCK, FittingState.OFFICE);
    for (FittingStanding key : keys) {
      sheet.text("%s: %s.".formatted(Words.sentence(key.fitting().name()), key.state().words()));
    }
  }

  private static void group(Sheet sheet, String how, List<FittingStanding> fittings)
      throws IOException {
    if (!fittings.isEmpty()) {
      sheet.text("%s (%d): %s.".formatted(how, fittings.size(), ReportWords.names(fittings)));
    }
  }

  private void circuits(Sheet sheet) throws IOException {
    List<List<String>> rows = new ArrayList<>();
    for (CircuitState circuit : state.circuits()) {
      if (circuit.protection() != Protection.DRY_BUILT) {
        String measured = words.measured(state, circuit);
        String by = ReportWords.by(circuit);
        rows.add(
            List.of(
                Words.sentence(circuit.circuit().name()),
                words.protection(circuit),
                measured.equals("–") ? "–" : measured + (by.equals("–") ? "" : ", " + by)));
      }
    }
    sheet.table(List.of(28, 26, 40), List.of("circuit", "protection", "measured"), rows);
  }
}
