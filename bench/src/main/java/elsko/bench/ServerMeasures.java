package elsko.bench;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import elsko.bench.row.Measured;
import elsko.bench.row.Rows;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;

/** The running application, started by its launcher and asked over HTTP. */
final class ServerMeasures {
  private static final String BOAT =
      """
      {"name":"Boat %04d","hullLengthM":7.1,"layout":"STERNDRIVE","waterUsedIn":"SALT","silty":false,
       "engines":[{"position":"CENTER","fuel":"PETROL","cylinders":8,"cooling":"RAW_WATER"}]}
      """;

  private static final String LIST = "list of 1,000 boats over the API, warm";
  private static final String WAITED = "500 entries that waited on a device, in five batches";
  private static final String APPEND =
      "one more entry in a log of 5,000, at the server, mean of 200";
  private static final String WAITING_ENTRIES = "/api/boats/{id}/waiting-entries";
  private static final String IMPORT = "import of 5,000 boats from CSV";
  private static final String SECOND_START = "second start to first answered page";
  private static final int STARTS = 3;

  private final Path root;
  private final boolean quick;

  ServerMeasures(Path root, boolean quick) {
    this.root = root;
    this.quick = quick;
  }

  void into(Rows rows) throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("elsko-bench");
    try (Running first = new Running(root, data)) {
      rows.attempt(LIST, () -> listOf1000(first));
      rows.attempt(WAITED, () -> waiting500(first));
      rows.attempt(APPEND, () -> appendTo5000(first));
      rows.attempt(IMPORT, () -> importOf5000(first));
      product(first);
      try (Screens screens = new Screens(first.authorization())) {
        rows.attempt(
            Screens.PATHS,
            () -> screens.waterPaths(first.address("/boats/" + made(first, twinWithGenerator()))));
        rows.attempt(
            Screens.SLIDER,
            () ->
                screens.slider(
                    first.address("/bench/fill?boat=" + made(first, BOAT.formatted(9998)))));
      }
    }
    rows.attempt(Taps.TAPS, this::taps);
    rows.attempt(SECOND_START, () -> secondStart(data));
  }

  /** On a yard that has antifreeze to pour. */
  private Measured taps() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("elsko-bench-taps");
    try (Running yard = Running.demonstration(root, data);
        Screens screens = new Screens(yard.authorization("technician"))) {
      String boats = Running.send(yard.request("/api/boats", "technician")).body();
      for (JsonElement boat : JsonParser.parseString(boats).getAsJsonArray()) {
        if (boat.getAsJsonObject().get("name").getAsString().equals(Taps.BOAT)) {
          String id = boat.getAsJsonObject().get("id").getAsString();
          return screens.taps(yard.authorization("technician"), yard.address("/boats/" + id));
        }
      }
    }
    throw new IOException("the demonstration has no " + Taps.BOAT);
  }

  private Measured secondStart(Path data) throws IOException {
    double best = Double.MAX_VALUE;
    for (int i = 0; i < STARTS; i++) {
      try (Running again = new Running(root, data)) {
        best = Math.min(best, again.seconds);
      }
    }
    return Measured.seconds(SECOND_START, best, 3);
  }

  /** 5,000 boats from a file, from its first byte sent to the last boat in the list. */
  private Measured importOf5000(Running server) throws IOException, InterruptedException {
    StringBuilder csv =
        new StringBuilder(
            "hull_id,name,hull_length_m,layout,engines,fuel,cylinders,cooling,water,");
    csv.append("generator,air_conditioning,domestic_water,heads\n");
    String[] kinds = {
      "sterndrive,1,petrol,8,raw_water",
      "shaft,2,diesel,6,closed",
      "saildrive,1,diesel,3,closed",
      "outboard,1,petrol,4,raw_water",
      "v_drive,1,petrol,8,closed"
    };
    for (int i = 0; i < 5000; i++) {
      csv.append(
          "M-%05d,Imported %05d,8.4,%s,salt,%s,no,yes,%s\n"
              .formatted(
                  i,
                  i,
                  kinds[i % kinds.length],
                  i % 3 == 0 ? "yes" : "no",
                  i % 2 == 0 ? "yes" : "no"));
    }
    long from = System.nanoTime();
    HttpResponse<String> begun =
        send(
            server
                .request("/api/imports?keep=true")
                .setHeader("Content-Type", "text/csv; charset=utf-8")
                .POST(BodyPublishers.ofString(csv.toString())));
    String id = begun.body().replaceAll("(?s).*\"id\"\\s*:\\s*\"([^\"]+)\".*", "$1");
    String state = begun.body();
    while (state.contains("\"RUNNING\"")) {
      Thread.sleep(50);
      state = send(server.request("/api/imports/" + id).GET()).body();
    }
    double seconds = (System.nanoTime() - from) / 1e9;
    if (!state.contains("\"DONE\"")) {
      throw new IllegalStateException(state);
    }
    return Measured.seconds(IMPORT, seconds, 10);
  }

  private static String twinWithGenerator() {
    String twin = BOAT.formatted(9999).replace("STERNDRIVE", "SHAFT");
    String engine = twin.substring(twin.indexOf("[{") + 1, twin.indexOf("}]") + 1);
    String diesel = engine.replace("PETROL", "DIESEL").replace("RAW_WATER", "CLOSED");
    return twin.replace(
            engine, diesel.replace("CENTER", "PORT") + "," + diesel.replace("CENTER", "STARBOARD"))
        .replace(
            "\"silty\":false,",
            "\"silty\":false,\"accessories\":{\"GENERATOR\":\"YES\",\"AIR_CONDITIONING\":\"YES\"},");
  }

  /** So that there is something to fill with. */
  private static void product(Running server) throws IOException, InterruptedException {
    String product = "{\"name\":\"Measured\",\"base\":\"PG\",\"massFraction\":0.38}";
    send(server.request("/api/bench/products").POST(BodyPublishers.ofString(product)));
  }

  /** Adds a boat and says its id. */
  private String made(Running server, String boat) throws IOException, InterruptedException {
    String answer = send(server.request("/api/boats").POST(BodyPublishers.ofString(boat))).body();
    return answer.replaceAll("(?s).*?\"id\"\\s*:\\s*\"([0-9a-f-]{36})\".*", "$1");
  }

  private Measured listOf1000(Running server) throws IOException, InterruptedException {
    for (int i = 0; i < 1000; i++) {
      String boat = BOAT.formatted(i);
      HttpResponse<String> made =
          send(server.request("/api/boats").POST(BodyPublishers.ofString(boat)));
      if (made.statusCode() != 201) {
        throw new IllegalStateException(made.body());
      }
    }
    int runs = quick ? 300 : 1500;
    HttpRequest.Builder list = server.request("/api/boats").GET();
    for (int i = 0; i < runs; i++) {
      send(list);
    }
    double[] millis = new double[runs];
    for (int i = 0; i < runs; i++) {
      long from = System.nanoTime();
      send(list);
      millis[i] = (System.nanoTime() - from) / 1e6;
    }
    Arrays.sort(millis);
    return Measured.slowest(LIST, millis[runs / 2], millis[(int) (runs * 0.99)], 50);
  }

  /** What a device without signal has kept for a day goes up, as its screens send it. */
  private Measured waiting500(Running server) throws IOException, InterruptedException {
    String boat = made(server, BOAT.formatted(9997));
    String card = UUID.randomUUID().toString();
    waiting(
        server,
        boat,
        List.of(
            ",\"kind\":\"CARD_OPENED\",\"procedure\":\"WINTERIZE\",\"card\":\"%s\""
                .formatted(card)));
    long from = System.nanoTime();
    for (int batch = 0; batch < 5; batch++) {
      List<String> entries = new ArrayList<>();
      for (int i = 0; i < 50; i++) {
        entries.add(
            ",\"kind\":\"FITTING_SET\",\"fitting\":\"battery\",\"state\":\"%s\",\"card\":\"%s\",\"step\":\"drain\""
                .formatted(i % 2 == 0 ? "OFF" : "ON", card));
        entries.add(
            ",\"kind\":\"NOTED\",\"text\":\"number %d\",\"card\":\"%s\",\"step\":\"drain\""
                .formatted(i, card));
      }
      waiting(server, boat, entries);
    }
    double seconds = (System.nanoTime() - from) / 1e9;
    return Measured.seconds(WAITED, seconds, 10);
  }

  /** By a screen that shows the boat, as somebody taps: each is there before the next is sent. */
  private Measured appendTo5000(Running server) throws IOException, InterruptedException {
    String boat = made(server, BOAT.formatted(9996));
    for (int batch = 0; batch < 10; batch++) {
      List<String> notes = new ArrayList<>();
      for (int i = 0; i < 500; i++) {
        notes.add(",\"kind\":\"NOTED\",\"text\":\"number %d\"".formatted(i));
      }
      waiting(server, boat, notes);
    }
    int warm = quick ? 50 : 1_200;
    double[] millis = new double[quick ? 50 : 200];
    String stamp = "none";
    Running.Served before = server.served(WAITING_ENTRIES);
    for (int i = -warm; i < millis.length; i++) {
      if (i == 0) {
        before = server.served(WAITING_ENTRIES);
      }
      String body =
          "{\"entries\":[{\"id\":\"%s\",\"deviceTime\":\"%s\",\"kind\":\"FITTING_SET\",\"fitting\":\"battery\",\"state\":\"%s\"}],\"showing\":{\"boat\":\"%s\"}}"
              .formatted(UUID.randomUUID(), Instant.now(), i % 2 == 0 ? "OFF" : "ON", stamp);
      HttpRequest.Builder request =
          server
              .request("/api/boats/" + boat + "/waiting-entries")
              .POST(BodyPublishers.ofString(body));
      long from = System.nanoTime();
      HttpResponse<String> taken = send(request);
      if (i >= 0) {
        millis[i] = (System.nanoTime() - from) / 1e6;
      }
      stamp =
          JsonParser.parseString(taken.body())
              .getAsJsonObject()
              .getAsJsonObject("after")
              .getAsJsonObject("boat")
              .get("stamp")
              .getAsString();
    }
    Arrays.sort(millis);
    double each = server.served(WAITING_ENTRIES).millisEachSince(before);
    return new Measured(
        APPEND,
        String.format(
            Locale.ROOT, "%.2f ms; asked and answered %.2f", each, millis[millis.length / 2]),
        each,
        Measured.Kind.TIME,
        "under 5 ms",
        each < 5);
  }

  private void waiting(Running server, String boat, List<String> entries)
      throws IOException, InterruptedException {
    String body =
        entries.stream()
            .map(
                fields ->
                    "{\"id\":\"%s\",\"deviceTime\":\"%s\"%s}"
                        .formatted(UUID.randomUUID(), Instant.now(), fields))
            .collect(Collectors.joining(",", "{\"entries\":[", "]}"));
    HttpResponse<String> taken =
        send(
            server
                .request("/api/boats/" + boat + "/waiting-entries")
                .POST(BodyPublishers.ofString(body)));
    if (taken.statusCode() != 200) {
      throw new IllegalStateException(taken.statusCode() + " " + taken.body());
    }
    for (JsonElement answer :
        JsonParser.parseString(taken.body()).getAsJsonObject().getAsJsonArray("answers")) {
      JsonElement reason = answer.getAsJsonObject().get("reason");
      if (reason != null && !reason.isJsonNull()) {
        throw new IllegalStateException("an entry was refused: " + reason.getAsString());
      }
    }
  }

  private static HttpResponse<String> send(HttpRequest.Builder request)
      throws IOException, InterruptedException {
    return Running.send(request);
  }
}
