package elsko.bench.row;

import java.io.IOException;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Takes rows as they come: each is printed and, where that was asked for, written at once. */
public final class Rows {
  private final Map<String, Row> before = new LinkedHashMap<>();
  private final Map<String, Row> all = new LinkedHashMap<>();
  private final Set<String> ofThisRun = new HashSet<>();
  private final String today;
  private final Keeper keeper;
  private String part = "";
  private double calibrationMs;
  private boolean failed;

  /** Keeps all rows, those of this run and those measured before. */
  public interface Keeper {
    void keep(List<Row> rows) throws IOException;
  }

  /** What can be measured or go wrong. */
  public interface Measuring {
    Measured measure() throws Exception;
  }

  /**
   * @param written the rows written last
   * @param today the day of this run
   */
  public Rows(List<Row> written, String today, Keeper keeper) {
    written.forEach(row -> before.put(row.what(), row));
    all.putAll(before);
    this.today = today;
    this.keeper = keeper;
  }

  /** Measures a part. What goes wrong in it marks those of its rows that are missing. */
  public void measure(Part next) throws IOException {
    part = next.name();
    calibrationMs = Calibration.millis();
    try {
      next.work().into(this);
    } catch (Exception wrong) {
      List<String> missing =
          before.values().stream()
              .filter(row -> row.part().equals(part) && !ofThisRun.contains(row.what()))
              .map(Row::what)
              .toList();
      for (String what : missing.isEmpty() ? List.of(part) : missing) {
        failed(what, wrong);
      }
    }
  }

  /** A row that may go wrong without those after it. */
  public void attempt(String what, Measuring measuring) throws IOException {
    try {
      add(measuring.measure());
    } catch (Exception wrong) {
      failed(what, wrong);
    }
  }

  /** A row that was measured; the machine may have been busier before it than after it. */
  public void add(Measured measured) throws IOException {
    calibrationMs = Math.min(calibrationMs, Calibration.millis());
    put(Row.of(part, measured, calibrationMs, today, before.get(measured.what())));
  }

  public boolean anyFailed() {
    return failed;
  }

  private void failed(String what, Exception wrong) throws IOException {
    if (wrong instanceof InterruptedException) {
      Thread.currentThread().interrupt();
    }
    failed = true;
    put(Row.failed(part, what, today, before.get(what), wrong));
  }

  private void put(Row row) throws IOException {
    System.out.println(
        String.format(
            Locale.ROOT,
            "%s %-88s %-30s %-18s %s",
            row.met() ? " " : "!",
            row.what(),
            row.value(),
            row.target(),
            row.slower().isEmpty() ? "" : "slower than before: " + row.slower()));
    all.put(row.what(), row);
    ofThisRun.add(row.what());
    keeper.keep(List.copyOf(all.values()));
  }
}
