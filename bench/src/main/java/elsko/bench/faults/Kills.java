package elsko.bench.faults;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;

/**
 * Killed in the midst of writing, over and over, on one yard that grows: what was acknowledged is
 * there once, and nothing twice.
 */
final class Kills implements Faults.Fault {
  private static final int WANTED = 1_000;
  private static final int WRITERS = 4;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    Path data = folder.resolve("killed");
    Random chance = new Random(tally.of("kills"));
    List<Double> starts = new ArrayList<>();
    Queue<String> last = new ConcurrentLinkedQueue<>();
    while (tally.of("kills") < WANTED) {
      Running server = Running.demonstration(root, data);
      try {
        starts.add(server.seconds);
        check(server, last, tally);
        last.clear();
        write(server, last, 300 + chance.nextInt(1_200));
        server.kill();
        tally.add("kills", 1);
        tally.add("acknowledged", last.size());
      } finally {
        server.close();
      }
      if (tally.of("kills") % 10 == 0) {
        tally.say("start", median(starts));
        tally.keep();
        say(tally);
      }
    }
    try (Running server = Running.demonstration(root, data)) {
      check(server, last, tally);
    }
    tally.keep();
    say(tally);
    return tally.of("lost") == 0 && tally.of("doubled") == 0;
  }

  private static String median(List<Double> starts) {
    double[] all = starts.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return "%.2f s, slowest %.2f s".formatted(all[all.length / 2], all[all.length - 1]);
  }

  private static void say(Tally tally) {
    System.out.printf(
        "  %,d kills, %,d acknowledged, %,d lost, %,d doubled, start median %s%n",
        tally.of("kills"),
        tally.of("acknowledged"),
        tally.of("lost"),
        tally.of("doubled"),
        tally.words("start"));
  }

  /** Several at once, each on boats of their own, until the server is gone. */
  private static void write(Running server, Queue<String> kept, int ms)
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
                      try {
                        HttpResponse<String> answer =
                            Running.send(
                                server
                                    .request("/api/boats/" + boat + "/entries", "technician")
                                    .POST(BodyPublishers.ofString(note(id))));
                        if (answer.statusCode() == 200) {
                          kept.add(boat + " " + id);
                        }
                      } catch (IOException | InterruptedException killed) {
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

  /** The newest lines of the book hold everything of the last round. */
  private static void check(Running server, Queue<String> last, Tally tally)
      throws IOException, InterruptedException {
    if (last.isEmpty()) {
      return;
    }
    Map<String, Integer> found = new HashMap<>();
    String before = "";
    int looked = 0;
    while (looked < last.size() + WRITERS + 200) {
      String page = Running.send(server.request("/api/book?limit=200" + before).GET()).body();
      JsonArray lines = JsonParser.parseString(page).getAsJsonObject().getAsJsonArray("lines");
      if (lines.isEmpty()) {
        break;
      }
      for (JsonElement line : lines) {
        String words = line.toString();
        int at = words.indexOf("number ");
        if (at >= 0) {
          found.merge(words.substring(at + 7, at + 43), 1, Integer::sum);
        }
        before =
            "&before=" + line.getAsJsonObject().getAsJsonObject("entry").get("seq").getAsLong();
      }
      looked += lines.size();
    }
    for (String one : last) {
      int times = found.getOrDefault(one.split(" ")[1], 0);
      if (times == 0) {
        tally.add("lost", 1);
        System.out.println("  LOST " + one);
      }
    }
    tally.add("doubled", found.values().stream().filter(times -> times > 1).count());
  }
}
