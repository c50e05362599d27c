package elsko.server.stores;

import elsko.core.Refused;
import elsko.core.fluid.Base;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import elsko.core.procedure.request.Practices;
import elsko.core.stores.StockDemand;
import elsko.core.stores.StockForecast;
import elsko.core.stores.Use;
import elsko.core.stores.Wanted;
import elsko.server.bench.Shelf;
import elsko.server.bench.ShelfView;
import elsko.server.bench.ShelfView.LotView;
import elsko.server.live.Changed;
import elsko.server.plan.Walks;
import elsko.server.plan.Walks.PlannedBoat;
import elsko.server.stores.StockMove.Kind;
import elsko.server.stores.StoresView.ShelfLine;
import elsko.server.stores.StoresView.StoreLine;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.search.LogSearch;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts the shelf from what came and what the log says was taken, and plays the plan through. */
@Service
public class Stores {
  /** What antifreeze and descaler are mostly bought in, L. */
  private static final double DRUM_LITERS = 20;

  private static final int MOST = 100_000;
  private static final List<Procedure> BEFORE_WINTER =
      List.of(Procedure.WINTERIZE, Procedure.LAY_UP_SERVICE, Procedure.DESCALE, Procedure.PUMP);

  private final StockMoveRepository moves;
  private final PackageSizeRepository packages;
  private final Shelf shelf;
  private final LogSearch search;
  private final Walks walks;
  private final Yards yards;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final FoldCache<Takes> takes;

  Stores(
      StockMoveRepository moves,
      PackageSizeRepository packages,
      Shelf shelf,
      LogSearch search,
      Walks walks,
      Yards yards,
      FoldCaches caches,
      ApplicationEventPublisher events,
      Clock clock) {
    this.moves = moves;
    this.packages = packages;
    this.shelf = shelf;
    this.search = search;
    this.walks = walks;
    this.yards = yards;
    this.events = events;
    this.clock = clock;
    this.takes = caches.of(folded -> Takes.of(folded, yards.practices(), clock.instant()));
  }

  /** What a boat's cards still take, before winter and in spring. */
  private record Takes(UUID boat, List<Wanted> winter, List<Wanted> spring) {
    static Takes of(Folded folded, Practices practices, Instant at) {
      BoatState state = folded.state();
      List<Wanted> winter = new ArrayList<>();
      for (Procedure procedure : BEFORE_WINTER) {
        // Only winterizing comes by itself; somebody opens the others.
        if (procedure == Procedure.WINTERIZE || state.openCard(procedure) != null) {
          winter.addAll(StockDemand.of(state, practices, procedure, at));
        }
      }
      return new Takes(
          folded.row().id(), winter, StockDemand.of(state, practices, Procedure.COMMISSION, at));
    }
  }

  /** The shelf as it stands, and what the next days take from it. */
  @Transactional(readOnly = true)
  StoresView view(int days) {
    Refused.within("days", days, 1, 366, " days");
    LocalDate today = walks.today();
    String with = plannedWith();
    Map<String, List<Use>> uses = uses(with);
    Map<String, Double> sizes = new HashMap<>();
    packages.findAll().forEach(one -> sizes.put(one.item(), one.quantity()));
    Map<String, Count> counts = counts();
    Map<String, LocalDate> expiries = new HashMap<>();
    shelf.view().lots().forEach(lot -> expiries.put(Item.ofLot(lot.number()), lot.expiresOn()));
    List<StoreLine> lines =
        items().stream()
            .map(
                item -> {
                  double size = sizes.getOrDefault(item.key(), item.usualPackage());
                  List<Use> of = uses.getOrDefault(item.key(), List.of());
                  return line(item, size, of, counts, expiries, today, days);
                })
            .toList();
    return new StoresView(today, days, with, lines);
  }

