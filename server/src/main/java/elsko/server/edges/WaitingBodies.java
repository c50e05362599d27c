package elsko.server.edges;

import java.util.Comparator;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * The bodies that have begun to come and are not all here. None keeps a thread: they are waited for
 * by the network alone. What comes too slowly is cut off; where there are too many, those go first
 * that have been silent longest.
 */
@Component
public class WaitingBodies {
  private static final int MOST = 1_000;
  private static final long MOST_BYTES = 96_000_000;
  private static final long LOOKS_EVERY_MS = 500;

  private final Set<WaitingBody> waiting = ConcurrentHashMap.newKeySet();
  private final AtomicLong bytes = new AtomicLong();

  /** Waits for one more. */
  void enter(WaitingBody body) {
    waiting.add(body);
    bytes.addAndGet(body.held());
    if (waiting.size() > MOST) {
      waiting.stream().min(Comparator.comparingLong(WaitingBody::lastHeard)).ifPresent(this::cut);
    }
  }

  void leave(WaitingBody body) {
    if (waiting.remove(body)) {
      bytes.addAndGet(-body.held());
    }
  }

  /** Whether so many bytes more may be held. */
  boolean takes(int more) {
    if (bytes.addAndGet(more) > MOST_BYTES) {
      bytes.addAndGet(-more);
      return false;
    }
    return true;
  }

  @Scheduled(fixedDelay = LOOKS_EVERY_MS)
  void look() {
    waiting.stream().filter(WaitingBody::isTooSlow).forEach(this::cut);
  }

  /** How many. */
  public int count() {
    return waiting.size();
  }

  private void cut(WaitingBody body) {
    body.cutOff();
  }
}
