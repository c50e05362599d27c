package elsko.server.bench;

import elsko.core.Refused;
import elsko.core.fluid.Calibration;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.Product;
import elsko.core.fluid.verdict.Ceiling;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.server.bench.Calibrations.NewCalibration;
import elsko.server.bench.Jugs.NewJug;
import elsko.server.bench.ShelfView.InstrumentView;
import elsko.server.bench.ShelfView.LotView;
import elsko.server.bench.ShelfView.NewInstrument;
import elsko.server.bench.ShelfView.NewLot;
import elsko.server.bench.ShelfView.NewProduct;
import elsko.server.bench.ShelfView.ProductView;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Products, lots and instruments on the shelf. */
@Service
public class Shelf {
  /** Stands in for an instrument that was never checked; far past what counts. */
  private static final double NEVER_HOURS = 100_000;

  private final ProductRepository products;
  private final LotRepository lots;
  private final InstrumentRepository instruments;

  /** What is on paper is typed in within so long, or nobody remembers what it says. */
  private static final Duration ON_PAPER = Duration.ofDays(7);

  private final ZeroCheckRepository zeroChecks;
  private final Calibrations calibrations;
  private final Jugs jugs;
  private final Yards yards;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Shelf(
      ProductRepository products,
      LotRepository lots,
      InstrumentRepository instruments,
      ZeroCheckRepository zeroChecks,
      Calibrations calibrations,
      Jugs jugs,
      Yards yards,
      ApplicationEventPublisher events,
      Clock clock) {
    this.products = products;
    this.lots = lots;
    this.instruments = instruments;
    this.zeroChecks = zeroChecks;
    this.calibrations = calibrations;
    this.jugs = jugs;
    this.yards = yards;
    this.events = events;
    this.clock = clock;
  }

  /** The lot of this number, as it stands now. */
  @Transactional(readOnly = true)
  public Lot lot(String number) {
    LotRow row = lotRow(number);
    ProductRow product = products.findById(row.productId()).orElseThrow();
    return new Lot(row.number(), product.name(), product.product());
  }

  private LotRow lotRow(String number) {
    if (number == null || number.isBlank()) {
      throw Refused.value("lot", "Say which lot it is; the number is on the jug.");
    }
    return lots.findByNumber(number.strip())
        .orElseThrow(() -> Refused.value("lot", "There is no lot \"%s\".".formatted(number)));
  }

  /** The instrument as it stood at {@code at}, by the last zero check made by then. */
  @Transactional(readOnly = true)
  public InstrumentUse instrument(UUID id, Instant at) {
    InstrumentRow row = instrumentRow(id);
    return new InstrumentUse(row.name(), standing(row, at, null));
  }

  /** The same as it reads a lot, by its own curve for that product if it has one. */
  @Transactional(readOnly = true)
  public InstrumentUse instrument(UUID id, Instant at, String lot) {
    InstrumentRow row = instrumentRow(id);
    Calibration own = calibrations.newest(row.id(), lotRow(lot).productId());
    return new InstrumentUse(row.name(), standing(row, at, own));
  }

  private InstrumentRow instrumentRow(UUID id) {
    if (id == null) {
      throw Refused.value("instrument", "Say which instrument it was read with.");
    }
    return instruments
        .findById(id)
        .orElseThrow(() -> Refused.value("instrument", "There is no such instrument."));
  }

  @Transactional(readOnly = true)
  public ShelfView view() {
    Map<UUID, ProductRow> byId =
        products.findAllByOrderByName().stream()
            .collect(Collectors.toMap(ProductRow::id, Function.identity()));
    LocalDate today = LocalDate.now(clock);
    Need need = yards.need();
    List<LotRow> allLots = lots.findAllByOrderByNumber();
    return new ShelfView(
        byId.values().stream()
            .map(row -> ProductView.of(row, Ceiling.of(row.product(), need)))
            .sorted(Comparator.comparing(ProductView::name))
            .toList(),
        allLots.stream()
            .map(
                row ->
                    new LotView(
                        row.number(),
                        row.productId(),
                        byId.get(row.productId()).name(),
                        row.expiresOn(),
                        row.expiresOn() != null && row.expiresOn().isBefore(today)))
            .toList(),
        instruments.findAllByOrderByName().stream().map(this::instrumentView).toList(),
        jugs.views(allLots.stream().collect(Collectors.toMap(LotRow::id, LotRow::number))));
  }

