package elsko.server.access;

import elsko.server.digest.RandomKey;
import elsko.server.digest.Sha256;
import elsko.server.people.AccountEnded;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Devices on which somebody has signed in before. It opens nothing by itself: it only lets its
 * owner's tries count apart from those of others.
 */
@Service
class KnownDevices {
  private static final String COOKIE = "ELSKO_DEVICE";
  private static final Duration KEPT = Duration.ofDays(400);
  private static final int MOST_EACH = 20;

  private final DeviceRepository devices;
  private final Clock clock;

  KnownDevices(DeviceRepository devices, Clock clock) {
    this.devices = devices;
    this.clock = clock;
  }

  /** The device a request comes from, where this person signed in on it before; else null. */
  @Transactional(readOnly = true)
  @Nullable String of(HttpServletRequest request, UUID person) {
    String key = key(request);
    if (key == null) {
      return null;
    }
    String hash = Sha256.hex(key);
    return devices.findByPersonIdAndKeyHash(person, hash).isPresent() ? hash : null;
  }

  /** Somebody has signed in on it. */
  @Transactional
  void signedIn(HttpServletRequest request, HttpServletResponse response, UUID person) {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    String key = key(request);
    if (key == null) {
      key = RandomKey.made();
    }
    String hash = Sha256.hex(key);
    devices
        .findByPersonIdAndKeyHash(person, hash)
        .ifPresentOrElse(
            known -> known.used(now), () -> devices.save(new DeviceRow(person, hash, now)));
    List<DeviceRow> all = devices.findByPersonIdOrderByUsedAtDesc(person);
    devices.deleteAll(all.subList(Math.min(MOST_EACH, all.size()), all.size()));
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(COOKIE, key)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .path("/api/session")
            .maxAge(KEPT)
            .build()
            .toString());
  }

  /** In the transaction in which it ended. */
  @EventListener
  void forget(AccountEnded ended) {
    if (ended.devicesToo()) {
      devices.deleteByPersonId(ended.person());
    }
  }

  private static @Nullable String key(HttpServletRequest request) {
    if (request.getCookies() != null) {
      for (Cookie cookie : request.getCookies()) {
        if (cookie.getName().equals(COOKIE) && cookie.getValue().length() <= 64) {
          return cookie.getValue();
        }
      }
    }
    return null;
  }
}
