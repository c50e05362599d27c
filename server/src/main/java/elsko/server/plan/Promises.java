package elsko.server.plan;

import elsko.core.Refused;
import elsko.server.live.Changed;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** From when on each boat may be worked on, until when it was promised, and when it is launched. */
@Service
public class Promises {
  private final Visits visits;
  private final ApplicationEventPublisher events;

  Promises(Visits visits, ApplicationEventPublisher events) {
    this.visits = visits;
    this.events = events;
  }

  /** From when on a boat may be worked on, and until when it was promised. */
  @Transactional
  public void setDates(
      UUID boat,
      @Nullable LocalDate releaseOn,
      @Nullable LocalDate promisedOn,
      @Nullable LocalDate launchOn) {
    if (releaseOn != null && promisedOn != null && promisedOn.isBefore(releaseOn)) {
      throw Refused.value("promisedOn", "It is promised before it may be worked on.");
    }
    visits.setDates(boat, releaseOn, promisedOn, launchOn);
    events.publishEvent(Changed.plan());
  }

  /**
   * The same, as somebody changes it: kinds they did not touch stay as they are by now, and one
   * they did touch must not have been changed meanwhile.
   */
  @Transactional
  public DatesView change(UUID boat, @Nullable DatesView was, @Nullable DatesView now) {
    if (was == null || now == null) {
      throw Refused.value("now", "Say the dates as they were, and as they shall be.");
    }
    visits.lock(boat);
    DatesView is = dates(boat);
    setDates(
        boat,
        merged("releaseOn", was.releaseOn(), now.releaseOn(), is.releaseOn()),
        merged("promisedOn", was.promisedOn(), now.promisedOn(), is.promisedOn()),
        merged("launchOn", was.launchOn(), now.launchOn(), is.launchOn()));
    return dates(boat);
  }

  private static @Nullable LocalDate merged(
      String kind, @Nullable LocalDate was, @Nullable LocalDate now, @Nullable LocalDate is) {
    if (Objects.equals(was, now) || Objects.equals(now, is)) {
      return is;
    }
    if (!Objects.equals(was, is)) {
      throw Refused.state(
          kind,
          "Somebody else has set this %s meanwhile. Look at it again, then save."
              .formatted(is == null ? "to no day" : "to " + is));
    }
    return now;
  }

  /** When each boat was promised to be afloat. */
  @Transactional(readOnly = true)
  public Map<UUID, LocalDate> launchDates() {
    Map<UUID, LocalDate> found = new HashMap<>();
    visits
        .dates()
        .forEach(
            (boat, dates) -> {
              if (dates.launchOn() != null) {
                found.put(boat, dates.launchOn());
              }
            });
    return found;
  }

  @Transactional(readOnly = true)
  public DatesView dates(UUID boat) {
    BoatDates known = visits.dates(boat);
    return known == null
        ? new DatesView(null, null, null)
        : new DatesView(known.releaseOn(), known.promisedOn(), known.launchOn());
  }

  /** From when on a boat may be worked on, and until when it was promised. */
  public record DatesView(
      @Nullable LocalDate releaseOn,
      @Nullable LocalDate promisedOn,
      @Nullable LocalDate launchOn) {}
}
