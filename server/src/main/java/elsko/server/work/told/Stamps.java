package elsko.server.work.told;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Remembers for a while what was told, each under a stamp. Whoever names the stamp has the very
 * same in hand and is told only what differs: of a card some hundred bytes, not some ten thousand.
 */
@Component
public class Stamps {
  /** With what a screen is told once, so that it can name it later. */
  public static final String HEADER = "Elsko-Stamp";

  /**
   * Of some 40 kB each, a boat and a card for each of two hundred screens; who comes later is told
   * all.
   */
  private static final int MOST = 400;

  private final JsonMapper json;

  /** Another start of the application told other things. */
  private final String start = UUID.randomUUID().toString().substring(0, 8);

  private final AtomicLong last = new AtomicLong();
  private final Map<String, byte[]> told =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, byte[]> eldest) {
          return size() > MOST;
        }
      };

  Stamps(JsonMapper json) {
    this.json = json;
  }

  /** Remembers what is told now. */
  public String stamp(Object view) {
    return keep(json.writeValueAsBytes(view));
  }

  private String keep(byte[] text) {
    String stamp = start + "-" + last.incrementAndGet();
    synchronized (told) {
      told.put(stamp, text);
    }
    return stamp;
  }

  /** What differs from what was told under a stamp; all of it where that is not known any more. */
  <T> Told<T> since(@Nullable String stamp, T view) {
    byte[] now = json.writeValueAsBytes(view);
    byte[] before;
    synchronized (told) {
      // Nobody else has it, and who had it has the next from now on; sent again it is all told.
      before = stamp == null ? null : told.remove(stamp);
    }
    String next = keep(now);
    return before == null
        ? new Told<>(next, view, null)
        : new Told<>(next, null, Differences.between(before, now, json));
  }

  /**
   * @param whole null where {@code changes} say what differs
   */
  record Told<T>(String stamp, @Nullable T whole, @Nullable List<PatchStep> changes) {}
}