  @Transactional
  public ShelfView addProduct(NewProduct product) {
    String name = named(product.name(), 60);
    if (products.findByName(name).isPresent()) {
      throw Refused.state("name", "There is a product \"%s\" already.".formatted(name));
    }
    Product made;
    try {
      made =
          new Product(
              product.base(), product.massFraction(), product.labelRatingC(), product.labelRates());
    } catch (Refused refused) {
      throw atTop(refused, "product.");
    }
    products.save(new ProductRow(name, made, product.color() == null ? "" : product.color()));
    events.publishEvent(Changed.bench());
    return view();
  }

  @Transactional
  public ShelfView addLot(NewLot lot) {
    String number = lot.number() == null ? "" : lot.number().strip();
    if (number.isEmpty() || number.length() > 40) {
      throw Refused.value("number", "A lot number has 1 to 40 characters.");
    }
    if (lots.findByNumber(number).isPresent()) {
      throw Refused.state("number", "There is a lot \"%s\" already.".formatted(number));
    }
    if (lot.productId() == null || !products.existsById(lot.productId())) {
      throw Refused.value("productId", "Say which product it is.");
    }
    lots.save(new LotRow(lot.productId(), number, lot.expiresOn()));
    events.publishEvent(Changed.bench());
    return view();
  }

  @Transactional
  public ShelfView addInstrument(NewInstrument instrument) {
    String name = named(instrument.name(), 60);
    if (instruments.findByName(name).isPresent()) {
      throw Refused.state("name", "There is an instrument \"%s\" already.".formatted(name));
    }
    Instrument made;
    try {
      made =
          new Instrument(
              instrument.kind(),
              instrument.scale(),
              orNotANumber(instrument.accuracy()),
              orNotANumber(instrument.compensatesFromC()),
              orNotANumber(instrument.compensatesToC()),
              0,
              NEVER_HOURS);
    } catch (Refused refused) {
      throw atTop(refused, "instrument.");
    }
    instruments.save(new InstrumentRow(name, made));
    events.publishEvent(Changed.bench());
    return view();
  }

  /** Records what clean water read just now. */
  @Transactional
  public ShelfView checkZero(UUID instrument, Double reading, String person) {
    return checkZero(instrument, reading, null, person);
  }

  /**
   * Records what clean water read.
   *
   * @param checkedAt when, where it was written on paper first; null: just now. Readings that were
   *     entered before it stay as they were judged then.
   */
  @Transactional
  public ShelfView checkZero(
      UUID instrument, Double reading, @Nullable Instant checkedAt, String person) {
    Instant now = clock.instant();
    if (checkedAt != null && checkedAt.isAfter(now)) {
      throw Refused.value("checkedAt", "That is still to come.");
    }
    if (checkedAt != null && checkedAt.isBefore(now.minus(ON_PAPER))) {
      throw Refused.value("checkedAt", "A check on paper counts for a week; this one is older.");
    }
    InstrumentRow row = known(instrument);
    double limit = 50;
    Refused.within("reading", orNotANumber(reading), -limit, limit, " " + row.scale().unit());
    zeroChecks.save(new ZeroCheck(row.id(), reading, person, checkedAt == null ? now : checkedAt));
    events.publishEvent(Changed.bench());
    return view();
  }

