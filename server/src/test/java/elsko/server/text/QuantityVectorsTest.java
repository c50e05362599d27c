package elsko.server.text;

import elsko.core.Judged;
import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.UnitSystem;
import elsko.core.Units;
import elsko.server.SharedVectors;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A number as core says it, in both systems, held against what a device makes of it. */
class QuantityVectorsTest {
  private static final double[] VALUES = {
    -40, -24.8, -0.04, 0, 0.025, 1, 3.4, 12.75, 71, 457, 1000
  };
  private static final double[] AWAY = {0, 0.004, 0.03, 0.2, 1.7};

  private record Said(String unit, double value, UnitSystem system, String text) {}

  private record Held(
      String unit, double value, double limit, boolean atMost, UnitSystem system, String text) {}

  @Test
  void quantities() throws IOException {
    List<Said> vectors = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      for (UnitSystem system : UnitSystem.values()) {
        for (double value : VALUES) {
          String text = Quantity.of(value, measure).in(Units.all(system));
          vectors.add(new Said(measure.unit(Units.METRIC), value, system, text));
        }
      }
    }
    SharedVectors.areKept("quantities", vectors);
  }

  @Test
  void limits() throws IOException {
    List<Held> vectors = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      for (UnitSystem system : UnitSystem.values()) {
        for (double limit : new double[] {-25, 3, 15.75, 38, 85}) {
          for (double away : AWAY) {
            for (double value : new double[] {limit - away, limit + away}) {
              vectors.add(held(measure, value, limit, true, system));
              vectors.add(held(measure, value, limit, false, system));
            }
          }
        }
      }
    }
    SharedVectors.areKept("limits", vectors);
  }

  private static Held held(
      Measure measure, double value, double limit, boolean atMost, UnitSystem system) {
    Quantity said = new Judged(value, limit, atMost).limit(measure).withoutUnit();
    return new Held(
        measure.unit(Units.METRIC), value, limit, atMost, system, said.in(Units.all(system)));
  }
}
