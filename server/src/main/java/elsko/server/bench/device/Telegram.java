package elsko.server.bench.device;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;

/**
 * A line of ASCII with a checksum: {@code TEXT*XX}, XX being the exclusive or of its bytes, hex.
 */
final class Telegram {
  private static final int LONGEST = 200;

  private Telegram() {}

  static void send(OutputStream out, String text) throws IOException {
    out.write("%s*%02X\r\n".formatted(text, checksum(text)).getBytes(StandardCharsets.US_ASCII));
    out.flush();
  }

  /** The next one, or null when none came in time. */
  static String receive(InputStream in) throws IOException {
    StringBuilder line = new StringBuilder();
    int next = in.read();
    while (next >= 0 && next != '\n' && line.length() < LONGEST) {
      if (next != '\r') {
        line.append((char) next);
      }
      next = in.read();
    }
    if (next < 0) {
      return null;
    }
    int star = line.lastIndexOf("*");
    if (star < 0
        || !line.substring(star + 1).equals("%02X".formatted(checksum(line.substring(0, star))))) {
      throw new IOException("garbled: " + line);
    }
    return line.substring(0, star);
  }

  private static int checksum(String text) {
    int sum = 0;
    for (byte b : text.getBytes(StandardCharsets.US_ASCII)) {
      sum ^= b;
    }
    return sum & 0xff;
  }
}
