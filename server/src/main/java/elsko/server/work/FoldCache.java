package elsko.server.work;

import elsko.server.live.Changed;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something that follows from each boat's log, kept until that boat changes or the day does: what
 * was measured too long ago ends with a day. Its owner tells it of every change, after the commit.
 * While one boat changes the others stay kept.
 */
public final class FoldCache<T> {
  private final Log log;
  private final Function<Log.Folded, T> derive;
  private final Map<UUID, T> kept = new HashMap<>();

  /** How often each boat has changed. */
  private final Map<UUID, Long> changes = new HashMap<>();

  private long allChanged;
  private @Nullable LocalDate day;

  public FoldCache(Log log, Function<Log.Folded, T> derive) {
    this.log = log;
    this.derive = derive;
  }

  public synchronized void forget(Changed changed) {
    if (changed.what() == Changed.What.BOAT) {
      kept.remove(changed.boat());
      changes.merge(changed.boat(), 1L, Long::sum);
    } else if (changed.what() == Changed.What.YARD) {
      allChanged++;
      kept.clear();
    }
  }

  /** For each boat that there is, in the order given. */
  public List<T> of(Collection<UUID> boats) {
    LocalDate today = log.today();
    Map<UUID, T> found = new HashMap<>();
    Map<UUID, Long> missing = new HashMap<>();
    long before;
    synchronized (this) {
      if (!today.equals(day)) {
        day = today;
        allChanged++;
        kept.clear();
      }
      before = allChanged;
      for (UUID boat : boats) {
        T one = kept.get(boat);
        if (one == null) {
          missing.put(boat, changes.getOrDefault(boat, 0L));
        } else {
          found.put(boat, one);
        }
      }
    }
    if (!missing.isEmpty()) {
      for (Log.Folded folded : log.standing(missing.keySet())) {
        UUID boat = folded.row().id();
        T made = derive.apply(folded);
        found.put(boat, made);
        keep(boat, made, before, missing.getOrDefault(boat, 0L));
      }
    }
    List<T> all = new ArrayList<>();
    for (UUID boat : boats) {
      T one = found.get(boat);
      if (one != null) {
        all.add(one);
      }
    }
    return all;
  }

  /** What was read while that boat changed may be old already: it is used once, not kept. */
  private synchronized void keep(UUID boat, T made, long allBefore, long before) {
    if (allChanged == allBefore && changes.getOrDefault(boat, 0L) == before) {
      kept.put(boat, made);
    }
  }
}
