package elsko.server.stores;

import elsko.core.Refused;
import elsko.server.importing.CsvFile;
import elsko.server.importing.CsvText;
import elsko.server.stores.StockMove.Kind;
import elsko.server.stores.StoresView.ShelfLine;
import elsko.server.stores.StoresView.StoreLine;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shelf and the order as files, and a count read from one. */
@Component
class StoresCsv {
  private static final int MOST_ROWS = 5_000;
  private static final int MOST_CHARACTERS = 1_000_000;
  private static final String SHELF = "shelf";
  private static final String QUANTITY = "quantity";

  private final Stores stores;

  StoresCsv(Stores stores) {
    this.stores = stores;
  }

  /** How many rows were taken in. */
  record CountedRows(int rows) {}

  String order(StoresView view) {
    List<List<String>> rows = new ArrayList<>();
    for (StoreLine line : view.lines()) {
      if (line.packages() > 0) {
        rows.add(
            List.of(
                line.name(),
                String.valueOf(line.packages()),
                String.valueOf(line.packageSize()),
                line.unit(),
                line.runsOut() == null ? "" : line.runsOut().toString(),
                String.valueOf(line.needed()),
                String.valueOf(line.stock())));
      }
    }
    return CsvText.of(
        List.of("item", "packages", "package", "unit", "runs out", "needed", "in stock"), rows);
  }

  String stock(StoresView view) {
    List<List<String>> rows = new ArrayList<>();
    for (StoreLine line : view.lines()) {
      for (ShelfLine shelf : line.shelves()) {
        rows.add(List.of(shelf.shelf(), line.name(), String.valueOf(shelf.stock()), line.unit()));
      }
    }
    return CsvText.of(List.of(SHELF, "item", QUANTITY, "unit"), rows);
  }

  /** Every row is counted, or none is: the first that cannot be says why. */
  @Transactional
  CountedRows count(String text, String by) {
    if (text == null || text.isBlank()) {
      throw Refused.value("csv", "The file is empty.");
    }
    if (text.length() > MOST_CHARACTERS) {
      throw Refused.value("csv", "The file is far too long for a shelf.");
    }
    return CsvFile.read(
        text,
        parser -> {
          for (String column : List.of(SHELF, QUANTITY)) {
            if (!parser.getHeaderMap().containsKey(column)) {
              throw Refused.value("csv", "There is no column \"%s\" in it.".formatted(column));
            }
          }
          int rows = 0;
          for (CSVRecord row : parser) {
            if (++rows > MOST_ROWS) {
              throw Refused.value("csv", "At most 5,000 rows.");
            }
            count(row, by);
          }
          return new CountedRows(rows);
        });
  }

  private void count(CSVRecord row, String by) {
    try {
      stores.move(row.get(SHELF), Kind.COUNTED, number(row.get(QUANTITY)), "from a file", by);
    } catch (Refused refused) {
      throw Refused.value("csv", "Row %d: %s".formatted(row.getRecordNumber(), refused.reason()));
    }
  }

  private static double number(String text) {
    try {
      double value = Double.parseDouble(text.replace(',', '.'));
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException noNumber) {
      // Said below, as everything that is no number.
    }
    throw Refused.value(QUANTITY, "\"%s\" is no number.".formatted(text));
  }
}
