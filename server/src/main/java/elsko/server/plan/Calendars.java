package elsko.server.plan;

import elsko.core.plan.model.PlanWords;
import elsko.server.access.AttemptThrottle;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.problems.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Each person's walk as iCalendar (RFC 5545): a file, and a feed whose address is its key. */
@RestController
class Calendars {
  private static final DateTimeFormatter UTC = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'");
  private static final int LONGEST_LINE = 75;

  private final Crew crew;
  private final Walks walks;
  private final PlanDocuments documents;
  private final AttemptThrottle throttle;
  private final Clock clock;

  Calendars(
      Crew crew, Walks walks, PlanDocuments documents, AttemptThrottle throttle, Clock clock) {
    this.throttle = throttle;
    this.crew = crew;
    this.walks = walks;
    this.documents = documents;
    this.clock = clock;
  }

  @GetMapping(path = "/api/walks/feed/{token}.ics", produces = "text/calendar")
  ResponseEntity<String> feed(@PathVariable String token, HttpServletRequest request) {
    try {
      return ResponseEntity.ok(calendar(crew.byFeed(token).name()));
    } catch (NotFound wrong) {
      throttle.wrongKey("calendar", request.getRemoteAddr());
      throw wrong;
    }
  }

  @GetMapping(path = "/api/walks/crew/{id}/walk.ics", produces = "text/calendar")
  ResponseEntity<String> file(@PathVariable UUID id) {
    WorkerRow worker = crew.worker(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("walk-" + worker.name() + ".ics", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(calendar(worker.name()));
  }

  private String calendar(String name) {
    PlanDocument told = documents.published();
    PlanRow row = documents.row(PlanRow.Standing.PUBLISHED);
    StringBuilder out = new StringBuilder();
    line(out, "BEGIN:VCALENDAR");
    line(out, "VERSION:2.0");
    line(out, "PRODID:-//Elsko//Walks//EN");
    line(out, "CALSCALE:GREGORIAN");
    line(out, "X-WR-CALNAME:" + text("Walks of " + name));
    if (told != null && row != null) {
      Map<UUID, Work> works = new HashMap<>();
      walks.works().forEach(work -> works.put(work.boat(), work));
      told.stops().stream()
          .filter(stop -> stop.workers().stream().anyMatch(name::equalsIgnoreCase))
          .filter(stop -> works.containsKey(stop.boat()))
          .forEach(stop -> event(out, stop, works.get(stop.boat()), row.publishedAt()));
    }
    line(out, "END:VCALENDAR");
    return out.toString();
  }

  private void event(StringBuilder out, Stop stop, Work work, Instant published) {
    line(out, "BEGIN:VEVENT");
    line(out, "UID:" + stop.boat() + "-" + stop.task() + "@elsko");
    line(out, "DTSTAMP:" + UTC.format(published.atOffset(ZoneOffset.UTC)));
    line(out, "DTSTART:" + at(stop.date(), stop.start()));
    line(out, "DTEND:" + at(stop.date(), stop.end()));
    line(out, "SUMMARY:" + text(work.name() + ": " + stop.title()));
    if (!work.berthName().isEmpty()) {
      line(out, "LOCATION:" + text(work.berthName()));
    }
    line(
        out,
        "DESCRIPTION:"
            + text(
                "%s to %s, with %s"
                    .formatted(
                        PlanWords.clock(stop.start()),
                        PlanWords.clock(stop.end()),
                        String.join(", ", stop.workers()))));
    line(out, "END:VEVENT");
  }

  private String at(LocalDate date, int minute) {
    return UTC.format(
        date.atTime(LocalTime.MIN)
            .plusMinutes(minute)
            .atZone(clock.getZone())
            .withZoneSameInstant(ZoneOffset.UTC));
  }

  private static String text(String plain) {
    return plain
        .replace("\\", "\\\\")
        .replace(";", "\\;")
        .replace(",", "\\,")
        .replace("\r", "")
        .replace("\n", "\\n");
  }

  /** Lines end with CR LF and are folded before their 75th octet, never inside a character. */
  private static void line(StringBuilder out, String content) {
    int octets = 0;
    for (int at = 0; at < content.length(); ) {
      int point = content.codePointAt(at);
      String one = Character.toString(point);
      int length = one.getBytes(StandardCharsets.UTF_8).length;
      if (octets + length > LONGEST_LINE) {
        out.append("\r\n ");
        octets = 1;
      }
      out.append(one);
      octets += length;
      at += Character.charCount(point);
    }
    out.append("\r\n");
  }
}
