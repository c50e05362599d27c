package elsko.server.live;

import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One open screen and what it has still to be told. It is told by a thread of its own, so that
 * nobody waits for a screen that does not read; one that is too far behind is dropped, comes back
 * and asks for everything.
 */
final class Listener implements Runnable {
  private static final int MOST_BEHIND = 256;
  private static final String END = "";

  private final String person;
  private final String session;
  private final SseEmitter screen;
  private final BlockingQueue<String> behind = new ArrayBlockingQueue<>(MOST_BEHIND);
  private volatile boolean dropped;

  /**
   * @param person whose it is
   * @param session what it ends with; empty for a client that sends its password each time
   */
  Listener(String person, String session, SseEmitter screen) {
    this.person = person;
    this.session = session;
    this.screen = screen;
  }

  String person() {
    return person;
  }

  String session() {
    return session;
  }

  /**
   * Something to be told, when its turn comes.
   *
   * @param line what follows {@code data:}; empty for a sign of life
   * @return whether it still keeps up
   */
  boolean tell(String line) {
    return !dropped && behind.offer(line + "\n");
  }

  /** Told nothing more. */
  void end() {
    dropped = true;
    behind.clear();
    behind.offer(END);
  }

  @Override
  public void run() {
    try {
      String line = behind.take();
      while (!dropped && !line.equals(END)) {
        String said = line.strip();
        screen.send(
            said.isEmpty()
                ? SseEmitter.event().comment("beat")
                : SseEmitter.event().name("changed").data(said));
        line = behind.take();
      }
      screen.complete();
    } catch (IOException | IllegalStateException gone) {
      dropped = true;
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
    }
  }
}
