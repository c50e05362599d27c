package elsko.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Counts failed tries by name and address; after too many the next must wait. */
@Component
public class AttemptThrottle {
  static final int FAILURES_ALLOWED = 8;
  static final Duration WINDOW = Duration.ofMinutes(5);

  /** So that made-up names cannot fill the memory. */
  private static final int KEYS_KEPT = 10_000;

  private final Clock clock;
  private final Map<String, Deque<Instant>> failures =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Deque<Instant>> eldest) {
          return size() > KEYS_KEPT;
        }
      };

  AttemptThrottle(Clock clock) {
    this.clock = clock;
  }

  /** How long this name must wait before it may try again from there; zero when it may. */
  public synchronized Duration waitFor(String name, String address) {
    Deque<Instant> times = recent(key(name, address));
    if (times == null || times.size() < FAILURES_ALLOWED) {
      return Duration.ZERO;
    }
    return Duration.between(clock.instant(), times.peekFirst().plus(WINDOW));
  }

  public synchronized void failed(String name, String address) {
    Deque<Instant> times = failures.computeIfAbsent(key(name, address), k -> new ArrayDeque<>());
    times.addLast(clock.instant());
    if (times.size() > FAILURES_ALLOWED) {
      times.removeFirst();
    }
  }

  synchronized void succeeded(String name, String address) {
    failures.remove(key(name, address));
  }

  private Deque<Instant> recent(String key) {
    Deque<Instant> times = failures.get(key);
    if (times != null) {
      Instant oldest = clock.instant().minus(WINDOW);
      while (!times.isEmpty() && times.peekFirst().isBefore(oldest)) {
        times.removeFirst();
      }
    }
    return times;
  }

  private static String key(String name, String address) {
    return address + " " + (name == null ? "" : name.toLowerCase(Locale.ROOT));
  }
}
