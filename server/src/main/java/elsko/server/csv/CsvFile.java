package elsko.server.csv;

import elsko.core.Refused;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** A file of rows whose first one names the columns. */
public final class CsvFile {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreEmptyLines(true)
          .setIgnoreHeaderCase(true)
          .setTrim(true)
          .get();

  private CsvFile() {}

  /**
   * Reads a whole file.
   *
   * @throws Refused when it is no such file at all
   */
  public static <T> T read(String csv, Function<CSVParser, T> reading) {
    try (CSVParser parser =
        FORMAT.parse(new StringReader(csv.startsWith("\uFEFF") ? csv.substring(1) : csv))) {
      return reading.apply(parser);
    } catch (UncheckedIOException | IllegalArgumentException | IllegalStateException broken) {
      throw notCsv(broken);
    } catch (IOException broken) {
      throw notCsv(broken);
    }
  }

  private static Refused notCsv(Exception broken) {
    return Refused.value("csv", "This cannot be read as CSV: %s".formatted(broken.getMessage()));
  }
}
