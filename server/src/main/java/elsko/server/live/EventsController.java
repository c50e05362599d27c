package elsko.server.live;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.security.Principal;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/** Server-sent events: one line to each open screen for each committed change. */
@RestController
class EventsController {
  private static final long BEAT_MS = 20_000;
  private final Listeners listeners;
  private final JsonMapper json;

  EventsController(Listeners listeners, JsonMapper json) {
    this.json = json;
    this.listeners = listeners;
  }

  @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter listen(Principal who, HttpServletRequest request) throws IOException {
    HttpSession session = request.getSession(false);
    return listeners.add(who.getName(), session == null ? "" : session.getId());
  }

  /** After the commit, so that whoever looks again sees it. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void tell(Changed changed) {
    listeners.tell(json.writeValueAsString(changed));
  }

  /** Finds out which screens are gone. */
  @Scheduled(fixedDelay = BEAT_MS)
  void beat() {
    listeners.tell("");
  }
}
