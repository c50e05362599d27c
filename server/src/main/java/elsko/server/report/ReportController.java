package elsko.server.report;

import elsko.core.UnitSystem;
import elsko.core.ledger.fact.Procedure;
import elsko.server.people.SignedIn;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Reports, tags and lists as PDF, in the units asked for or the yard's own. */
@RestController
@RequestMapping("/api/reports")
class ReportController {
  private final Reports reports;
  private final MailJob job;

  ReportController(Reports reports, MailJob job) {
    this.reports = reports;
    this.job = job;
  }

  @GetMapping(path = "/boats/{id}/lay-up.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> layUp(
      @PathVariable UUID id, @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("lay-up-report", reports.layUp(id, units));
  }

  /**
   * Minutes, liters by lot, parts and findings of a boat, for whoever writes the bill: no prices.
   * In SI units, days and hours as the yard's clock has them.
   *
   * @param from the last season when left out, {@code to} today; both included
   */
  @GetMapping(path = "/boats/{id}/job-sheet.csv", produces = "text/csv")
  String jobSheet(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to) {
    return reports.jobSheet(id, from, to);
  }

  /** The tag for the wheel; its square code leads to the boat. */
  @GetMapping(path = "/boats/{id}/helm-tag.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> helmTag(
      @PathVariable UUID id, @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("helm-tag", reports.helmTag(id, units, host()));
  }

  /** Where it is drained, on one page, with the pictures by which each place is found. */
  @GetMapping(path = "/boats/{id}/drain-map.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> drainMap(
      @PathVariable UUID id, @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("drain-map", reports.drainMap(id, units));
  }

  /**
   * A page for each person.
   *
   * @param day today when left out
   */
  @GetMapping(path = "/day-sheets.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> daySheets(
      @RequestParam(required = false) @Nullable LocalDate day,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("day-sheets", reports.daySheets(day, units));
  }

  /** The cards of a day to be worked through on paper; today's when the day is left out. */
  @GetMapping(path = "/day-cards.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> dayCards(
      @RequestParam(required = false) @Nullable LocalDate day,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("day-cards", reports.blankCards(day, units, host()));
  }

  /** One card to be worked through on paper, with everything it asks. */
  @GetMapping(path = "/boats/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> card(
      @PathVariable UUID id,
      @RequestParam Procedure procedure,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("blank-card", reports.blankCard(id, procedure, units, host()));
  }

  private static String host() {
    return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
  }

  @GetMapping(path = "/launch-list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> launchList(@RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("launch-list", reports.launchList(units));
  }

  /**
   * What a season came to.
   *
   * @param from the first of August when left out, {@code to} today
   */
  @GetMapping(path = "/season.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> season(
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    return pdf("season-summary", reports.season(from, to, units));
  }

  /** Puts the lay-up report of one boat out for its owner. */
  @PostMapping("/boats/{id}/lay-up-mail")
  void mailLayUp(@PathVariable UUID id, Authentication who) {
    reports.mailLayUp(id, SignedIn.by(who).name());
  }

  /** The same for every boat that is safe and whose owner is known, in the background. */
  @PostMapping("/lay-up-mails")
  MailJob.Progress mailAll(Authentication who) {
    return job.begin(SignedIn.by(who).name());
  }

  @GetMapping("/lay-up-mails")
  MailProgress progress() {
    return new MailProgress(job.view());
  }

  @DeleteMapping("/lay-up-mails")
  void stop() {
    job.stop();
  }

  /** How far the letters are; null while none was asked for. */
  record MailProgress(MailJob.@Nullable Progress progress) {}

  private static ResponseEntity<byte[]> pdf(String name, byte[] pdf) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"%s.pdf\"".formatted(name))
        .body(pdf);
  }
}
