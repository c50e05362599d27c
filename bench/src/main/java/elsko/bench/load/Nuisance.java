package elsko.bench.load;

import elsko.bench.running.Running;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;

/** Lines to the server that do nothing good, for as long as it is open. */
final class Nuisance implements AutoCloseable {
  private static final int SMALL_BUFFER = 1_024;
  private static final int A_BYTE_EVERY_MS = 2_000;
  private final List<Socket> lines = new CopyOnWriteArrayList<>();
  private final Running server;
  private volatile boolean over;

  private Nuisance(Running server) {
    this.server = server;
  }

  static Nuisance none() {
    return new Nuisance(null);
  }

  /** Open screens, of which some read nothing. */
  static Nuisance listeners(Running server, int all, int deaf) throws IOException {
    Nuisance made = new Nuisance(server);
    for (int i = 0; i < all; i++) {
      boolean reads = i >= deaf;
      Socket line = made.line(!reads);
      made.say(
          line,
          "GET /api/events HTTP/1.1\r\nHost: localhost\r\nAuthorization: %s\r\n\r\n"
              .formatted(server.authorization("viewer")));
      if (reads) {
        Thread.ofVirtual().start(() -> made.read(line));
      }
    }
    return made;
  }

  /** Bodies of which a byte comes now and then, begun anew when they are cut off. */
  static Nuisance slowBodies(Running server, int all) throws IOException {
    Nuisance made = new Nuisance(server);
    for (int i = 0; i < all; i++) {
      Thread.ofVirtual().start(made::sendSlowly);
    }
    return made;
  }

  private Socket line(boolean small) throws IOException {
    Socket line = new Socket();
    if (small) {
      line.setReceiveBufferSize(SMALL_BUFFER);
    }
    line.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), server.port()));
    lines.add(line);
    return line;
  }

  private void say(Socket line, String words) throws IOException {
    line.getOutputStream().write(words.getBytes(StandardCharsets.UTF_8));
    line.getOutputStream().flush();
  }

  private void read(Socket line) {
    byte[] some = new byte[8_192];
    try (InputStream in = line.getInputStream()) {
      while (!over && in.read(some) >= 0) {
        // What is said does not matter.
      }
    } catch (IOException gone) {
      // So is the screen.
    }
  }

  private void sendSlowly() {
    while (!over) {
      try (Socket line = line(false)) {
        line.setSoTimeout(A_BYTE_EVERY_MS);
        say(
            line,
            "POST /api/owner/after HTTP/1.1\r\nHost: localhost\r\n"
                + "Content-Type: application/json\r\nContent-Length: 40000\r\n\r\n");
        boolean open = true;
        while (open && !over) {
          say(line, " ");
          open = isOpen(line);
        }
      } catch (IOException cutOff) {
        pause();
      }
    }
  }

  private static boolean isOpen(Socket line) throws IOException {
    try {
      return line.getInputStream().read() >= 0;
    } catch (SocketTimeoutException silent) {
      return true;
    }
  }

  private static void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(100);
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    over = true;
    for (Socket line : lines) {
      try {
        line.close();
      } catch (IOException already) {
        // It is closed.
      }
    }
  }
}
