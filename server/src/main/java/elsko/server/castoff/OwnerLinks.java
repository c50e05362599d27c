package elsko.server.castoff;

import elsko.core.Refused;
import elsko.server.access.AttemptThrottle;
import elsko.server.access.Recent;
import elsko.server.access.TooManyAttempts;
import elsko.server.audit.About;
import elsko.server.audit.Audit;
import elsko.server.digest.RandomKey;
import elsko.server.digest.Sha256;
import elsko.server.fleet.Fleet;
import elsko.server.people.SignedIn;
import elsko.server.problems.NotFound;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes and withdraws links, and finds the boat one opens. Whoever guesses has to wait; a wrong key
 * never holds up a good one.
 */
@Service
class OwnerLinks {
  private static final int MOST_DAYS = 400;
  private static final String GUESSED = "owner link";

  private final OwnerLinkRepository links;
  private final Fleet fleet;
  private final AttemptThrottle throttle;
  private final Audit audit;
  private final Clock clock;

  /** A round and what came after it are few sentences. */
  private final Recent said =
      new Recent(1 << 10, 30, Duration.ofMinutes(5), new SecureRandom().nextInt());

  OwnerLinks(
      OwnerLinkRepository links, Fleet fleet, AttemptThrottle throttle, Audit audit, Clock clock) {
    this.links = links;
    this.fleet = fleet;
    this.throttle = throttle;
    this.audit = audit;
    this.clock = clock;
  }

  /** A link as the yard sees it. */
  record LinkView(
      UUID id,
      String madeBy,
      Instant madeAt,
      Instant expiresAt,
      @Nullable Instant withdrawnAt,
      @Nullable Instant usedAt,
      boolean opens) {
    static LinkView of(OwnerLink link, Instant now) {
      return new LinkView(
          link.id(),
          link.madeBy(),
          link.madeAt(),
          link.expiresAt(),
          link.withdrawnAt(),
          link.usedAt(),
          link.opens(now));
    }
  }

  /** A link that was just made: its key is told this once. */
  record MadeLink(UUID id, String key, Instant expiresAt) {}

  @Transactional
  MadeLink make(UUID boat, @Nullable Integer days, SignedIn who) {
    if (days == null || days < 1 || days > MOST_DAYS) {
      throw Refused.value("days", "From 1 to 400 days.");
    }
    String name = fleet.boat(boat).description().name();
    audit.note(About.LINKS, "Made a link to %s for %d days".formatted(name, days));
    String key = RandomKey.made();
    Instant now = now();
    OwnerLink link =
        links.save(
            new OwnerLink(boat, Sha256.hex(key), who.name(), now, now.plus(Duration.ofDays(days))));
    return new MadeLink(link.id(), key, link.expiresAt());
  }

  @Transactional(readOnly = true)
  List<LinkView> of(UUID boat) {
    fleet.boat(boat);
    Instant now = now();
    return links.findByBoatIdOrderByMadeAtDesc(boat).stream()
        .map(link -> LinkView.of(link, now))
        .toList();
  }

  @Transactional
  void withdraw(UUID link) {
    OwnerLink found =
        links.findById(link).orElseThrow(() -> new NotFound("link", "There is no such link."));
    found.withdraw(now());
    audit.note(
        About.LINKS,
        "Withdrew a link to %s".formatted(fleet.boat(found.boatId()).description().name()));
  }

  /**
   * The boat a key opens. One that is wrong, withdrawn or over opens nothing, and nobody is told
   * which it was.
   *
   * @param address where the request comes from
   */
  @Transactional
  UUID opened(@Nullable String key, String address) {
    OwnerLink link = key == null ? null : links.findByKeyHash(Sha256.hex(key)).orElse(null);
    if (link == null || !link.opens(now())) {
      if (link == null && key != null) {
        throttle.wrongKey(GUESSED, address);
      }
      throw new NotFound("link", "This link opens nothing any more. Ask the yard for a new one.");
    }
    link.used(now());
    return link.boatId();
  }

  /**
   * The same for what somebody says: at the pace of a person, whatever runs on their device.
   *
   * @throws TooManyAttempts when it is too fast
   */
  @Transactional
  UUID openedToWrite(@Nullable String key, String address) {
    UUID boat = opened(key, address);
    Instant now = now();
    String link = Sha256.hex(key == null ? "" : key);
    Duration wait = said.waitFor(link, now);
    if (!wait.isZero()) {
      throw new TooManyAttempts(wait);
    }
    said.add(link, now);
    return boat;
  }

  private Instant now() {
    return clock.instant().truncatedTo(ChronoUnit.MICROS);
  }
}
