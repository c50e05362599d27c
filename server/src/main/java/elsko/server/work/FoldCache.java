package elsko.server.work;

import elsko.server.live.Changed;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something that follows from each boat's log, kept until that boat changes or the day does: what
 * was measured too long ago ends with a day. Its owner tells it of every change, after the commit.
 */
public final class FoldCache<T> {
  private final Log log;
  private final Function<Log.Folded, T> derive;
  private final Map<UUID, T> kept = new ConcurrentHashMap<>();
  private final AtomicLong changes = new AtomicLong();
  private volatile @Nullable LocalDate day;

  public FoldCache(Log log, Function<Log.Folded, T> derive) {
    this.log = log;
    this.derive = derive;
  }

  public void forget(Changed changed) {
    changes.incrementAndGet();
    if (changed.what() == Changed.What.BOAT) {
      kept.remove(changed.boat());
    } else if (changed.what() == Changed.What.YARD) {
      kept.clear();
    }
  }

  /** For each boat that there is, in the order given. */
  public List<T> of(Collection<UUID> boats) {
    LocalDate today = log.today();
    if (!today.equals(day)) {
      day = today;
      kept.clear();
    }
    List<UUID> missing = boats.stream().filter(id -> !kept.containsKey(id)).toList();
    Map<UUID, T> fresh = new HashMap<>();
    if (!missing.isEmpty()) {
      long before = changes.get();
      for (Log.Folded folded : log.folded(missing)) {
        fresh.put(folded.row().id(), derive.apply(folded));
      }
      // What was read while something changed may be old already: it is used once, not kept.
      if (changes.get() == before) {
        kept.putAll(fresh);
      }
    }
    List<T> found = new ArrayList<>();
    for (UUID boat : boats) {
      T one = fresh.containsKey(boat) ? fresh.get(boat) : kept.get(boat);
      if (one != null) {
        found.add(one);
      }
    }
    return found;
  }
}
