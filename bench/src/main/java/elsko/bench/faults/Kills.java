package elsko.bench.faults;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;

/**
 * Killed in the midst of writing, over and over, on one yard that grows: what was acknowledged is
 * there once, and nothing twice.
 */
final class Kills implements Faults.Fault {
  private static final int WANTED = 1_000;
  private static final int WRITERS = 4;

  /** So often the whole log is read, not only what came last. */
  private static final int WHOLE_EACH = 100;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    Path data = folder.resolve("killed");
    // What was acknowledged is known after a stop of this run too.
    Path kept = folder.resolve("acknowledged.txt");
    Path unanswered = folder.resolve("unanswered.txt");
    Path took = folder.resolve("starts.txt");
    Random chance = new Random(tally.of("kills"));
    while (tally.of("kills") < WANTED) {
      try (Running server = Running.demonstration(root, data)) {
        append(took, List.of("%.2f".formatted(server.seconds)));
        // As a device does: what got no answer is sent once more, and may stand once only.
        for (String one : lines(unanswered)) {
          if (send(server, one)) {
            append(kept, List.of(one));
            tally.add("sent again", 1);
          }
        }
        Files.deleteIfExists(unanswered);
        boolean whole = tally.of("kills") % WHOLE_EACH == 0;
        check(server, whole ? lines(kept) : newest(lines(kept)), tally);
        Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
        Queue<String> open = new ConcurrentLinkedQueue<>();
        write(server, acknowledged, open, 300 + chance.nextInt(1_200));
        append(kept, acknowledged);
        append(unanswered, open);
        tally.add("kills", 1);
        tally.add("acknowledged", acknowledged.size());
        tally.keep();
      }
      if (tally.of("kills") % 10 == 0) {
        tally.say("start", median(lines(took)));
        tally.keep();
        say(tally);
      }
    }
    try (Running server = Running.demonstration(root, data)) {
      check(server, lines(kept), tally);
    }
    tally.keep();
    say(tally);
    return tally.of("lost") == 0 && tally.of("doubled") == 0;
  }

  private static void append(Path file, Collection<String> lines) throws IOException {
    Files.write(file, lines, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
  }

  private static List<String> lines(Path file) throws IOException {
    return Files.exists(file) ? Files.readAllLines(file) : List.of();
  }

  private static List<String> newest(List<String> kept) {
    return kept.subList(Math.max(0, kept.size() - 100), kept.size());
  }

  private static String median(List<String> starts) {
    double[] all = starts.stream().mapToDouble(Double::parseDouble).sorted().toArray();
    return "%.2f s, slowest %.2f s".formatted(all[all.length / 2], all[all.length - 1]);
  }

  private static void say(Tally tally) {
    System.out.printf(
        "  %,d kills, %,d acknowledged, %,d sent again, %,d lost, %,d doubled, start median %s%n",
        tally.of("kills"),
        tally.of("acknowledged"),
        tally.of("sent again"),
        tally.of("lost"),
        tally.of("doubled"),
        tally.words("start"));
  }

  /** Several at once, each on boats of their own, until the server is gone. */
  private static void write(Running server, Queue<String> kept, Queue<String> open, int ms)
      throws IOException, InterruptedException {
    List<String> boats = boats(server);
    List<Thread> writers = new ArrayList<>();
    for (int writer = 0; writer < WRITERS; writer++) {
      int who = writer;
      writers.add(
          Thread.ofPlatform()
              .daemon()
              .start(
                  () -> {
                    for (int turn = 0; ; turn++) {
                      String boat = boats.get((who + turn * WRITERS) % boats.size());
                      String id = UUID.randomUUID().toString();
                      String one = boat + " " + id;
                      try {
                        if (send(server, one)) {
                          kept.add(one);
                        }
                      } catch (IOException | InterruptedException killed) {
                        open.add(one);
                        return;
                      }
                    }
                  }));
    }
    Thread.sleep(ms);
    server.kill();
    for (Thread writer : writers) {
      writer.join();
    }
  }

  private static boolean send(Running server, String one) throws IOException, InterruptedException {
    String[] parts = one.split(" ");
    HttpResponse<String> answer =
        Running.send(
            server
                .request("/api/boats/" + parts[0] + "/entries", "technician")
                .POST(BodyPublishers.ofString(note(parts[1]))));
    return answer.statusCode() == 200;
  }

  private static List<String> boats(Running server) throws IOException, InterruptedException {
    List<String> ids = new ArrayList<>();
    for (JsonElement boat : array(server, "/api/boats")) {
      ids.add(boat.getAsJsonObject().get("id").getAsString());
    }
    return ids;
  }

  private static JsonArray array(Running server, String path)
      throws IOException, InterruptedException {
    return JsonParser.parseString(Running.send(server.request(path).GET()).body()).getAsJsonArray();
  }

  private static String note(String id) {
    JsonObject entry = new JsonObject();
    entry.addProperty("id", id);
    entry.addProperty("deviceTime", Instant.now().toString());
    entry.addProperty("kind", "NOTED");
    entry.addProperty("text", "number " + id);
    JsonArray all = new JsonArray();
    all.add(entry);
    JsonObject body = new JsonObject();
    body.add("entries", all);
    return body.toString();
  }

  /** Each of these stands in the book once; read from its newest line as far back as they go. */
  private static void check(Running server, List<String> wanted, Tally tally)
      throws IOException, InterruptedException {
    Set<String> missing = new HashSet<>();
    for (String one : wanted) {
      missing.add(one.split(" ")[1]);
    }
    Map<String, Integer> found = new HashMap<>();
    String before = "";
    while (!missing.isEmpty()) {
      String page = Running.send(server.request("/api/book?limit=200" + before).GET()).body();
      JsonArray lines = JsonParser.parseString(page).getAsJsonObject().getAsJsonArray("lines");
      if (lines.isEmpty()) {
        break;
      }
      for (JsonElement line : lines) {
        String words = line.toString();
        int at = words.indexOf("number ");
        if (at >= 0) {
          String id = words.substring(at + 7, at + 43);
          found.merge(id, 1, Integer::sum);
          missing.remove(id);
        }
        before =
            "&before=" + line.getAsJsonObject().getAsJsonObject("entry").get("seq").getAsLong();
      }
    }
    for (String one : missing) {
      tally.add("lost", 1);
      System.out.println("  LOST " + one);
    }
    tally.add("doubled", found.values().stream().filter(times -> times > 1).count());
  }
}