  /** When an instrument was checked last; null while none was. */
  @Transactional(readOnly = true)
  public @Nullable Instant newestCheck() {
    return zeroChecks.findFirstByOrderByCheckedAtDesc().map(ZeroCheck::checkedAt).orElse(null);
  }

  /** Makes an instrument's own curve for a product. */
  @Transactional
  public ShelfView calibrate(UUID instrument, NewCalibration made, String person) {
    InstrumentRow row = known(instrument);
    if (made.productId() == null) {
      throw Refused.value("productId", "Say which product the glasses were mixed from.");
    }
    ProductRow product =
        products
            .findById(made.productId())
            .orElseThrow(() -> Refused.value("productId", "There is no such product."));
    calibrations.make(row, product, made, person);
    events.publishEvent(Changed.bench());
    return view();
  }

  /** Keeps what the undiluted jug of a lot reads, for every boat it went into. */
  @Transactional
  public ShelfView readJug(NewJug jug, String person) {
    LotRow lot = lotRow(jug.lot());
    InstrumentRow row = instrumentRow(jug.instrument());
    InstrumentUse use = instrument(jug.instrument(), clock.instant(), jug.lot());
    Product product = products.findById(lot.productId()).orElseThrow().product();
    double reading =
        use.instrument().readable("reading", product.base(), orNotANumber(jug.reading()));
    jugs.read(lot, row, reading, person);
    events.publishEvent(Changed.bench());
    return view();
  }

  private InstrumentRow known(UUID instrument) {
    return instruments
        .findById(instrument)
        .orElseThrow(() -> new NotFound("instrument", "There is no such instrument."));
  }

  private InstrumentView instrumentView(InstrumentRow row) {
    Instrument now = standing(row, clock.instant(), null);
    ZeroCheck last = lastCheck(row, clock.instant());
    return new InstrumentView(
        row.id(),
        row.name(),
        now.kind(),
        now.kind().words(),
        now.scale(),
        now.scale().words(),
        now.scale().unit(),
        now.accuracy(),
        now.compensatesFromC(),
        now.compensatesToC(),
        last == null ? null : last.reading(),
        last == null ? null : last.checkedAt(),
        last == null ? null : last.person(),
        now.zeroCheckIsFresh() && now.zeroIsTrue(),
        calibrations.of(row.id()));
  }

  private Instrument standing(InstrumentRow row, Instant at, Calibration own) {
    ZeroCheck last = lastCheck(row, at);
    if (last == null) {
      return row.checked(0, NEVER_HOURS, own);
    }
    double hours = Duration.between(last.checkedAt(), at).toSeconds() / 3600.0;
    return row.checked(last.reading(), hours, own);
  }

  /**
   * As it would read if its zero counted now, with the offset found last; whether it counts stands
   * on the shelf.
   */
  Instrument ifTrusted(InstrumentRow row, Calibration own) {
    ZeroCheck last = lastCheck(row, clock.instant());
    Instrument now = row.checked(last == null ? 0 : last.reading(), 0, own);
    return now.zeroIsTrue() ? now : row.checked(0, 0, own);
  }

  /** The last check made by then: one made afterwards says nothing about an earlier reading. */
  private ZeroCheck lastCheck(InstrumentRow row, Instant at) {
    return zeroChecks
        .findFirstByInstrumentIdAndCheckedAtLessThanEqualOrderByCheckedAtDesc(row.id(), at)
        .orElse(null);
  }

  private static String named(String name, int most) {
    String kept = name == null ? "" : name.strip();
    if (kept.isEmpty() || kept.length() > most) {
      throw Refused.value("name", "A name has 1 to %d characters.".formatted(most));
    }
    return kept;
  }

  private static double orNotANumber(Double value) {
    return value == null ? Double.NaN : value;
  }

  private static Refused atTop(Refused refused, String prefix) {
    String field = refused.field();
    return Refused.value(
        field.startsWith(prefix) ? field.substring(prefix.length()) : field, refused.reason());
  }
}
