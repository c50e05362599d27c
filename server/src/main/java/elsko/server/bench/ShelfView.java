package elsko.server.bench;

import elsko.core.Text;
import elsko.core.fluid.Base;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Ceiling;
import elsko.core.fluid.verdict.Outcome;
import elsko.server.bench.Calibrations.CalibrationView;
import elsko.server.bench.Jugs.JugView;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** All that stands on the shelf. */
public record ShelfView(
    List<ProductView> products,
    List<LotView> lots,
    List<InstrumentView> instruments,
    List<JugView> jugs) {
  /**
   * A product.
   *
   * @param ceiling what it can do undiluted, by what the yard guards against now
   */
  public record ProductView(
      UUID id,
      String name,
      String color,
      Base base,
      Double massFraction,
      Double labelRatingC,
      @Nullable LabelRates labelRates,
      CeilingView ceiling) {
    static ProductView of(ProductRow row, Ceiling ceiling) {
      Product product = row.product();
      return new ProductView(
          row.id(),
          row.name(),
          row.color(),
          product.base(),
          product.massFraction(),
          product.labelRatingC(),
          product.labelRates(),
          new CeilingView(ceiling.outcome(), ceiling.words()));
    }
  }

  /** CHANGE_PRODUCT where a product cannot do it even undiluted, and what that rests on. */
  public record CeilingView(@Nullable Outcome outcome, Text words) {}

  /** A lot of a product. */
  public record LotView(
      String number,
      UUID productId,
      String productName,
      @Nullable LocalDate expiresOn,
      boolean expired) {}

  /** An instrument with its last zero check; {@code trusted} while that check counts. */
  public record InstrumentView(
      UUID id,
      String name,
      InstrumentKind kind,
      String kindWords,
      Scale scale,
      String scaleWords,
      String unit,
      double accuracy,
      double compensatesFromC,
      double compensatesToC,
      Double zeroReading,
      @Nullable Instant zeroCheckedAt,
      @Nullable String zeroCheckedBy,
      boolean trusted,
      List<CalibrationView> calibrations) {}

  /** A product to add. */
  public record NewProduct(
      String name,
      String color,
      Base base,
      Double massFraction,
      Double labelRatingC,
      LabelRates labelRates) {}

  /** A lot to add. */
  public record NewLot(UUID productId, String number, LocalDate expiresOn) {}

  /** An instrument to add. */
  public record NewInstrument(
      String name,
      InstrumentKind kind,
      Scale scale,
      Double accuracy,
      Double compensatesFromC,
      Double compensatesToC) {}
}
