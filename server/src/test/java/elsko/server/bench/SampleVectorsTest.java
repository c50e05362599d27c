package elsko.server.bench;

import elsko.core.Refused;
import elsko.core.fluid.Base;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.WeakestSample;
import elsko.server.SharedVectors;
import elsko.server.bench.WeakestSamples.WeakestTable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What a device says of a sample by the table it has, held against the proof itself. */
class SampleVectorsTest {
  private static final UUID GLASS = new UUID(0, 1);
  private static final double WITHIN_C = 14;
  private static final double TOO_COLD_C = 1;

  private record Sample(double jug, double reading, double temperatureC, boolean proves) {}

  private record Table(WeakestTable table, List<Sample> samples) {}

  @Test
  void deviceComesToTheSame() throws IOException {
    SharedVectors.areKept(
        "samples", List.of(table(Scale.PG_FREEZE, -18.5), table(Scale.BRIX, 28.5)));
  }

  private static Table table(Scale scale, double jug) {
    Instrument glass = new Instrument(InstrumentKind.REFRACTOMETER, scale, 0.5, 5, 35, 0, 1);
    Product product = new Product(Base.PG, 0.27, -45.6, LabelRates.BURST);
    List<Sample> samples = new ArrayList<>();
    // In steps of the table: between them a device is stricter than the proof, never milder.
    for (double aside = -9; aside <= 9; aside += 0.75) {
      for (double warmth : new double[] {WITHIN_C, TOO_COLD_C}) {
        double reading = jug + aside;
        samples.add(new Sample(jug, reading, warmth, proves(product, glass, jug, reading, warmth)));
      }
    }
    List<WeakestSample> rows = WeakestSample.table(Need.DEFAULT, product, glass);
    return new Table(new WeakestTable("lot", GLASS, "°C", 5, 35, rows), samples);
  }

  private static boolean proves(
      Product product, Instrument glass, double jug, double reading, double warmth) {
    try {
      return Proof.judge(
              new ProofQuestion(
                  Need.DEFAULT,
                  product,
                  glass,
                  jug,
                  reading,
                  warmth,
                  null,
                  ProofQuestion.TANK_LITERS))
          .outcome()
          .proves();
    } catch (Refused notOnTheScale) {
      return false;
    }
  }
}
