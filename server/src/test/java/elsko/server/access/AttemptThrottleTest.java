package elsko.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

class AttemptThrottleTest {
  private final MovableClock clock = new MovableClock();
  private final AttemptThrottle throttle = new AttemptThrottle(clock);

  private boolean tries(String name, String address, boolean right) {
    return throttle.look(name, address, null, () -> right);
  }

  private void fail(String name, String address, int times) {
    for (int i = 0; i < times; i++) {
      tries(name, address, false);
    }
  }

  private Duration waits(String name, String address) {
    try {
      throttle.look(name, address, null, () -> true);
      return Duration.ZERO;
    } catch (TooManyAttempts tooMany) {
      return tooMany.untilNextTry();
    }
  }

  @Test
  void aFewSlipsAreFree() {
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED - 1);
    assertThat(tries("ola", "10.0.0.1", true)).isTrue();
  }

  @Test
  void afterTooManyTheNextWaitsUntilTheOldestIsForgotten() {
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED);
    assertThat(waits("ola", "10.0.0.1")).isEqualTo(AttemptThrottle.WINDOW);
    clock.forward(AttemptThrottle.WINDOW.minusSeconds(10));
    assertThat(waits("ola", "10.0.0.1")).isEqualTo(Duration.ofSeconds(10));
    clock.forward(Duration.ofSeconds(11));
    assertThat(waits("ola", "10.0.0.1")).isZero();
  }

  @Test
  void itIsTheGuesserWhoWaitsNotTheOwnerElsewhere() {
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED);
    assertThat(waits("ola", "10.0.0.2")).isZero();
    assertThat(waits("brage", "10.0.0.1")).isZero();
    assertThat(waits("OLA", "10.0.0.1")).isPositive();
  }

  @Test
  void comingInWipesTheSlate() {
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED - 1);
    tries("ola", "10.0.0.1", true);
    fail("ola", "10.0.0.1", 1);
    assertThat(waits("ola", "10.0.0.1")).isZero();
  }

  @Test
  void madeUpNamesDoNotFillTheMemoryNorHideAGuesser() {
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED);
    int heldUp = 0;
    for (int i = 0; i < 10_200; i++) {
      try {
        tries("made up " + i, "10.9.%d.%d".formatted(i / 250, i % 250), false);
      } catch (TooManyAttempts sharesItsPlace) {
        // So many share the places of others, by another chance in each process.
        heldUp++;
      }
    }
    assertThat(heldUp).isLessThan(100);
    assertThat(waits("ola", "10.0.0.1")).isPositive();
  }

  @Test
  void ofAHundredAndFiftyAtOnceNoMoreAreLookedAtThanOfManyInARow() throws Exception {
    AtomicInteger looked = new AtomicInteger();
    AtomicInteger refused = new AtomicInteger();
    try (ExecutorService guessers = Executors.newFixedThreadPool(50)) {
      for (int i = 0; i < 150; i++) {
        guessers.submit(
            () -> {
              try {
                throttle.look(
                    "ola",
                    "10.0.0.1",
                    null,
                    () -> {
                      looked.incrementAndGet();
                      return false;
                    });
              } catch (TooManyAttempts tooMany) {
                refused.incrementAndGet();
              }
            });
      }
    }
    assertThat(looked.get()).isEqualTo(AttemptThrottle.ALLOWED);
    assertThat(refused.get()).isEqualTo(150 - AttemptThrottle.ALLOWED);
  }

  @Test
  void whoCameInFromAnAddressTodayIsNotHeldUpByOthersWhoGuessThere() {
    assertThat(tries("ola", "10.0.0.1", true)).isTrue();
    for (int i = 0; i < AttemptThrottle.ALLOWED_FROM_ONE_ADDRESS; i++) {
      tries("made up " + i, "10.0.0.1", false);
    }
    assertThat(waits("brage", "10.0.0.1")).as("never seen there").isPositive();
    assertThat(tries("ola", "10.0.0.1", true)).isTrue();
    fail("ola", "10.0.0.1", AttemptThrottle.ALLOWED);
    assertThat(waits("ola", "10.0.0.1")).as("who guesses at it there").isPositive();
  }

  @Test
  void manyAddressesTogetherAreSlowedDownTooButNotTheOwnersOwnDevice() {
    for (int i = 0; i < AttemptThrottle.ALLOWED_WIDELY; i++) {
      tries("ola", "10.1.%d.%d".formatted(i / 250, i % 250), false);
    }
    assertThat(waits("ola", "10.2.0.1")).isPositive();
    assertThat(throttle.look("ola", "10.2.0.1", "her phone", () -> true)).isTrue();
    for (int i = 0; i < AttemptThrottle.ALLOWED; i++) {
      throttle.look("ola", "10.2.0.1", "her phone", () -> false);
    }
    assertThatThrownBy(() -> throttle.look("ola", "10.2.0.1", "her phone", () -> true))
        .isInstanceOf(TooManyAttempts.class);
  }

  @Test
  void aPasswordIsRememberedOnlyForItsOwnHash() {
    RememberedPasswords passwords = new RememberedPasswords();
    String hash = passwords.encode("correct horse");
    assertThat(passwords.matches("correct horse", hash)).isTrue();
    assertThat(passwords.matches("correct horse", hash)).as("remembered").isTrue();
    assertThat(passwords.matches("wrong horse", hash)).isFalse();
    String changed = passwords.encode("another horse");
    assertThat(passwords.matches("correct horse", changed)).isFalse();
    assertThat(
            passwords.matches("correct horse", new BCryptPasswordEncoder().encode("correct horse")))
        .as("as it was kept before")
        .isTrue();
    assertThat(hash).startsWith("{bcrypt}").isNotEqualTo(passwords.encode("correct horse"));
  }

  private static final class MovableClock extends Clock {
    private Instant now = Instant.parse("2026-11-03T08:00:00Z");

    void forward(Duration by) {
      now = now.plus(by);
    }

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }

    @Override
    public Instant instant() {
      return now;
    }
  }
}