  private static StoreLine line(
      Item item,
      double size,
      List<Use> uses,
      Map<String, Count> counts,
      Map<String, LocalDate> expiries,
      LocalDate today,
      int days) {
    List<ShelfLine> shelves = new ArrayList<>();
    double stock = 0;
    boolean counted = false;
    for (String one : item.shelves()) {
      Count count = counts.getOrDefault(one, Count.NONE);
      stock += count.stock();
      counted |= count.touched();
      String lot = Item.lotOf(one);
      shelves.add(
          new ShelfLine(
              one,
              lot == null ? item.name() : lot,
              count.stock(),
              expiries.get(one),
              count.at(),
              count.by()));
    }
    StockForecast forecast = StockForecast.of(stock, size, uses, today, days);
    return new StoreLine(
        item.key(),
        item.name(),
        item.unit(),
        size,
        stock,
        counted,
        shelves,
        forecast.needed(),
        forecast.runsOut(),
        forecast.missing(),
        forecast.packages(),
        uses);
  }

  /**
   * What is on one shelf.
   *
   * @param at when it was counted last; null when it never was
   * @param touched whether anything was ever received or counted
   */
  private record Count(double stock, @Nullable Instant at, @Nullable String by, boolean touched) {
    static final Count NONE = new Count(0, null, null, false);

    Count after(StockMove move) {
      return move.kind() == Kind.COUNTED
          ? new Count(move.quantity(), move.madeAt(), move.person(), true)
          : new Count(stock + move.quantity(), at, by, true);
    }

    Count taken(double quantity) {
      return new Count(stock - quantity, at, by, touched);
    }

    /** What was taken before the last count is counted already. */
    boolean isSettled(Instant taken) {
      return at != null && !taken.isAfter(at);
    }
  }

  private Map<String, Count> counts() {
    Map<String, Count> counts = new HashMap<>();
    for (StockMove move : moves.findAllByOrderByMadeAt()) {
      counts.merge(move.item(), Count.NONE.after(move), (before, first) -> before.after(move));
    }
    for (LotView lot : shelf.view().lots()) {
      String key = Item.ofLot(lot.number());
      Count count = counts.get(key);
      if (count != null) {
        Instant since = count.at() == null ? Instant.EPOCH : count.at();
        for (LogSearch.Poured poured : search.poured(lot.number(), since)) {
          count = count.isSettled(poured.at()) ? count : count.taken(poured.liters());
        }
        counts.put(key, count);
      }
    }
    Instant oldest =
        counts.values().stream()
            .map(Count::at)
            .filter(java.util.Objects::nonNull)
            .min(Instant::compareTo)
            .orElse(Instant.EPOCH);
    for (LogSearch.Serviced one : search.serviced(oldest)) {
      Count count = counts.get(one.item());
      if (count != null && !count.isSettled(one.at())) {
        counts.put(one.item(), count.taken(1));
      }
    }
    return counts;
  }

  /** The fluid that was filled last, else the first there is; null on an empty shelf. */
  private @Nullable String plannedWith() {
    String last = search.lastLot();
    ShelfView view = shelf.view();
    return view.lots().stream()
        .filter(lot -> lot.number().equals(last))
        .map(LotView::productName)
        .findFirst()
        .orElseGet(
            () ->
                view.products().stream()
                    .filter(product -> product.base() == Base.PG)
                    .map(ShelfView.ProductView::name)
                    .findFirst()
                    .orElse(null));
  }

