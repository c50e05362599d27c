package elsko.server.live;

import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open screens. Each listens in somebody's name and ends with their session. */
@Component
public class Listeners {
  private static final long NO_TIMEOUT = 0;
  private final Set<Listener> open = ConcurrentHashMap.newKeySet();

  /**
   * @param person whose it is
   * @param session what it ends with; empty for a client that sends its password each time
   */
  private record Listener(String person, String session, SseEmitter screen) {}

  SseEmitter add(String person, String session) {
    SseEmitter screen = new SseEmitter(NO_TIMEOUT);
    Listener one = new Listener(person, session, screen);
    screen.onCompletion(() -> open.remove(one));
    screen.onError(broken -> open.remove(one));
    open.add(one);
    return screen;
  }

  void send(SseEmitter.SseEventBuilder event) {
    Set<DataWithMediaType> parts = event.build();
    for (Listener one : open) {
      try {
        one.screen().send(parts);
      } catch (IOException | IllegalStateException gone) {
        open.remove(one);
      }
    }
  }

  /** Ends what listens in a session. */
  public void end(String session) {
    end(one -> one.session().equals(session));
  }

  /**
   * Ends all that listens in somebody's name.
   *
   * @param but the session that goes on; null for none
   */
  public void endOf(String person, @Nullable String but) {
    end(one -> one.person().equals(person) && !one.session().equals(but));
  }

  private void end(Predicate<Listener> which) {
    for (Listener one : open) {
      if (which.test(one)) {
        open.remove(one);
        one.screen().complete();
      }
    }
  }
}
