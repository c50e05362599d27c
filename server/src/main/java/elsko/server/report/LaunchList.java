package elsko.server.report;

import elsko.core.Units;
import elsko.server.launch.LaunchView;
import elsko.server.launch.LaunchView.LaunchLine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;

/** For the lift: who goes in when, and what stands between the others and the water. */
record LaunchList(String yard, Units units, LaunchView launch) {

  byte[] pdf() {
    try (Sheet sheet = Sheet.page(units, yard, "Launch list")) {
      sheet.title(
          "Launch list",
          "%s · at most %d a day".formatted(ReportWords.day(launch.today()), launch.liftsADay()));
      if (launch.boats().isEmpty()) {
        sheet.text("No boat waits for the water.");
      } else {
        sheet.table(
            List.of(20, 10, 16, 18, 46),
            List.of("boat", "berth", "promised", "lift", "what stands between"),
            launch.boats().stream().map(LaunchList::row).toList());
      }
      sheet.soft("As it stood when this was printed. The screen at the lift decides.");
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static List<String> row(LaunchLine line) {
    return List.of(
        line.name(),
        line.berthName().isEmpty() ? "–" : line.berthName(),
        line.promisedOn() == null ? "–" : ReportWords.day(line.promisedOn()),
        line.lifted() == null
            ? "not ready"
            : "%s, no. %d".formatted(ReportWords.day(line.lifted()), line.place()),
        line.inTheWay().isEmpty()
            ? "nothing"
            : String.join(" ", line.inTheWay().stream().map(one -> one.words()).toList()));
  }
}
