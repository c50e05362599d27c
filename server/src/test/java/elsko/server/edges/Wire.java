package elsko.server.edges;

import elsko.server.RunningElsko;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** One line to the running application, on which anything may be said, at any pace. */
final class Wire implements Closeable {
  private final Socket socket;

  Wire() throws IOException {
    socket = new Socket(InetAddress.getLoopbackAddress(), RunningElsko.address("/").getPort());
    socket.setTcpNoDelay(true);
    socket.setSoTimeout(30_000);
  }

  static String basic(String account) {
    String both = account + ":demo";
    return "Authorization: Basic "
        + Base64.getEncoder().encodeToString(both.getBytes(StandardCharsets.UTF_8))
        + "\r\n";
  }

  /** Says the head of a request. */
  Wire head(String request, String... headers) throws IOException {
    return say(request + " HTTP/1.1\r\nHost: localhost\r\n" + String.join("", headers) + "\r\n");
  }

  Wire say(String text) throws IOException {
    return say(text.getBytes(StandardCharsets.UTF_8));
  }

  Wire say(byte[] bytes) throws IOException {
    OutputStream out = socket.getOutputStream();
    out.write(bytes);
    out.flush();
    return this;
  }

  /** The status of the next answer, and its body where it has a length. */
  Answer hear() throws IOException {
    InputStream in = socket.getInputStream();
    String head = "";
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    while (!head.endsWith("\r\n\r\n")) {
      int one = in.read();
      if (one < 0) {
        return new Answer(0, head, "");
      }
      bytes.write(one);
      head = bytes.toString(StandardCharsets.ISO_8859_1);
    }
    int length = 0;
    boolean chunked =
        head.toLowerCase(java.util.Locale.ROOT).contains("transfer-encoding: chunked");
    for (String line : head.split("\r\n")) {
      if (line.regionMatches(true, 0, "Content-Length:", 0, 15)) {
        length = Integer.parseInt(line.substring(15).strip());
      }
    }
    String body = chunked ? chunks(in) : new String(in.readNBytes(length), StandardCharsets.UTF_8);
    return new Answer(Integer.parseInt(head.substring(9, 12)), head, body);
  }

  private static String chunks(InputStream in) throws IOException {
    StringBuilder body = new StringBuilder();
    while (true) {
      StringBuilder size = new StringBuilder();
      for (int one = in.read(); one >= 0 && one != '\n'; one = in.read()) {
        size.append((char) one);
      }
      if (size.isEmpty()) {
        return body.toString();
      }
      int length = Integer.parseInt(size.toString().strip(), 16);
      body.append(new String(in.readNBytes(length), StandardCharsets.UTF_8));
      in.readNBytes(2);
      if (length == 0) {
        return body.toString();
      }
    }
  }

  /** The line is closed by the other side. */
  boolean isOver() throws IOException {
    return socket.getInputStream().read() < 0;
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }

  record Answer(int status, String head, String body) {}
}
