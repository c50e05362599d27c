package elsko.server.access;

import elsko.server.live.Listeners;
import elsko.server.people.AccountEnded;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionIdListener;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Who is signed in where. A session that ends takes its event stream with it. They are kept in
 * memory: after a restart everybody signs in again.
 */
@Component
class Sessions implements HttpSessionListener, HttpSessionIdListener {
  /** Somebody who signs in on more than this many is signed out where it was used longest ago. */
  private static final int MOST_EACH = 30;

  private final Map<String, Open> open = new ConcurrentHashMap<>();
  private final Listeners listeners;
  private final Clock clock;

  Sessions(Listeners listeners, Clock clock) {
    this.listeners = listeners;
    this.clock = clock;
  }

  void begun(HttpServletRequest request, UUID person) {
    HttpSession session = request.getSession();
    Instant now = clock.instant();
    Open one = new Open(UUID.randomUUID(), person, session, kind(request), now);
    one.used(now, request.getRemoteAddr());
    open.put(session.getId(), one);
    List<Open> all = of(person);
    all.subList(Math.min(MOST_EACH, all.size()), all.size()).forEach(Open::end);
  }

  void used(HttpSession session, HttpServletRequest request) {
    Open one = open.get(session.getId());
    if (one != null) {
      one.used(clock.instant(), request.getRemoteAddr());
    }
  }

  /** Those of one person, used last first. */
  List<SessionView> of(UUID person, @Nullable HttpSession mine) {
    return of(person).stream()
        .map(
            one ->
                new SessionView(
                    one.key,
                    one.device,
                    one.address,
                    one.begun,
                    one.used,
                    mine != null && mine.getId().equals(one.session.getId())))
        .toList();
  }

  /** Ends one of somebody's own; whether there was such a one. */
  boolean end(UUID person, UUID key) {
    List<Open> found = of(person).stream().filter(one -> one.key.equals(key)).toList();
    found.forEach(Open::end);
    return !found.isEmpty();
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void end(AccountEnded ended) {
    of(ended.person()).stream()
        .filter(one -> !one.session.getId().equals(ended.but()))
        .forEach(Open::end);
    listeners.endOf(ended.name(), ended.but());
  }

  private List<Open> of(UUID person) {
    return open.values().stream()
        .filter(one -> one.person.equals(person))
        .sorted(Comparator.comparing((Open one) -> one.used).reversed())
        .toList();
  }

  @Override
  public void sessionDestroyed(HttpSessionEvent event) {
    open.remove(event.getSession().getId());
    listeners.end(event.getSession().getId());
  }

  @Override
  public void sessionIdChanged(HttpSessionEvent event, String before) {
    Open one = open.remove(before);
    if (one != null) {
      open.put(event.getSession().getId(), one);
    }
    listeners.end(before);
  }

  /** What it was signed in on, as far as it tells. */
  private static Device kind(HttpServletRequest request) {
    String agent = request.getHeader("User-Agent");
    return agent != null && agent.contains("Mobi") ? Device.PHONE : Device.COMPUTER;
  }

  /** What somebody is signed in on. */
  enum Device {
    PHONE,
    COMPUTER
  }

  private static final class Open {
    private final UUID key;
    private final UUID person;
    private final HttpSession session;
    private final Device device;
    private final Instant begun;
    private volatile Instant used;
    private volatile String address = "";

    Open(UUID key, UUID person, HttpSession session, Device device, Instant begun) {
      this.key = key;
      this.person = person;
      this.session = session;
      this.device = device;
      this.begun = begun;
      this.used = begun;
    }

    void used(Instant at, String from) {
      used = at;
      address = from;
    }

    void end() {
      try {
        session.invalidate();
      } catch (IllegalStateException over) {
        // It ended by itself at the same moment.
      }
    }
  }

  /**
   * Where somebody is signed in.
   *
   * @param mine whether this is the one that asks
   */
  record SessionView(
      UUID key, Device device, String address, Instant begunAt, Instant usedAt, boolean mine) {}
}
