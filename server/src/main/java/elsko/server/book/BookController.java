package elsko.server.book;

import elsko.core.Refused;
import elsko.server.bench.Shelf;
import elsko.server.bench.ShelfView;
import elsko.server.csv.CsvText;
import elsko.server.text.ReadIn;
import elsko.server.work.search.BookKind;
import elsko.server.work.search.BookLine;
import elsko.server.work.search.LogSearch;
import elsko.server.yard.Yards;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The book: what was done, by whom, with what result. */
@RestController
@RequestMapping("/api/book")
class BookController {
  private static final int PAGE_OF_FILE = 200;
  private static final int MOST_ROWS = 20_000;

  private final LogSearch search;
  private final Recalls recalls;
  private final Shelf shelf;
  private final Yards yards;

  BookController(LogSearch search, Recalls recalls, Shelf shelf, Yards yards) {
    this.search = search;
    this.recalls = recalls;
    this.shelf = shelf;
    this.yards = yards;
  }

  /**
   * The log of the whole yard, newest first.
   *
   * @param from the first day it was kept on, {@code to} the last
   * @param before only those older than this place in the log, for the next page
   */
  @GetMapping
  LogSearch.FoundPage page(
      @RequestParam(required = false) @Nullable UUID boat,
      @RequestParam(required = false) @Nullable String person,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @RequestParam(required = false) @Nullable BookKind kind,
      @RequestParam(required = false) @Nullable String lot,
      @RequestParam(required = false) @Nullable String product,
      @RequestParam(required = false) @Nullable String circuit,
      @RequestParam(defaultValue = "false") boolean corrections,
      @RequestParam(required = false) @Nullable Long before,
      @RequestParam(defaultValue = "50") int limit) {
    if (from != null && to != null && to.isBefore(from)) {
      throw Refused.value("to", "The last day comes before the first.");
    }
    return search.page(
        new LogSearch.Wanted(
            boat,
            given(person),
            from == null ? null : begins(from),
            to == null ? null : begins(to.plusDays(1)),
            kind,
            lots(given(lot), given(product)),
            given(circuit),
            corrections,
            before),
        limit);
  }

  /** The newest of the log as a file, as far back as it is asked for. */
  @GetMapping(path = "/log.csv", produces = "text/csv")
  String csv(
      @RequestParam(required = false) @Nullable UUID boat,
      @RequestParam(required = false) @Nullable String person,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @RequestParam(required = false) @Nullable BookKind kind,
      @RequestParam(required = false) @Nullable String lot,
      @RequestParam(required = false) @Nullable String product,
      @RequestParam(required = false) @Nullable String circuit,
      @RequestParam(defaultValue = "false") boolean corrections) {
    List<List<String>> rows = new ArrayList<>();
    Long before = null;
    LogSearch.FoundPage page;
    do {
      page =
          page(
              boat,
              person,
              from,
              to,
              kind,
              lot,
              product,
              circuit,
              corrections,
              before,
              PAGE_OF_FILE);
      for (BookLine line : page.lines()) {
        before = line.entry().seq();
        rows.add(
            List.of(
                line.entry().serverTime().toString(),
                line.entry().deviceTime().toString(),
                line.entry().person(),
                line.name(),
                line.entry().kind().name(),
                ReadIn.words(line.entry().words()),
                line.entry().replaced() ? "replaced" : "",
                line.entry().correctsWords() == null
                    ? ""
                    : ReadIn.words(line.entry().correctsWords())));
      }
    } while (page.more() && rows.size() < MOST_ROWS);
    return CsvText.of(
        List.of("kept", "happened", "by", "boat", "kind", "what", "standing", "instead of"), rows);
  }

  /** Every boat and circuit something of a lot went into. */
  @GetMapping("/lots/{number}")
  LotRecall recall(@PathVariable String number) {
    return recalls.of(number);
  }

  /** The lot asked for, or all there ever were of a product. */
  private @Nullable List<String> lots(@Nullable String lot, @Nullable String product) {
    if (lot != null || product == null) {
      return lot == null ? null : List.of(lot);
    }
    List<String> found =
        shelf.view().lots().stream()
            .filter(one -> one.productName().equals(product))
            .map(ShelfView.LotView::number)
            .toList();
    if (found.isEmpty()) {
      throw Refused.value("product", "There is no lot of \"%s\".".formatted(product));
    }
    return found;
  }

  private Instant begins(LocalDate day) {
    ZoneId zone = yards.rules().zone();
    return day.atStartOfDay(zone).toInstant();
  }

  private static @Nullable String given(@Nullable String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }
}
