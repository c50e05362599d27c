package elsko.server.stores;

import elsko.core.Refused;
import elsko.server.csv.CsvRows;
import elsko.server.csv.CsvText;
import elsko.server.stores.StockMove.Kind;
import elsko.server.stores.StoresView.ShelfLine;
import elsko.server.stores.StoresView.StoreLine;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shelf and the order as files, and a count read from one. */
@Component
class StoresCsv {
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
    return new CountedRows(
        CsvRows.each(
            text,
            List.of(SHELF, QUANTITY),
            row ->
                stores.move(
                    row.get(SHELF), Kind.COUNTED, number(row.get(QUANTITY)), "from a file", by)));
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
