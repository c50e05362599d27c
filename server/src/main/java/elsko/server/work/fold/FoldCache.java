package elsko.server.work.fold;

import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
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
 * was measured too long ago ends with a day. While one boat changes the others stay kept. Made by
 * {@link FoldCaches}, which tells it of every change.
 */
public final class FoldCache<T> {
  private final Log log;
  private final Function<Folded, T> derive;
  private final Map<UUID, T> kept = new HashMap<>();

  /** How often each boat has changed. */
  private final Map<UUID, Long> changes = new HashMap<>();

  private long allChanged;
  private @Nullable LocalDate day;

  FoldCache(Log log, Function<Folded, T> derive) {
    this.log = log;
    this.derive = derive;
  }

  synchronized boolean has(UUID boat) {
    return kept.containsKey(boat);
  }

  /** Whether somebody had it of this boat. */
  synchronized boolean forget(UUID boat) {
    changes.merge(boat, 1L, Long::sum);
    return kept.remove(boat) != null;
  }

  /** How often a boat has changed, to say so again when something was worked out for it. */
  synchronized Seen seen(UUID boat) {
    return new Seen(allChanged, changes.getOrDefault(boat, 0L));
  }

  /** What had changed when somebody began to work something out. */
  record Seen(long all, long one) {}

  /** Works it out for one boat ahead of whoever looks. */
  void workOut(Folded folded, Seen before) {
    keep(folded.row().id(), derive.apply(folded), before);
  }

  /** For each boat that there is, in the order given. */
  public List<T> of(Collection<UUID> boats) {
    LocalDate today = log.today();
    Map<UUID, T> found = new HashMap<>();
    Map<UUID, Seen> missing = new HashMap<>();
    synchronized (this) {
      if (!today.equals(day)) {
        day = today;
        allChanged++;
        kept.clear();
      }
      for (UUID boat : boats) {
        T one = kept.get(boat);
        if (one == null) {
          missing.put(boat, seen(boat));
        } else {
          found.put(boat, one);
        }
      }
    }
    if (!missing.isEmpty()) {
      for (Folded folded : log.standing(missing.keySet())) {
        UUID boat = folded.row().id();
        T made = derive.apply(folded);
        found.put(boat, made);
        keep(boat, made, missing.get(boat));
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
  private synchronized void keep(UUID boat, T made, @Nullable Seen before) {
    if (seen(boat).equals(before)) {
      kept.put(boat, made);
    }
  }
}
