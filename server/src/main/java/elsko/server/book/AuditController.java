package elsko.server.book;

import elsko.server.audit.About;
import elsko.server.audit.Audit;
import elsko.server.text.ReadIn;
import elsko.server.work.search.BookLine;
import elsko.server.work.search.LogSearch;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who changed people, settings and links, and who lifted a red tag or took a boat as it is. */
@RestController
class AuditController {
  private static final int PAGE = 100;

  private final Audit audit;
  private final LogSearch log;
  private final Clock clock;

  AuditController(Audit audit, LogSearch log, Clock clock) {
    this.audit = audit;
    this.log = log;
    this.clock = clock;
  }

  /**
   * A page, newest first.
   *
   * @param before only what is older, for the next page
   */
  @GetMapping("/api/audit")
  AuditPage page(@RequestParam(required = false) @Nullable Instant before) {
    Instant until = before == null ? clock.instant().plusSeconds(1) : before;
    List<Audit.AuditView> all =
        Stream.concat(
                audit.before(until, PAGE + 1).stream(),
                log.risksTaken(until, PAGE + 1).stream().map(AuditController::risk))
            .sorted(Comparator.comparing(Audit.AuditView::at).reversed())
            .limit(PAGE + 1L)
            .toList();
    return new AuditPage(all.subList(0, Math.min(PAGE, all.size())), all.size() > PAGE);
  }

  private static Audit.AuditView risk(BookLine line) {
    return new Audit.AuditView(
        line.entry().serverTime(),
        line.entry().person(),
        About.RISK,
        "%s: %s".formatted(line.name(), ReadIn.words(line.entry().words())));
  }

  /** Some lines, and whether older ones follow. */
  record AuditPage(List<Audit.AuditView> lines, boolean more) {}
}
