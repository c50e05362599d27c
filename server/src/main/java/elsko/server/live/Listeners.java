package elsko.server.live;

import java.io.IOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
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
  private static final int ENDED_KEPT = 1_000;
  private final Set<Listener> open = ConcurrentHashMap.newKeySet();

  /** Sessions that ended lately. */
  private final Set<String> ended =
      Collections.synchronizedSet(
          Collections.newSetFromMap(
              new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<String, Boolean> eldest) {
                  return size() > ENDED_KEPT;
                }
              }));

  /**
   * @param person whose it is
   * @param session what it ends with; empty for a client that sends its password each time
   */
  private record Listener(String person, String session, SseEmitter screen) {}

  SseEmitter add(String person, String session) throws IOException {
    SseEmitter screen = new SseEmitter(NO_TIMEOUT);
    screen.send(SseEmitter.event().name("hello").data("{}"));
    Listener one = new Listener(person, session, screen);
    screen.onCompletion(() -> open.remove(one));
    screen.onError(broken -> open.remove(one));
    open.add(one);
    // It may have ended between being let in and standing here.
    if (ended.contains(session)) {
      end(session);
    }
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
    ended.add(session);
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
