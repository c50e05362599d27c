package elsko.server.live;

import elsko.server.problems.Busy;
import java.io.IOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArraySet;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open screens. Each listens in somebody's name and ends with their session. */
@Component
public class Listeners {
  private static final long NO_TIMEOUT = 0;
  private static final int ENDED_KEPT = 1_000;
  private static final int MOST = 1_000;
  private static final int MOST_EACH = 400;

  /** Who came first stands first. */
  private final Set<Listener> open = new CopyOnWriteArraySet<>();

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

  SseEmitter add(String person, String session) throws IOException {
    makeRoom(person);
    SseEmitter screen = new SseEmitter(NO_TIMEOUT);
    screen.send(SseEmitter.event().name("hello").data("{}"));
    Listener one = new Listener(person, session, screen);
    screen.onCompletion(() -> drop(one));
    screen.onError(broken -> drop(one));
    open.add(one);
    Thread.ofVirtual().name("screen").start(one);
    // It may have ended between being let in and standing here.
    if (ended.contains(session)) {
      end(session);
    }
    return screen;
  }

  /** Somebody who opens more than anybody needs loses the one that was opened first. */
  private void makeRoom(String person) {
    if (open.size() >= MOST) {
      throw new Busy("Too many screens are open. What is new is seen by loading the page again.");
    }
    List<Listener> theirs = open.stream().filter(one -> one.person().equals(person)).toList();
    if (theirs.size() >= MOST_EACH) {
      drop(theirs.get(0));
    }
  }

  /** Puts it in line for everybody; whoever does not keep up is dropped. Waits for nobody. */
  void tell(String line) {
    for (Listener one : open) {
      if (!one.tell(line)) {
        drop(one);
      }
    }
  }

  /** How many. */
  public int count() {
    return open.size();
  }

  private void drop(Listener one) {
    open.remove(one);
    one.end();
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
        drop(one);
      }
    }
  }
}
