package elsko.server.bench;

import elsko.core.fluid.Instrument;
import elsko.core.fluid.Product;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.WeakestSample;
import elsko.server.yard.Yards;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What samples may read, worked out by core for every lot and instrument on the shelf. */
@Service
class WeakestSamples {
  private final LotRepository lots;
  private final ProductRepository products;
  private final InstrumentRepository instruments;
  private final Calibrations calibrations;
  private final Shelf shelf;
  private final Yards yards;

  WeakestSamples(
      LotRepository lots,
      ProductRepository products,
      InstrumentRepository instruments,
      Calibrations calibrations,
      Shelf shelf,
      Yards yards) {
    this.lots = lots;
    this.products = products;
    this.instruments = instruments;
    this.calibrations = calibrations;
    this.shelf = shelf;
    this.yards = yards;
  }

  @Transactional(readOnly = true)
  List<WeakestTable> all() {
    Need need = yards.need();
    List<WeakestTable> all = new ArrayList<>();
    Map<UUID, Map<UUID, List<WeakestSample>>> byProduct = new HashMap<>();
    for (LotRow lot : lots.findAllByOrderByNumber()) {
      Product product = products.findById(lot.productId()).orElseThrow().product();
      for (InstrumentRow row : instruments.findAllByOrderByName()) {
        List<WeakestSample> rows =
            byProduct
                .computeIfAbsent(lot.productId(), id -> new HashMap<>())
                .computeIfAbsent(row.id(), id -> table(need, lot.productId(), product, row));
        if (!rows.isEmpty()) {
          Instrument of = row.checked(0, 0, null);
          all.add(
              new WeakestTable(
                  lot.number(),
                  row.id(),
                  row.scale().unit(),
                  of.compensatesFromC(),
                  of.compensatesToC(),
                  rows));
        }
      }
    }
    return all;
  }

  private List<WeakestSample> table(Need need, UUID productId, Product product, InstrumentRow row) {
    Instrument trusted = shelf.ifTrusted(row, calibrations.newest(row.id(), productId));
    return WeakestSample.table(need, product, trusted);
  }

  /**
   * One lot read with one instrument.
   *
   * @param unit of what it reads, by its metric sign
   * @param compensatesFromC lowest temperature of a sample it corrects for, °C
   * @param rows by what the jug reads; a jug that is not there is suspect, or cannot do it
   */
  record WeakestTable(
      String lot,
      UUID instrument,
      String unit,
      double compensatesFromC,
      double compensatesToC,
      List<WeakestSample> rows) {}
}
