package elsko.server.csv;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes rows as CSV that no table program takes for a formula. */
public final class CsvText {
  private static final String STARTS_FORMULA = "=+-@\t\r";

  private CsvText() {}

  /** Heads and rows. */
  public static String of(List<String> heads, List<List<String>> rows) {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(heads);
      for (List<String> row : rows) {
        printer.printRecord(row.stream().map(CsvText::safe).toList());
      }
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
    return text.toString();
  }

  /** A text that would be taken for a formula stands behind an apostrophe; a number stays one. */
  public static String safe(String text) {
    boolean formula = !text.isEmpty() && STARTS_FORMULA.indexOf(text.charAt(0)) >= 0;
    return formula && !text.matches("[+-]?\\d+(\\.\\d+)?([eE][+-]?\\d+)?") ? "'" + text : text;
  }
}
