package elsko.bench.faults;

import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A small disk, filled in the midst of writing and freed again. Only root can make one. */
final class FullDisk implements Faults.Fault {
  private static final int ROUNDS = 10;
  private static final int WAITS = 200;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    Path disk = Files.createDirectories(folder.resolve("disk"));
    if (did("mount", "-t", "tmpfs", "-o", "size=96m", "elsko-disk", disk.toString()) != 0) {
      System.out.println("  a disk of its own cannot be mounted here: left out");
      return true;
    }
    try (Running server = Running.demonstration(root, disk.resolve("yard"))) {
      String boat = boat(server);
      List<String> kept = new ArrayList<>();
      while (tally.of("rounds") < ROUNDS) {
        round(server, boat, disk, kept, tally);
        tally.add("rounds", 1);
        tally.keep();
      }
      System.out.printf(
          "  %d times full and freed, %d answers of 503, %d others, %d acknowledged, %d lost%n",
          tally.of("rounds"),
          tally.of("not now"),
          tally.of("others"),
          tally.of("acknowledged"),
          tally.of("lost"));
      return tally.of("lost") == 0 && tally.of("others") == 0;
    } finally {
      did("umount", "-l", disk.toString());
    }
  }

  private static int did(String... words) throws IOException, InterruptedException {
    return new ProcessBuilder(words).redirectErrorStream(true).start().waitFor();
  }

  private static void round(Running server, String boat, Path disk, List<String> kept, Tally tally)
      throws IOException, InterruptedException {
    Path filler = disk.resolve("filler");
    int before = kept.size();
    for (int i = 0; i < 5; i++) {
      note(server, boat, kept);
    }
    long free = disk.toFile().getUsableSpace();
    byte[] much = new byte[1_000_000];
    try (var out = Files.newOutputStream(filler)) {
      for (long left = free - 200_000; left > 0; left -= much.length) {
        out.write(much, 0, (int) Math.min(much.length, left));
      }
    } catch (IOException full) {
      // That is what it is for.
    }
    for (int i = 0; i < 20; i++) {
      int status = note(server, boat, kept);
      tally.add(status == 503 ? "not now" : status == 200 ? "kept" : "others", 1);
    }
    Files.delete(filler);
    int status = 503;
    for (int i = 0; i < WAITS && status != 200; i++) {
      Thread.sleep(100);
      status = note(server, boat, kept);
    }
    if (status != 200) {
      throw new IllegalStateException("nothing is kept any more, though the disk is free");
    }
    tally.add("acknowledged", kept.size() - before);
    String log = Running.send(server.request("/api/book?limit=200").GET()).body();
    for (String id : kept.subList(before, kept.size())) {
      if (!log.contains(id)) {
        tally.add("lost", 1);
        System.out.println("  LOST " + id);
      }
    }
  }

  private static String boat(Running server) throws IOException, InterruptedException {
    String all = Running.send(server.request("/api/boats").GET()).body();
    return JsonParser.parseString(all)
        .getAsJsonArray()
        .get(0)
        .getAsJsonObject()
        .get("id")
        .getAsString();
  }

  private static int note(Running server, String boat, List<String> kept)
      throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    String body =
        "{\"entries\":[{\"id\":\"%s\",\"deviceTime\":\"%s\",\"kind\":\"NOTED\",\"text\":\"number %s %s\"}]}"
            .formatted(id, Instant.now(), id, "x".repeat(700));
    HttpResponse<String> answer =
        Running.send(
            server
                .request("/api/boats/" + boat + "/entries", "technician")
                .POST(BodyPublishers.ofString(body)));
    if (answer.statusCode() == 200) {
      kept.add(id);
    }
    return answer.statusCode();
  }
}
