package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class AttemptThrottleTest {
  private final MovableClock clock = new MovableClock();
  private final AttemptThrottle throttle = new AttemptThrottle(clock);

  private void fail(String name, String address, int times) {
    for (int i = 0; i < times; i++) {
      throttle.failed(name, address);
    }
  }

  @Test
  void aFewSlipsAreFree() {
    fail("ola", "10.0.0.1", AttemptThrottle.FAILURES_ALLOWED - 1);
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isZero();
  }

  @Test
  void afterTooManyTheNextWaitsUntilTheOldestIsForgotten() {
    fail("ola", "10.0.0.1", AttemptThrottle.FAILURES_ALLOWED);
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isEqualTo(AttemptThrottle.WINDOW);
    clock.forward(AttemptThrottle.WINDOW.minusSeconds(10));
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isEqualTo(Duration.ofSeconds(10));
    clock.forward(Duration.ofSeconds(11));
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isZero();
  }

  @Test
  void itIsTheGuesserWhoWaitsNotTheOwnerElsewhere() {
    fail("ola", "10.0.0.1", AttemptThrottle.FAILURES_ALLOWED);
    assertThat(throttle.waitFor("ola", "10.0.0.2")).isZero();
    assertThat(throttle.waitFor("brage", "10.0.0.1")).isZero();
    assertThat(throttle.waitFor("OLA", "10.0.0.1")).isPositive();
  }

  @Test
  void comingInWipesTheSlate() {
    fail("ola", "10.0.0.1", AttemptThrottle.FAILURES_ALLOWED - 1);
    throttle.succeeded("ola", "10.0.0.1");
    fail("ola", "10.0.0.1", 1);
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isZero();
  }

  @Test
  void madeUpNamesDoNotFillTheMemoryNorHideAGuesser() {
    fail("ola", "10.0.0.1", AttemptThrottle.FAILURES_ALLOWED);
    for (int i = 0; i < 500; i++) {
      throttle.failed("made up " + i, "10.0.0.1");
    }
    assertThat(throttle.waitFor("ola", "10.0.0.1")).isPositive();
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
    assertThat(hash).startsWith("$2").isNotEqualTo(passwords.encode("correct horse"));
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
