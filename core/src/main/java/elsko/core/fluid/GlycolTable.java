package elsko.core.fluid;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * The published tables, shipped with the core. Freezing points: ASHRAE Handbook, Fundamentals,
 * chapter on secondary coolants. Burst protection: the glycol makers' published engineering guides.
 */
final class GlycolTable {
  private GlycolTable() {}

  /** Rows of mass fraction, volume fraction, freeze point °C (NaN above 0.60). */
  static List<double[]> freeze(Base base) {
    return rows("glycol-freeze.csv", base);
  }

  /** Rows of volume fraction, burst point °C. */
  static List<double[]> burst(Base base) {
    return rows("glycol-burst.csv", base);
  }

  private static List<double[]> rows(String file, Base base) {
    try (InputStream in = GlycolTable.class.getResourceAsStream(file);
        BufferedReader reader =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      return reader
          .lines()
          .map(line -> line.split(",", -1))
          .filter(cells -> cells[0].equals(base.name()))
          .map(GlycolTable::numbers)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static double[] numbers(String[] cells) {
    double[] row = new double[cells.length - 1];
    for (int i = 1; i < cells.length; i++) {
      row[i - 1] = cells[i].isBlank() ? Double.NaN : Double.parseDouble(cells[i].trim());
    }
    return row;
  }
}
