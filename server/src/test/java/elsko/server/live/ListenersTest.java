package elsko.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class ListenersTest {
  private final Listeners listeners = new Listeners();

  @Test
  void aScreenThatComesAfterItsSessionEndedEndsToo() throws Exception {
    listeners.add("ola", "another session");
    listeners.end("a session");
    listeners.add("ola", "a session");
    assertThat(listeners.count()).as("only the other is there").isEqualTo(1);
    listeners.end("another session");
    assertThat(listeners.count()).isZero();
  }

  @Test
  void whoOpensMoreThanAnybodyNeedsLosesTheFirst() throws Exception {
    for (int i = 0; i < 450; i++) {
      listeners.add("ola", "session " + i);
    }
    assertThat(listeners.count()).isEqualTo(400);
    listeners.end("session 0");
    listeners.end("session 49");
    assertThat(listeners.count()).as("those were gone already").isEqualTo(400);
    listeners.end("session 50");
    assertThat(listeners.count()).isEqualTo(399);
  }

  @Test
  void whoDoesNotKeepUpIsDroppedAndNobodyWaits() throws Exception {
    Listener stuck = new Listener("ola", "a session", null);
    int told = 0;
    while (stuck.tell("{}")) {
      told++;
    }
    assertThat(told).isEqualTo(256);
    stuck.end();
    assertThat(stuck.tell("{}")).as("nothing more once it is dropped").isFalse();
    Thread its = new Thread(stuck);
    its.setDaemon(true);
    its.setUncaughtExceptionHandler((thread, nobodyThere) -> {});
    its.start();
    assertThat(its.join(java.time.Duration.ofSeconds(TimeUnit.MINUTES.toSeconds(1)))).isTrue();
  }
}
