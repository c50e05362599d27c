package elsko.server.csv;

import elsko.core.Refused;
import elsko.core.Text;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVRecord;

/**
 * A small file taken in row by row; whoever calls does it in one transaction, so that a refused row
 * leaves nothing behind.
 */
public final class CsvRows {
  private static final int MOST_ROWS = 5_000;
  private static final int MOST_CHARACTERS = 1_000_000;

  private CsvRows() {}

  /**
   * Takes every row in.
   *
   * @param columns it must have
   * @return how many there were
   * @throws Refused at "csv": with the row it happened in, when a row was refused
   */
  public static int each(String text, List<String> columns, Consumer<CSVRecord> take) {
    if (text == null || text.isBlank()) {
      throw Refused.value("csv", "The file is empty.");
    }
    if (text.length() > MOST_CHARACTERS) {
      throw Refused.value("csv", "The file is far too long for that.");
    }
    return CsvFile.read(
        text,
        parser -> {
          for (String column : columns) {
            if (!parser.getHeaderMap().containsKey(column)) {
              throw Refused.value("csv", "There is no column \"%s\" in it.".formatted(column));
            }
          }
          int rows = 0;
          for (CSVRecord row : parser) {
            if (++rows > MOST_ROWS) {
              throw Refused.value("csv", "At most 5,000 rows.");
            }
            try {
              take.accept(row);
            } catch (Refused refused) {
              throw Refused.value("csv", Text.of("Row %s: %s", rows, refused.reason()));
            }
          }
          return rows;
        });
  }
}
