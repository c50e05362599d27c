package elsko.bench.faults;

import elsko.bench.running.Running;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/** What many do at once to stop everybody else: long names, slow bodies, deaf screens, pictures. */
final class Crowds implements Faults.Fault {
  private static final int ROUNDS = 10;
  private static final double MOST_MS = 1_500;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    boolean held = true;
    try (Running server = Running.demonstration(root, folder.resolve("crowded"))) {
      String boat = boat(server);
      served(server);
      while (tally.of("rounds") < ROUNDS) {
        held &= others(server, tally, "names of 15 MB", () -> longNames(server));
        held &= others(server, tally, "slow bodies", () -> slowBodies(server));
        held &= others(server, tally, "deaf screens", () -> deafScreens(server, boat));
        held &= others(server, tally, "deep pictures", () -> pictures(server, boat));
        tally.add("rounds", 1);
        tally.keep();
      }
    }
    for (String what : List.of("names of 15 MB", "slow bodies", "deaf screens", "deep pictures")) {
      System.out.printf(
          "  %s: %d rounds, slowest other %s ms, not served %d%n",
          what, tally.of("rounds"), tally.words(what + " slowest"), tally.of(what + " refused"));
      held &= tally.of(what + " refused") == 0;
    }
    return held;
  }

  private static String boat(Running server) throws IOException, InterruptedException {
    String all = Running.send(server.request("/api/boats").GET()).body();
    return all.replaceAll("(?s).*?\"id\"\\s*:\\s*\"([0-9a-f-]{36})\".*", "$1");
  }

  /** How long somebody else waits, ms; infinite where they are not served. */
  private static double served(Running server) throws IOException, InterruptedException {
    long from = System.nanoTime();
    HttpResponse<String> answer = Running.send(server.request("/api/boats", "viewer").GET());
    return answer.statusCode() == 200 ? (System.nanoTime() - from) / 1e6 : Double.POSITIVE_INFINITY;
  }

  private static boolean others(Running server, Tally tally, String what, Callable<Void> nuisance)
      throws IOException, InterruptedException {
    try (ExecutorService one = Executors.newSingleThreadExecutor()) {
      Future<Void> goesOn = one.submit(nuisance);
      double slowest = 0;
      do {
        slowest = Math.max(slowest, served(server));
        Thread.sleep(20);
      } while (!goesOn.isDone());
      slowest = Math.max(slowest, served(server));
      String before = tally.words(what + " slowest");
      double worst = Math.max(slowest, before.isEmpty() ? 0 : Double.parseDouble(before));
      tally.say(what + " slowest", "%.0f".formatted(worst));
      if (slowest > MOST_MS) {
        tally.add(what + " refused", 1);
      }
      return slowest <= MOST_MS;
    }
  }

  private static Socket line(Running server, int buffer) throws IOException {
    Socket line = new Socket();
    if (buffer > 0) {
      line.setReceiveBufferSize(buffer);
    }
    line.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), server.port()));
    line.setSoTimeout(10_000);
    return line;
  }

  private static void say(Socket line, String words) throws IOException {
    line.getOutputStream().write(words.getBytes(StandardCharsets.UTF_8));
  }

  private static Void longNames(Running server) throws IOException {
    byte[] name = new byte[15_000_000];
    Arrays.fill(name, (byte) 'x');
    for (int i = 0; i < 35; i++) {
      try (Socket line = line(server, 0)) {
        say(
            line,
            "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Content-Length: 15000030\r\n\r\n{\"password\":\"x\",\"name\":\"");
        line.getOutputStream().write(name);
      } catch (IOException cutOff) {
        // As it should be.
      }
    }
    return null;
  }

  private static Void slowBodies(Running server) throws Exception {
    List<Socket> lines = new ArrayList<>();
    try {
      for (int i = 0; i < 300; i++) {
        Socket line = line(server, 0);
        lines.add(line);
        say(
            line,
            "POST /api/owner/after HTTP/1.1\r\nHost: localhost\r\n"
                + "Content-Type: application/json\r\nContent-Length: 40000\r\n\r\n ");
      }
      Thread.sleep(3_000);
    } finally {
      for (Socket line : lines) {
        line.close();
      }
    }
    return null;
  }

  private static Void deafScreens(Running server, String boat) throws Exception {
    List<Socket> lines = new ArrayList<>();
    try {
      for (int i = 0; i < 30; i++) {
        Socket line = line(server, 1_024);
        lines.add(line);
        say(
            line,
            "GET /api/events HTTP/1.1\r\nHost: localhost\r\nAuthorization: %s\r\n\r\n"
                .formatted(server.authorization("viewer")));
      }
      for (int i = 0; i < 100; i++) {
        String note =
            "{\"entries\":[{\"id\":\"%s\",\"deviceTime\":\"%s\",\"kind\":\"NOTED\",\"text\":\"deaf\"}]}"
                .formatted(UUID.randomUUID(), java.time.Instant.now());
        HttpResponse<String> kept =
            Running.send(
                server
                    .request("/api/boats/" + boat + "/entries", "technician")
                    .POST(BodyPublishers.ofString(note)));
        if (kept.statusCode() != 200) {
          throw new IllegalStateException(kept.body());
        }
      }
    } finally {
      for (Socket line : lines) {
        line.close();
      }
    }
    return null;
  }

  private static Void pictures(Running server, String boat) throws Exception {
    byte[] picture = deep(5_000);
    try (ExecutorService all = Executors.newFixedThreadPool(6)) {
      for (int i = 0; i < 6; i++) {
        all.submit(
            () ->
                Running.send(
                    server
                        .request("/api/boats/" + boat + "/photos/" + UUID.randomUUID())
                        .setHeader("Content-Type", "image/png")
                        .PUT(BodyPublishers.ofByteArray(picture))));
      }
    }
    return null;
  }

  /** A PNG of one tone, 16 bits a color: small on the line, huge unpacked. */
  private static byte[] deep(int side) throws IOException {
    ByteArrayOutputStream rows = new ByteArrayOutputStream();
    try (java.util.zip.DeflaterOutputStream packed =
        new java.util.zip.DeflaterOutputStream(rows, new Deflater(9))) {
      byte[] row = new byte[1 + side * 6];
      for (int i = 0; i < side; i++) {
        packed.write(row);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 137, 'P', 'N', 'G', 13, 10, 26, 10});
    java.nio.ByteBuffer head = java.nio.ByteBuffer.allocate(13);
    head.putInt(side).putInt(side).put((byte) 16).put((byte) 2);
    chunk(out, "IHDR", head.array());
    chunk(out, "IDAT", rows.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String kind, byte[] data)
      throws IOException {
    byte[] name = kind.getBytes(StandardCharsets.US_ASCII);
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(data);
    out.write(java.nio.ByteBuffer.allocate(4).putInt(data.length).array());
    out.write(name);
    out.write(data);
    out.write(java.nio.ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
  }
}
