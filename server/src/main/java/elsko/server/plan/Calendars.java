package elsko.server.plan;

import elsko.core.plan.model.PlanWords;
import elsko.server.access.AttemptThrottle;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.plan.crew.Crew;
import elsko.server.plan.crew.WorkerRow;
import elsko.server.problems.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Each person's walk as iCalendar (RFC 5545): a file, and a feed whose address is its key. */
@RestController
class Calendars {
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
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Elsko//Walks//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new XProperty("X-WR-CALNAME", "Walks of " + name));
    if (told != null && row != null) {
      Map<UUID, Work> works = new HashMap<>();
      walks.works().forEach(work -> works.put(work.boat(), work));
      told.stops().stream()
          .filter(stop -> stop.workers().stream().anyMatch(name::equalsIgnoreCase))
          .filter(stop -> works.containsKey(stop.boat()))
          .forEach(stop -> calendar.add(event(stop, works.get(stop.boat()), row.publishedAt())));
    }
    return written(calendar);
  }

  private VEvent event(Stop stop, Work work, Instant published) {
    VEvent event = new VEvent(false);
    event.add(new Uid(stop.boat() + "-" + stop.task() + "@elsko"));
    event.add(new DtStamp(published));
    event.add(new DtStart<>(at(stop.date(), stop.start())));
    event.add(new DtEnd<>(at(stop.date(), stop.end())));
    event.add(new Summary(work.name() + ": " + stop.title()));
    if (!work.berthName().isEmpty()) {
      event.add(new Location(work.berthName()));
    }
    event.add(
        new Description(
            "%s to %s, with %s"
                .formatted(
                    PlanWords.clock(stop.start()),
                    PlanWords.clock(stop.end()),
                    String.join(", ", stop.workers()))));
    return event;
  }

  private Instant at(LocalDate date, int minute) {
    return date.atTime(LocalTime.MIN).plusMinutes(minute).atZone(clock.getZone()).toInstant();
  }

  /** An empty walk is a calendar too, which the library would refuse to write. */
  private static String written(Calendar calendar) {
    StringWriter out = new StringWriter();
    try {
      new CalendarOutputter(false).output(calendar, out);
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
    return out.toString();
  }
}
