package elsko.server.work.fold;

import elsko.server.live.Changed;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Everything that follows from logs and is kept beside them. What a change moves is worked out once
 * behind it, for that boat, so that whoever looks finds it there.
 */
@Component
public class FoldCaches implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(FoldCaches.class);

  /** More is worked out when somebody looks, if anybody does. */
  private static final int MOST_BEHIND = 200;

  private final Log log;
  private final List<FoldCache<?>> all = new CopyOnWriteArrayList<>();

  /** What somebody had of each boat that has changed since. */
  private final Map<UUID, Set<FoldCache<?>>> behind = new LinkedHashMap<>();

  private @Nullable Thread thread;
  private volatile boolean ending;

  FoldCaches(Log log) {
    this.log = log;
  }

  /** One more. */
  public <T> FoldCache<T> of(Function<Folded, T> derive) {
    FoldCache<T> made = new FoldCache<>(log, derive);
    all.add(made);
    return made;
  }

  /** Before anything that rests on them, and before screens are told. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Changed changed) {
    UUID boat = changed.boat();
    if (boat == null) {
      return;
    }
    Set<FoldCache<?>> wanted = new HashSet<>();
    for (FoldCache<?> one : all) {
      if (one.forget(boat)) {
        wanted.add(one);
      }
    }
    if (!wanted.isEmpty()) {
      workOut(boat, wanted);
    }
  }

  /** Boats that were described anew, many at once. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Redescribed many) {
    many.boats().forEach(boat -> all.forEach(one -> one.forget(boat)));
  }

  /** Boats that were described anew, many at once. */
  public record Redescribed(Set<UUID> boats) {}

  /** What somebody has of a boat, to be worked out once it was read after this. */
  Ahead ahead(UUID boat) {
    return ahead(boat, all.stream().filter(one -> one.has(boat)).collect(Collectors.toSet()));
  }

  private static Ahead ahead(UUID boat, Set<FoldCache<?>> wanted) {
    Map<FoldCache<?>, FoldCache.Seen> seen = new HashMap<>();
    wanted.forEach(one -> seen.put(one, one.seen(boat)));
    return new Ahead(seen);
  }

  /** Something to be worked out for a boat that is read after this. */
  record Ahead(Map<FoldCache<?>, FoldCache.Seen> seen) {
    void workOut(Folded folded) {
      seen.forEach((cache, before) -> cache.workOut(folded, before));
    }
  }

  private void workOut(UUID boat, Set<FoldCache<?>> wanted) {
    synchronized (behind) {
      if (behind.size() < MOST_BEHIND || behind.containsKey(boat)) {
        behind.computeIfAbsent(boat, first -> new HashSet<>()).addAll(wanted);
      }
      if (thread == null && !ending) {
        thread = Thread.ofPlatform().daemon().name("worked out ahead").start(this::workOutAll);
      }
      behind.notifyAll();
    }
  }

  private void workOutAll() {
    try {
      while (!ending) {
        Map.Entry<UUID, Set<FoldCache<?>>> next = next();
        try {
          Ahead ahead = ahead(next.getKey(), next.getValue());
          log.standing(List.of(next.getKey())).forEach(ahead::workOut);
        } catch (RuntimeException away) {
          // Whoever looks works it out, or hears why not.
          LOG.debug("Not worked out ahead", away);
        }
      }
    } catch (InterruptedException over) {
      Thread.currentThread().interrupt();
    }
  }

  private Map.Entry<UUID, Set<FoldCache<?>>> next() throws InterruptedException {
    synchronized (behind) {
      while (behind.isEmpty()) {
        behind.wait();
      }
      Map.Entry<UUID, Set<FoldCache<?>>> first = behind.entrySet().iterator().next();
      behind.remove(first.getKey());
      return first;
    }
  }

  @Override
  public void destroy() {
    ending = true;
    synchronized (behind) {
      if (thread != null) {
        thread.interrupt();
      }
    }
  }
}
