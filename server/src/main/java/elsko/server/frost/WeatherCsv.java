package elsko.server.frost;

import elsko.core.Refused;
import elsko.core.frost.DailyAir;
import elsko.server.csv.CsvFile;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Daily weather as CSV with {@code date,tmin_c,tmax_c}; a public station record fits. */
final class WeatherCsv {
  static final String HEADING = "date,tmin_c,tmax_c";
  private static final int MOST_ROWS = 60_000;

  private WeatherCsv() {}

  /** One row as it stands in a file; what could not be read is null. */
  record Row(int row, LocalDate date, Double minC, Double maxC, String text) {}

  /** Every row; refuses what is no such file at all. */
  static List<Row> rows(String csv) {
    if (csv == null || csv.isBlank()) {
      throw Refused.value("csv", "The file is empty.");
    }
    return CsvFile.read(csv, WeatherCsv::rows);
  }

  private static List<Row> rows(CSVParser parser) {
    for (String column : HEADING.split(",")) {
      if (parser.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
        throw Refused.value(
            "csv", "The first row names the columns; \"%s\" is missing.".formatted(column));
      }
    }
    List<Row> rows = new ArrayList<>();
    for (CSVRecord line : parser) {
      if (rows.size() == MOST_ROWS) {
        throw Refused.value("csv", "At most 60,000 days at once.");
      }
      rows.add(row(rows.size() + 2, line));
    }
    if (rows.isEmpty()) {
      throw Refused.value("csv", "There are no days in this file.");
    }
    return rows;
  }

  private static Row row(int number, CSVRecord line) {
    return new Row(
        number,
        date(cell(line, "date")),
        celsius(cell(line, "tmin_c")),
        celsius(cell(line, "tmax_c")),
        String.join(",", line.values()));
  }

  private static String cell(CSVRecord line, String column) {
    return line.isSet(column) ? line.get(column) : "";
  }

  private static LocalDate date(String cell) {
    try {
      return LocalDate.parse(cell);
    } catch (java.time.DateTimeException notADate) {
      return null;
    }
  }

  private static Double celsius(String cell) {
    try {
      double value = Double.parseDouble(cell);
      return Double.isFinite(value) ? value : null;
    } catch (NumberFormatException notANumber) {
      return null;
    }
  }

  /** What was written by {@link #write}. */
  static List<DailyAir> kept(String csv) {
    return csv == null
        ? List.of()
        : csv.lines()
            .skip(1)
            .map(line -> line.split(","))
            .map(
                cells ->
                    new DailyAir(
                        LocalDate.parse(cells[0]),
                        Double.parseDouble(cells[1]),
                        Double.parseDouble(cells[2])))
            .toList();
  }

  static String write(List<DailyAir> days) {
    StringBuilder csv = new StringBuilder(HEADING).append("\r\n");
    for (DailyAir day : days) {
      csv.append(String.format(Locale.ROOT, "%s,%s,%s\r\n", day.date(), day.minC(), day.maxC()));
    }
    return csv.toString();
  }
}
