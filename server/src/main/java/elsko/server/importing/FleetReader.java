package elsko.server.importing;

import static java.util.Locale.ROOT;

import elsko.core.Refused;
import elsko.core.boat.description.BoatDescription;
import elsko.server.csv.CsvFile;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.yard.Berths;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/** Reads a fleet file against the fleet there is, naming every problem by row and column. */
@Component
class FleetReader {
  private static final int MOST_ROWS = 20_000;
  private final Fleet fleet;
  private final Berths berths;

  FleetReader(Fleet fleet, Berths berths) {
    this.fleet = fleet;
    this.berths = berths;
  }

  /**
   * Reads the whole file.
   *
   * @param progress told how many rows were read
   * @throws Refused when it is no such file at all
   */
  FleetPlan read(String csv, IntConsumer progress) {
    return CsvFile.read(
        csv,
        parser -> {
          checkHeadings(parser.getHeaderNames());
          return new Reading(progress).all(parser);
        });
  }

  private static void checkHeadings(List<String> headings) {
    Set<String> known = new HashSet<>(Column.all());
    for (String heading : headings) {
      if (!known.contains(heading.toLowerCase(ROOT))) {
        throw Refused.value(
            "csv", "There is no column \"%s\". See the list of columns.".formatted(heading));
      }
    }
    if (headings.stream().noneMatch(Column.NAME::equalsIgnoreCase)) {
      throw Refused.value("csv", "The first row names the columns; \"name\" is missing.");
    }
  }

  private final class Reading {
    private final FleetPlan plan = new FleetPlan();
    private final Map<String, BoatRow> byHullId = fleet.byHullId();
    private final Set<String> names = fleet.takenNames();
    private final Map<String, Integer> namesInFile = new HashMap<>();
    private final Map<String, Integer> hullIdsInFile = new HashMap<>();
    private final Map<String, Berths.Place> places = berths.placesByName();
    private final Set<UUID> takenBerths = fleet.takenBerths();
    private final IntConsumer progress;

    Reading(IntConsumer progress) {
      this.progress = progress;
    }

    FleetPlan all(CSVParser parser) {
      for (CSVRecord csvRow : parser) {
        plan.rows++;
        if (plan.rows > MOST_ROWS) {
          throw Refused.value("csv", "At most 20,000 boats at once.");
        }
        row(plan.rows + 1, csvRow);
        progress.accept(plan.rows);
      }
      if (plan.rows == 0) {
        throw Refused.value("csv", "There are no boats in this file.");
      }
      return plan;
    }

    private void row(int row, CSVRecord csvRow) {
      Map<String, String> byColumn = new HashMap<>();
      csvRow.toMap().forEach((column, cell) -> byColumn.put(column.toLowerCase(ROOT), cell));
      Cells cells = new Cells(row, byColumn, plan.problems);
      int before = plan.problems.size();
      if (!csvRow.isConsistent()) {
        cells.problem(
            Column.NAME,
            "The row has %d cells, the heading another number.".formatted(csvRow.size()));
        return;
      }
      String hullId = cells.text(Column.HULL_ID).toLowerCase(ROOT);
      BoatRow known = hullId.isEmpty() ? null : byHullId.get(hullId);
      once(cells, Column.HULL_ID, hullId, hullIdsInFile, row);
      BoatDescription made =
          new RowReader(cells, known == null ? null : known.description()).read();
      String name = cells.text(Column.NAME).toLowerCase(ROOT);
      once(cells, Column.NAME, name, namesInFile, row);
      boolean sameName = known != null && name.equalsIgnoreCase(known.description().name());
      if (!name.isEmpty() && !sameName && names.contains(name)) {
        cells.problem(
            Column.NAME,
            "There is a boat called \"%s\" already.".formatted(cells.text(Column.NAME)));
      }
      Berths.Place place = place(cells, known);
      if (made == null || plan.problems.size() > before) {
        return;
      }
      if (known == null) {
        if (place != null) {
          plan.berths.put(plan.added.size(), place);
        }
        plan.added.add(made);
      } else if (made.equals(known.description())) {
        plan.unchanged++;
      } else {
        plan.changed.put(known.id(), made);
      }
    }

    private void once(
        Cells cells, String column, String value, Map<String, Integer> seen, int row) {
      Integer first = value.isEmpty() ? null : seen.putIfAbsent(value, row);
      if (first != null) {
        cells.problem(column, "The same as in row %d.".formatted(first));
      }
    }

    /** Where a new boat lies; one that is in the books already is moved on its own screen. */
    private Berths.Place place(Cells cells, BoatRow known) {
      String berth = cells.text(Column.BERTH);
      if (berth.isEmpty() || known != null) {
        return null;
      }
      Berths.Place place = places.get(berth.toLowerCase(ROOT));
      if (place == null) {
        cells.problem(Column.BERTH, "There is no berth \"%s\".".formatted(berth));
        return null;
      }
      if (!takenBerths.add(place.id())) {
        cells.problem(Column.BERTH, "%s is taken by another boat.".formatted(place.name()));
        return null;
      }
      return place;
    }
  }
}
