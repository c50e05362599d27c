package elsko.server.report;

import elsko.core.Units;
import elsko.server.plan.Walks.DayStop;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A day on paper: a page for each person, their stops in order. */
record DaySheets(String yard, Units units, LocalDate day, List<DayStop> stops) {

  byte[] pdf() {
    Map<String, List<DayStop>> byPerson = new TreeMap<>();
    for (DayStop stop : stops) {
      stop.workers()
          .forEach(name -> byPerson.computeIfAbsent(name, key -> new ArrayList<>()).add(stop));
    }
    try (Sheet sheet = Sheet.page(units, yard, "Day sheets, " + ReportWords.day(day))) {
      if (byPerson.isEmpty()) {
        sheet.title("Day sheets", ReportWords.day(day));
        sheet.text("Nobody was told of a stop on this day.");
      }
      boolean first = true;
      for (Map.Entry<String, List<DayStop>> person : byPerson.entrySet()) {
        if (!first) {
          sheet.turn();
        }
        first = false;
        sheet.title(person.getKey(), ReportWords.day(day));
        sheet.table(
            List.of(14, 24, 44, 24, 8),
            List.of("time", "boat", "work", "with", "done"),
            person.getValue().stream().map(stop -> row(stop, person.getKey())).toList());
      }
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static List<String> row(DayStop stop, String person) {
    String soak =
        stop.soakMinutes() == 0
            ? ""
            : "; then it stands for %s h"
                .formatted(elsko.core.Words.number(stop.soakMinutes() / 60.0, 1));
    List<String> others = stop.workers().stream().filter(name -> !name.equals(person)).toList();
    return List.of(
        "%s to %s".formatted(clock(stop.start()), clock(stop.end())),
        "%s, %s".formatted(stop.name(), stop.berthName()),
        stop.title() + soak,
        others.isEmpty() ? "–" : String.join(", ", others),
        "__");
  }

  private static String clock(int minutes) {
    return "%02d:%02d".formatted(minutes / 60, minutes % 60);
  }
}
