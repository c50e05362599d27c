package elsko.bench.row;

import elsko.bench.row.Measured.Kind;
import java.io.IOException;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** The rows under docs/: a table for people, and the same as CSV for the next run. */
public final class WrittenRows {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader(
              "part",
              "what",
              "value",
              "figure",
              "kind",
              "target",
              "met",
              "calibration_ms",
              "on",
              "before",
              "slower")
          .setSkipHeaderRecord(true)
          .setRecordSeparator('\n')
          .get();

  private final Path table;
  private final Path csv;

  public WrittenRows(Path docs) {
    table = docs.resolve("benchmarks.md");
    csv = docs.resolve("benchmarks.csv");
  }

  /** The rows written last; none when there is no file. */
  public List<Row> read() throws IOException {
    List<Row> rows = new ArrayList<>();
    if (!Files.exists(csv)) {
      return rows;
    }
    try (var records = FORMAT.parse(Files.newBufferedReader(csv))) {
      for (CSVRecord record : records) {
        rows.add(
            new Row(
                record.get("part"),
                record.get("what"),
                record.get("value"),
                Double.parseDouble(record.get("figure")),
                Kind.valueOf(record.get("kind")),
                record.get("target"),
                Boolean.parseBoolean(record.get("met")),
                Double.parseDouble(record.get("calibration_ms")),
                record.get("on"),
                record.get("before"),
                record.get("slower")));
      }
    }
    return rows;
  }

  public void write(List<Row> rows) throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, FORMAT.builder().setSkipHeaderRecord(false).get())) {
      for (Row row : rows) {
        printer.printRecord(
            row.part(),
            row.what(),
            row.value(),
            row.figure(),
            row.kind(),
            row.target(),
            row.met(),
            String.format(Locale.ROOT, "%.3f", row.calibrationMs()),
            row.on(),
            row.before(),
            row.slower());
      }
    }
    Files.writeString(csv, text.toString());
    try (Writer out = Files.newBufferedWriter(table)) {
      out.write(table(rows));
    }
  }

  private static String table(List<Row> rows) throws IOException {
    StringBuilder text = new StringBuilder("# Benchmarks\n\n");
    text.append("Measured by `./elsko bench --write`: ").append(Machine.words()).append("\n\n");
    text.append(
        """
        "Slower than before" holds each row against the one written before it, each divided by what a fixed piece of work
        took on its machine at its time; what is less than a quarter slower is not said. The rows for the next run to go
        by stand in benchmarks.csv.

        """);
    text.append("| what | measured | asked for | met | before | slower than before | on |\n");
    text.append("| --- | --- | --- | --- | --- | --- | --- |\n");
    for (Row row : rows) {
      text.append(
          "| %s | %s | %s | %s | %s | %s | %s |\n"
              .formatted(
                  row.what(),
                  row.value().replace('|', '/'),
                  row.target(),
                  row.met() ? "yes" : "no",
                  row.before().replace('|', '/'),
                  row.slower(),
                  row.on()));
    }
    return text.toString();
  }
}
