package elsko.server.bench;

import elsko.core.Refused;
import elsko.core.fluid.Calibration;
import elsko.core.fluid.Calibration.Glass;
import elsko.core.fluid.Product;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Instruments' own curves, one for each product they were calibrated with. */
@Component
class Calibrations {
  private final CalibrationRepository rows;
  private final JsonMapper json;
  private final Clock clock;

  Calibrations(CalibrationRepository rows, JsonMapper json, Clock clock) {
    this.rows = rows;
    this.json = json;
    this.clock = clock;
  }

  /** The newest curve of an instrument for a product, or null. */
  @Nullable Calibration newest(UUID instrument, UUID product) {
    return rows.findFirstByInstrumentIdAndProductIdOrderByMadeAtDesc(instrument, product)
        .map(row -> json.readValue(row.points(), Calibration.class))
        .orElse(null);
  }

  /** Makes a curve from a dilution series of the product. */
  void make(InstrumentRow instrument, ProductRow row, NewCalibration made, String person) {
    Product product = row.product();
    if (instrument.kind().byDensity() && product.base() == elsko.core.fluid.Base.PG) {
      throw Refused.value(
          "productId",
          "A %s works by density, which cannot tell the strength of propylene glycol."
              .formatted(instrument.kind().words()));
    }
    if (product.massFraction() == null) {
      throw Refused.value(
          "productId", "The product's strength is not known: the glasses would have no strength.");
    }
    Calibration calibration =
        Calibration.ofSeries(product.base(), product.massFraction(), glasses(instrument, made));
    rows.save(
        new CalibrationRow(
            instrument.id(),
            row.id(),
            person,
            clock.instant(),
            json.writeValueAsString(calibration)));
  }

  private static List<Glass> glasses(InstrumentRow instrument, NewCalibration made) {
    if (made.glasses() == null) {
      throw Refused.value("glasses", "A calibration has 3 to 20 points.");
    }
    for (int i = 0; i < made.glasses().size(); i++) {
      GlassIn glass = made.glasses().get(i);
      if (glass == null
          || glass.jugParts() == null
          || glass.waterParts() == null
          || glass.reading() == null) {
        throw Refused.value("glasses[" + i + "]", "Enter what this glass reads.");
      }
      Refused.within(
          "glasses[" + i + "]",
          glass.reading(),
          instrument.scale().lowest(),
          instrument.scale().highest(),
          " " + instrument.scale().unit());
    }
    return made.glasses().stream()
        .map(glass -> new Glass(glass.jugParts(), glass.waterParts(), glass.reading()))
        .toList();
  }

  /** The curves of one instrument that count now. */
  List<CalibrationView> of(UUID instrument) {
    Map<UUID, CalibrationView> newest = new HashMap<>();
    for (CalibrationRow row : rows.findByInstrumentIdOrderByMadeAtDesc(instrument)) {
      newest.putIfAbsent(
          row.productId(),
          new CalibrationView(
              row.productId(),
              row.person(),
              row.madeAt(),
              json.readValue(row.points(), Calibration.class).points()));
    }
    return List.copyOf(newest.values());
  }

  /** An instrument's own curve for one product, weakest point first. */
  public record CalibrationView(
      UUID productId, String person, Instant madeAt, List<Calibration.Point> points) {}

  /** A dilution series: parts of jug and water by volume, and what each glass read. */
  public record NewCalibration(UUID productId, List<GlassIn> glasses) {}

  /** One glass of it. */
  public record GlassIn(Double jugParts, Double waterParts, Double reading) {}
}
