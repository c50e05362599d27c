package elsko.server.stores;

import elsko.server.people.SignedIn;
import elsko.server.stores.StockMove.Kind;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: what there is, what is taken, what to order. */
@RestController
@RequestMapping("/api/stores")
class StoresController {
  private static final String DAYS = "30";

  private final Stores stores;
  private final StoresCsv csv;

  StoresController(Stores stores, StoresCsv csv) {
    this.stores = stores;
    this.csv = csv;
  }

  /**
   * The shelf.
   *
   * @param days looked ahead, 1 to 366
   */
  @GetMapping
  StoresView view(@RequestParam(defaultValue = DAYS) int days) {
    return stores.view(days);
  }

  /** Something came, or was counted. */
  @PostMapping("/moves")
  void move(@RequestBody MoveIn in, Authentication who) {
    stores.move(in.shelf(), in.kind(), in.quantity(), in.note(), SignedIn.by(who).name());
  }

  /** Says what an item is bought in. */
  @PutMapping("/packages")
  void buyIn(@RequestBody PackageIn in) {
    stores.buyIn(in.item(), in.quantity());
  }

  /** What to order, in whole packages. */
  @GetMapping(path = "/order.csv", produces = "text/csv")
  ResponseEntity<String> order(@RequestParam(defaultValue = DAYS) int days) {
    return file("order.csv", csv.order(stores.view(days)));
  }

  /** What there is, as the file that can be read in again. */
  @GetMapping(path = "/stock.csv", produces = "text/csv")
  ResponseEntity<String> stock() {
    return file("stock.csv", csv.stock(stores.view(1)));
  }

  /** Counts the shelf from a file: all of its rows, or none. */
  @PostMapping(path = "/count", consumes = "text/csv")
  StoresCsv.CountedRows count(@RequestBody String text, Authentication who) {
    return csv.count(text, SignedIn.by(who).name());
  }

  private static ResponseEntity<String> file(String name, String text) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s\"".formatted(name))
        .body(text);
  }

  record MoveIn(String shelf, Kind kind, @Nullable Double quantity, @Nullable String note) {}

  record PackageIn(String item, @Nullable Double quantity) {}
}