  private Map<String, List<Use>> uses(@Nullable String with) {
    List<PlannedBoat> planned = walks.planned();
    Map<UUID, Takes> byBoat = new HashMap<>();
    takes
        .of(planned.stream().map(PlannedBoat::boat).toList())
        .forEach(one -> byBoat.put(one.boat(), one));
    Map<String, List<Use>> uses = new HashMap<>();
    for (PlannedBoat boat : planned) {
      Takes of = byBoat.get(boat.boat());
      Map<String, Map<LocalDate, Double>> together = new LinkedHashMap<>();
      Map<String, Double> undated = new LinkedHashMap<>();
      for (Wanted wanted : boat.spring() ? of.spring() : of.winter()) {
        String key = keyOf(wanted.item(), with);
        LocalDate day = boat.dayOfStep().get(wanted.step());
        if (key == null) {
          continue;
        }
        if (day == null) {
          undated.merge(key, wanted.quantity(), Double::sum);
        } else {
          together
              .computeIfAbsent(key, one -> new HashMap<>())
              .merge(day, wanted.quantity(), Double::sum);
        }
      }
      together.forEach(
          (key, byDay) ->
              byDay.forEach(
                  (day, quantity) -> add(uses, key, new Use(day, quantity, boat.name()))));
      undated.forEach((key, quantity) -> add(uses, key, new Use(null, quantity, boat.name())));
    }
    uses.values()
        .forEach(
            list ->
                list.sort(
                    java.util.Comparator.comparing(
                            Use::day,
                            java.util.Comparator.nullsLast(java.util.Comparator.naturalOrder()))
                        .thenComparing(Use::boat)));
    return uses;
  }

  private static void add(Map<String, List<Use>> uses, String key, Use use) {
    uses.computeIfAbsent(key, one -> new ArrayList<>()).add(use);
  }

  private static @Nullable String keyOf(String item, @Nullable String with) {
    if (item.equals(StockDemand.ANTIFREEZE)) {
      return with == null ? null : Item.ofProduct(with);
    }
    return item;
  }

  private List<Item> items() {
    List<Item> items = new ArrayList<>();
    ShelfView view = shelf.view();
    for (ShelfView.ProductView product : view.products()) {
      items.add(
          new Item(
              Item.ofProduct(product.name()),
              product.name(),
              Item.LITERS,
              DRUM_LITERS,
              view.lots().stream()
                  .filter(lot -> lot.productName().equals(product.name()))
                  .map(lot -> Item.ofLot(lot.number()))
                  .toList()));
    }
    items.add(
        new Item(
            StockDemand.DESCALER,
            "descaler, mixed",
            Item.LITERS,
            DRUM_LITERS,
            List.of(StockDemand.DESCALER)));
    for (Interval interval : Interval.values()) {
      if (!interval.part().isEmpty() && interval != Interval.DESCALE) {
        items.add(
            new Item(interval.key(), interval.part(), Item.PIECES, 1, List.of(interval.key())));
      }
    }
    return items;
  }

  /**
   * Something came or was counted.
   *
   * @param shelf a lot as "lot/NUMBER", or the item itself
   */
  @Transactional
  void move(String shelf, Kind kind, @Nullable Double quantity, String note, String by) {
    boolean known =
        shelf != null && items().stream().anyMatch(item -> item.shelves().contains(shelf));
    if (!known) {
      throw Refused.value("shelf", "There is no such thing on the shelf.");
    }
    if (kind == null) {
      throw Refused.value("kind", "Say whether it came or was counted.");
    }
    if (quantity == null) {
      throw Refused.value("quantity", "Must be a number.");
    }
    Refused.within("quantity", quantity, 0, MOST, "");
    if (kind == Kind.RECEIVED && quantity == 0) {
      throw Refused.value("quantity", "Nothing came: enter more than 0.");
    }
    String kept = note == null ? "" : note.strip();
    if (kept.length() > 200) {
      throw Refused.value("note", "At most 200 characters.");
    }
    moves.save(new StockMove(shelf, kind, quantity, kept, by, clock.instant()));
    events.publishEvent(Changed.bench());
  }

  /** Somebody counted what is there. */
  @Transactional
  public void count(String shelf, double quantity, String by) {
    move(shelf, Kind.COUNTED, quantity, "", by);
  }

  @Transactional
  void buyIn(String item, @Nullable Double quantity) {
    if (items().stream().noneMatch(one -> one.key().equals(item))) {
      throw Refused.value("item", "There is no such thing on the shelf.");
    }
    if (quantity == null) {
      throw Refused.value("quantity", "Must be a number.");
    }
    Refused.within("quantity", quantity, 0.1, 10_000, "");
    packages.save(new PackageSize(item, quantity));
    events.publishEvent(Changed.bench());
  }
}
