package elsko.bench.load;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** The demonstration, grown to so many boats, with a plan everybody was told of. */
final class LargeYard implements AutoCloseable {
  private static final String[] KINDS = {
    "sterndrive,1,petrol,8,raw_water",
    "shaft,2,diesel,6,closed",
    "saildrive,1,diesel,3,closed",
    "outboard,1,petrol,4,raw_water",
    "v_drive,1,petrol,8,closed"
  };

  private final Running server;
  private List<String> boats;

  LargeYard(Path root, Path data, int wanted) throws IOException, InterruptedException {
    server = Running.demonstration(root, data);
    grow(wanted);
    boats = ids();
    plan();
  }

  Running server() {
    return server;
  }

  List<String> boats() {
    return boats;
  }

  private List<String> ids() throws IOException, InterruptedException {
    List<String> found = new ArrayList<>();
    for (JsonElement boat : JsonParser.parseString(asked("/api/boats").body()).getAsJsonArray()) {
      found.add(boat.getAsJsonObject().get("id").getAsString());
    }
    return found;
  }

  private HttpResponse<String> asked(String path) throws IOException, InterruptedException {
    return Running.send(server.request(path).GET());
  }

  /** More boats, from a file; none where there are as many already. */
  void grow(int wanted) throws IOException, InterruptedException {
    int there = ids().size();
    StringBuilder csv =
        new StringBuilder(
            "hull_id,name,hull_length_m,layout,engines,fuel,cylinders,cooling,water,"
                + "generator,domestic_water,heads\n");
    for (int i = there; i < wanted; i++) {
      csv.append(
          "L-%05d,Loaded %05d,8.4,%s,salt,%s,yes,%s\n"
              .formatted(
                  i,
                  i,
                  KINDS[i % KINDS.length],
                  i % 3 == 0 ? "yes" : "no",
                  i % 2 == 0 ? "yes" : "no"));
    }
    if (there >= wanted) {
      return;
    }
    String state =
        Running.send(
                server
                    .request("/api/imports?keep=true")
                    .setHeader("Content-Type", "text/csv; charset=utf-8")
                    .POST(BodyPublishers.ofString(csv.toString())))
            .body();
    String id = JsonParser.parseString(state).getAsJsonObject().get("id").getAsString();
    while (state.contains("\"RUNNING\"")) {
      Thread.sleep(200);
      state = asked("/api/imports/" + id).body();
    }
    if (!state.contains("\"DONE\"")) {
      throw new IllegalStateException(state);
    }
    boats = ids();
  }

  private void plan() throws IOException, InterruptedException {
    send("/api/walks/search", "{\"seconds\":10}");
    JsonObject walks;
    do {
      Thread.sleep(500);
      walks = JsonParser.parseString(asked("/api/walks").body()).getAsJsonObject();
    } while (!walks.get("job").isJsonNull());
    send("/api/walks/publish", "");
  }

  private void send(String path, String body) throws IOException, InterruptedException {
    HttpResponse<String> answer =
        Running.send(server.request(path).POST(BodyPublishers.ofString(body)));
    if (answer.statusCode() >= 300) {
      throw new IllegalStateException(path + ": " + answer.body());
    }
  }

  /** Something somebody does on a boat, as a device sends it. */
  static String entry(int turn) {
    return """
    {"sentAt":"%s","entries":[{"id":"%s","deviceTime":"%s","kind":"FITTING_SET","fitting":"cover","state":"%s"}]}
    """
        .formatted(Instant.now(), UUID.randomUUID(), Instant.now(), turn % 2 == 0 ? "TARP" : "OFF");
  }

  @Override
  public void close() {
    server.close();
  }
}
