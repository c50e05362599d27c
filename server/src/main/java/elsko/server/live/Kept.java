package elsko.server.live;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something that is the same for everybody who looks, worked out once and handed out until it is
 * forgotten or asked for another key, such as another day. Nobody waits for anybody: whoever comes
 * while it is being worked out works it out as well.
 */
public final class Kept<K, T> {
  private final AtomicLong forgotten = new AtomicLong();
  private volatile @Nullable One<K, T> one;

  private record One<K, T>(K key, T made) {}

  /** Something it rests on has changed. */
  public void forget() {
    forgotten.incrementAndGet();
    one = null;
  }

  /** As it was worked out for this key, or as it is now. */
  public T of(K key, Function<K, T> work) {
    One<K, T> known = one;
    if (known != null && known.key().equals(key)) {
      return known.made();
    }
    long before = forgotten.get();
    T made = work.apply(key);
    One<K, T> fresh = new One<>(key, made);
    // What was read while something changed may be old already: it is used once, not kept.
    if (forgotten.get() == before) {
      one = fresh;
      if (forgotten.get() != before) {
        one = null;
      }
    }
    return made;
  }
}
