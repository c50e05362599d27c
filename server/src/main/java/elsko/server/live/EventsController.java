package elsko.server.live;

import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Server-sent events: one line to each open screen for each committed change. */
@RestController
class EventsController {
  private static final long NO_TIMEOUT = 0;
  private static final long BEAT_MS = 20_000;
  private final Set<SseEmitter> listeners = ConcurrentHashMap.newKeySet();

  @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter listen() throws IOException {
    SseEmitter emitter = new SseEmitter(NO_TIMEOUT);
    emitter.onCompletion(() -> listeners.remove(emitter));
    emitter.onError(broken -> listeners.remove(emitter));
    listeners.add(emitter);
    emitter.send(SseEmitter.event().name("hello").data("{}"));
    return emitter;
  }

  /** After the commit, so that whoever looks again sees it. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void tell(Changed changed) {
    send(SseEmitter.event().name("changed").data(changed, MediaType.APPLICATION_JSON));
  }

  /** Finds out which screens are gone. */
  @Scheduled(fixedDelay = BEAT_MS)
  void beat() {
    send(SseEmitter.event().comment("beat"));
  }

  private void send(SseEmitter.SseEventBuilder event) {
    Set<ResponseBodyEmitter.DataWithMediaType> parts = event.build();
    for (SseEmitter listener : listeners) {
      try {
        listener.send(parts);
      } catch (IOException | IllegalStateException gone) {
        listeners.remove(listener);
      }
    }
  }
}
