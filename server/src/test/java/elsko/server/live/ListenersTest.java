package elsko.server.live;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class ListenersTest {
  private final Listeners listeners = new Listeners();

  @Test
  void aScreenThatComesAfterItsSessionEndedEndsToo() throws Exception {
    SseEmitter others = listeners.add("ola", "another session");
    listeners.end("a session");
    SseEmitter late = listeners.add("ola", "a session");
    assertThatThrownBy(() -> late.send("more")).isInstanceOf(IllegalStateException.class);
    assertThatCode(() -> others.send("more")).doesNotThrowAnyException();
  }
}
