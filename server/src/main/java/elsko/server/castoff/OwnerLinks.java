package elsko.server.castoff;

import elsko.core.Refused;
import elsko.server.fleet.Fleet;
import elsko.server.people.AttemptThrottle;
import elsko.server.people.SignedIn;
import elsko.server.problems.NotFound;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes and withdraws links, and finds the boat one opens. Whoever guesses has to wait. */
@Service
class OwnerLinks {
  private static final int KEY_BYTES = 24;
  private static final int MOST_DAYS = 400;
  private static final String GUESSED = "owner link";

  private final OwnerLinkRepository links;
  private final Fleet fleet;
  private final AttemptThrottle throttle;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  OwnerLinks(OwnerLinkRepository links, Fleet fleet, AttemptThrottle throttle, Clock clock) {
    this.links = links;
    this.fleet = fleet;
    this.throttle = throttle;
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

  /** Too many wrong keys came from one address. */
  static final class Guessing extends RuntimeException {
    private final transient Duration wait;

    Guessing(Duration wait) {
      super("Too many wrong links. Wait %d minutes.".formatted(wait.toMinutes() + 1));
      this.wait = wait;
    }

    Duration untilNextTry() {
      return wait;
    }
  }

  @Transactional
  MadeLink make(UUID boat, @Nullable Integer days, SignedIn who) {
    if (days == null || days < 1 || days > MOST_DAYS) {
      throw Refused.value("days", "From 1 to 400 days.");
    }
    fleet.boat(boat);
    byte[] bytes = new byte[KEY_BYTES];
    random.nextBytes(bytes);
    String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    Instant now = now();
    OwnerLink link =
        links.save(
            new OwnerLink(boat, hash(key), who.name(), now, now.plus(Duration.ofDays(days))));
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
    links
        .findById(link)
        .orElseThrow(() -> new NotFound("link", "There is no such link."))
        .withdraw(now());
  }

  /**
   * The boat a key opens. One that is wrong, withdrawn or over opens nothing, and nobody is told
   * which it was.
   *
   * @param address where the request comes from
   */
  @Transactional
  UUID opened(String key, String address) {
    Duration wait = throttle.waitFor(GUESSED, address);
    if (!wait.isZero()) {
      throw new Guessing(wait);
    }
    OwnerLink link = key == null ? null : links.findByKeyHash(hash(key)).orElse(null);
    if (link == null || !link.opens(now())) {
      if (link == null && key != null) {
        throttle.failed(GUESSED, address);
      }
      throw new NotFound("link", "This link opens nothing any more. Ask the yard for a new one.");
    }
    link.used(now());
    return link.boatId();
  }

  private Instant now() {
    return clock.instant().truncatedTo(ChronoUnit.MICROS);
  }

  private static String hash(String key) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(key.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
