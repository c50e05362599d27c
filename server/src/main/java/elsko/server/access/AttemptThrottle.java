package elsko.server.access;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing. What is guessed at and from where count together, closely, and each by
 * itself, widely. Tries at one thing from one place are looked at one after the other, so that of
 * many at once no more are looked at than of many in a row. A device its owner signed in on before
 * counts by itself: whoever guesses elsewhere does not lock them out. So does a name that came in
 * from an address today: a program with a password goes on, whoever guesses at other names there.
 */
@Component
public class AttemptThrottle {
  static final int ALLOWED = 8;
  static final int ALLOWED_WIDELY = 100;

  /** Many people may stand behind one address. */
  static final int ALLOWED_FROM_ONE_ADDRESS = 200;

  static final Duration WINDOW = Duration.ofMinutes(5);
  private static final int LONGEST = 100;

  private final Clock clock;
  private final Recent together;
  private final Recent byWhat;
  private final Recent byAddress;
  private final Recent cameIn;
  private final ReentrantLock[] turns = new ReentrantLock[256];

  AttemptThrottle(Clock clock) {
    this.clock = clock;
    int spread = new SecureRandom().nextInt();
    this.together = new Recent(1 << 14, ALLOWED, WINDOW, spread);
    this.byWhat = new Recent(1 << 11, ALLOWED_WIDELY, WINDOW, spread);
    this.byAddress = new Recent(1 << 11, ALLOWED_FROM_ONE_ADDRESS, WINDOW, spread);
    this.cameIn = new Recent(1 << 12, 1, Duration.ofHours(12), spread);
    for (int i = 0; i < turns.length; i++) {
      turns[i] = new ReentrantLock();
    }
  }

  /**
   * Whether a try is right, when it may be made at all.
   *
   * @param what is guessed at: a name, or a kind of code
   * @param address where it comes from
   * @param device the device, where its owner signed in on it before; else null
   * @param right looks at the try
   * @throws TooManyAttempts when it may not be made
   */
  public boolean look(String what, String address, @Nullable String device, BooleanSupplier right) {
    String thing = plain(what);
    String from = device == null ? "from " + address : "on " + device;
    String both = from + " " + thing;
    ReentrantLock turn = turns[Math.floorMod(both.hashCode(), turns.length)];
    turn.lock();
    try {
      Instant now = clock.instant();
      Duration wait = together.waitFor(both, now);
      boolean known = device != null || !cameIn.waitFor(both, now).isZero();
      if (!known) {
        wait = longer(wait, longer(byWhat.waitFor(thing, now), byAddress.waitFor(address, now)));
      }
      if (!wait.isZero()) {
        throw new TooManyAttempts(wait);
      }
      boolean found = right.getAsBoolean();
      if (found) {
        together.forget(both);
        cameIn.add(both, now);
      } else {
        together.add(both, now);
        if (!known) {
          byWhat.add(thing, now);
          byAddress.add(address, now);
        }
      }
      return found;
    } finally {
      turn.unlock();
    }
  }

  /**
   * Counts a wrong key. Keys are long enough that a right one is never held up by wrong ones.
   *
   * @throws TooManyAttempts when there were too many
   */
  public void wrongKey(String kind, String address) {
    look(kind, address, null, () -> false);
  }

  private static Duration longer(Duration one, Duration other) {
    return one.compareTo(other) > 0 ? one : other;
  }

  private static String plain(String what) {
    String start = what.length() > LONGEST ? what.substring(0, LONGEST) : what;
    return start.strip().toLowerCase(Locale.ROOT);
  }
}
