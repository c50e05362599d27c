package elsko.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * When something was done in the last minutes, by a key. As many places as there are, and no more:
 * a made-up key can push no other out, at worst it shares a place with one.
 */
public final class Recent {
  private final int allowed;
  private final Duration window;
  private final long[] @Nullable [] places;
  private final int spread;

  /**
   * @param places how many, a power of two
   * @param spread no two servers lay the same keys on each other
   */
  public Recent(int places, int allowed, Duration window, int spread) {
    this.places = new long[places] @Nullable [];
    this.allowed = allowed;
    this.window = window;
    this.spread = spread;
  }

  /** How long this key must wait before it is its turn again; zero when it is. */
  public synchronized Duration waitFor(String key, Instant now) {
    long[] times = places[place(key)];
    // The oldest comes first; a place that was never used counts from long ago.
    if (times == null || times[0] == Long.MIN_VALUE) {
      return Duration.ZERO;
    }
    Duration left = Duration.between(now, Instant.ofEpochMilli(times[0]).plus(window));
    return left.isNegative() ? Duration.ZERO : left;
  }

  /** It was done now. */
  public synchronized void add(String key, Instant now) {
    int place = place(key);
    long[] times = places[place];
    if (times == null) {
      times = new long[allowed];
      Arrays.fill(times, Long.MIN_VALUE);
      places[place] = times;
    }
    System.arraycopy(times, 1, times, 0, allowed - 1);
    times[allowed - 1] = now.toEpochMilli();
  }

  synchronized void forget(String key) {
    places[place(key)] = null;
  }

  private int place(String key) {
    int hash = (key.hashCode() ^ spread) * 0x9E3779B9;
    return (hash >>> 7) & (places.length - 1);
  }
}
