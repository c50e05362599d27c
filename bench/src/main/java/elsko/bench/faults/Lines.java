package elsko.bench.faults;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * The line of what waits on a device, made of the code of the screens themselves (web/faults),
 * against a server that runs: requests that time out at every stage, fail, are lost on their way
 * back or come much later, a full disk, clocks that jump, tabs that are killed, a later version in
 * the midst. What was taken in is there once and in order, and nothing stands still while there is
 * signal.
 */
final class Lines implements Faults.Fault {
  private static final long WANTED = 20_000;

  /** As the small machine it is measured on has cores. */
  private static final int AT_ONCE = 2;

  /** So many on one server, whose logs grow with them. */
  private static final long ON_ONE_SERVER = 1_000;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    Path code = built(root.resolve("web"));
    Path pictures = pictures(folder.resolve("pictures"));
    AtomicLong next = new AtomicLong();
    Queue<Exception> broken = new ConcurrentLinkedQueue<>();
    List<Thread> sides = new ArrayList<>();
    for (int side = 0; side < AT_ONCE; side++) {
      sides.add(
          Thread.ofPlatform()
              .start(
                  () -> {
                    try {
                      for (long block = next.getAndIncrement();
                          block * ON_ONE_SERVER < WANTED && broken.isEmpty();
                          block = next.getAndIncrement()) {
                        block(root, folder, code, pictures, block, tally);
                      }
                    } catch (IOException | InterruptedException | RuntimeException e) {
                      broken.add(e);
                    }
                  }));
    }
    for (Thread side : sides) {
      side.join();
    }
    if (!broken.isEmpty()) {
      throw new IOException("the lines of a device broke off", broken.peek());
    }
    say(tally);
    return tally.of("wrong") == 0;
  }

  private static void block(
      Path root, Path folder, Path code, Path pictures, long block, Tally tally)
      throws IOException, InterruptedException {
    String done = "of block " + block;
    long from = block * ON_ONE_SERVER + tally.of(done);
    long to = Math.min(WANTED, (block + 1) * ON_ONE_SERVER);
    if (from >= to) {
      return;
    }
    Path data = folder.resolve("lines-" + from);
    try (Running server = Running.demonstration(root, data)) {
      lines(server, code, pictures, from, to, done, tally);
    }
    delete(data);
    say(tally);
  }

  /** The code of a tab, and what lets it run. */
  private static Path built(Path web) throws IOException, InterruptedException {
    for (String mode : List.of("tab", "run")) {
      Process vite =
          new ProcessBuilder(
                  "npx", "vite", "build", "--config", "faults/vite.config.ts", "--mode", mode)
              .directory(web.toFile())
              .redirectErrorStream(true)
              .start();
      String said = new String(vite.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (vite.waitFor() != 0) {
        throw new IOException("the code of a tab could not be built: " + said);
      }
    }
    return web.resolve("target/faults");
  }

  /** Some that a camera could have taken, small as a screen makes them. */
  private static Path pictures(Path folder) throws IOException {
    Files.createDirectories(folder);
    for (int number = 0; number < 3; number++) {
      Random chance = new Random(number);
      BufferedImage picture = new BufferedImage(220 + 60 * number, 200, BufferedImage.TYPE_INT_RGB);
      for (int x = 0; x < picture.getWidth(); x++) {
        for (int y = 0; y < picture.getHeight(); y++) {
          picture.setRGB(x, y, chance.nextInt(1 << 24));
        }
      }
      ImageIO.write(picture, "jpg", folder.resolve("picture-" + number + ".jpg").toFile());
    }
    return folder;
  }

  private static void lines(
      Running server, Path code, Path pictures, long from, long to, String done, Tally tally)
      throws IOException, InterruptedException {
    Process node =
        new ProcessBuilder(
                "node",
                code.resolve("run.js").toString(),
                server.address(""),
                server.authorization("technician"),
                code.resolve("tab.js").toString(),
                pictures.toString(),
                Long.toString(from),
                Long.toString(to))
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    try (BufferedReader said =
        new BufferedReader(new InputStreamReader(node.getInputStream(), StandardCharsets.UTF_8))) {
      for (String line = said.readLine(); line != null; line = said.readLine()) {
        JsonObject some = JsonParser.parseString(line).getAsJsonObject();
        for (Map.Entry<String, JsonElement> count : some.getAsJsonObject("counts").entrySet()) {
          tally.add(count.getKey(), count.getValue().getAsLong());
        }
        tally.add(done, some.getAsJsonObject("counts").get("lines").getAsLong());
        some.getAsJsonArray("wrong").forEach(one -> System.out.println("  " + one.getAsString()));
        tally.keep();
      }
    } finally {
      node.destroy();
    }
    if (node.waitFor() != 0) {
      throw new IOException("the lines of a device ended with " + node.exitValue());
    }
  }

  private static void say(Tally tally) {
    System.out.printf(
        "  %,d lines, %,d entries taken in or not: %,d kept, %,d said at once, %,d came back, %,d"
            + " taken out again, %,d without room; %,d pictures; %,d requests of which %,d went"
            + " through; %,d wrong%n",
        tally.of("lines"),
        tally.of("entered"),
        tally.of("kept"),
        tally.of("said at once"),
        tally.of("came back"),
        tally.of("taken out"),
        tally.of("no room"),
        tally.of("pictures"),
        tally.of("requests"),
        tally.of("request through"),
        tally.of("wrong"));
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(one);
      }
    }
  }
}
