package elsko.bench.faults;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipFile;

/**
 * Requests nobody should send, over every operation and role: none may fail the server, and one
 * that is refused may change nothing.
 */
final class BadRequests implements Faults.Fault {
  private static final long WANTED = 100_000;
  private static final int BATCH = 500;
  private static final int ASKED_AGAIN = 120;
  private static final List<String> ROLES =
      List.of("coordinator", "technician", "yardhand", "viewer", "");
  private static final Set<String> READS = Set.of("get", "head");

  /** When a device was used, and when the simulated post took a letter, is nobody's request. */
  private static final Set<String> NOT_THE_YARD = Set.of("known_device", "mail");

  private record Operation(String method, String path, JsonObject schema) {}

  private JsonObject schemas;
  private List<String> boats;

  @Override
  public boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException {
    try (Running server = Running.demonstration(root, folder.resolve("asked"))) {
      List<Operation> operations = operations(server);
      boats = boats(server);
      String before = state(server, folder);
      while (tally.of("asked") < WANTED) {
        long seed = tally.of("asked");
        boolean changed = false;
        // Every other time only by those who may change nothing: then nothing may have changed.
        boolean all = seed / BATCH % 2 == 0;
        List<String> roles = all ? ROLES : ROLES.subList(3, ROLES.size());
        for (int i = 0; i < BATCH; i++) {
          changed |= ask(server, operations, roles, new Random(seed + i), tally);
        }
        String after = state(server, folder);
        // What is answered to those who may change nothing may have changed nothing either.
        boolean same = !all || !changed;
        if (same && !after.equals(before)) {
          tally.add("changed by a refused one", 1);
          System.out.printf(
              "  CHANGED between request %d and %d: %s%n",
              seed, seed + BATCH, different(before, after));
        }
        if (same) {
          tally.add("batches compared", 1);
        }
        before = after;
        tally.add("asked", BATCH);
        tally.keep();
      }
    }
    System.out.printf(
        "  %,d asked: %,d refused, %,d answered, %,d failed the server; %,d batches of %d compared,"
            + " %d changed by refused ones%n",
        tally.of("asked"),
        tally.of("4"),
        tally.of("2") + tally.of("3"),
        tally.of("5") + tally.of("none"),
        tally.of("batches compared"),
        BATCH,
        tally.of("changed by a refused one"));
    return tally.of("5") == 0 && tally.of("none") == 0 && tally.of("changed by a refused one") == 0;
  }

  private List<Operation> operations(Running server) throws IOException, InterruptedException {
    JsonObject contract =
        JsonParser.parseString(Running.send(server.request("/api/openapi").GET()).body())
            .getAsJsonObject();
    schemas = contract.getAsJsonObject("components").getAsJsonObject("schemas");
    List<Operation> found = new ArrayList<>();
    for (Map.Entry<String, JsonElement> path : contract.getAsJsonObject("paths").entrySet()) {
      for (Map.Entry<String, JsonElement> each : path.getValue().getAsJsonObject().entrySet()) {
        if (path.getKey().contains("/events") || path.getKey().contains("yard.zip")) {
          continue;
        }
        found.add(
            new Operation(each.getKey(), path.getKey(), schema(each.getValue().getAsJsonObject())));
      }
    }
    return found;
  }

  private static JsonObject schema(JsonObject operation) {
    JsonObject body = operation.getAsJsonObject("requestBody");
    JsonObject json =
        body == null ? null : body.getAsJsonObject("content").getAsJsonObject("application/json");
    return json == null ? null : json.getAsJsonObject("schema");
  }

  private static List<String> boats(Running server) throws IOException, InterruptedException {
    List<String> ids = new ArrayList<>();
    String all = Running.send(server.request("/api/boats").GET()).body();
    JsonParser.parseString(all)
        .getAsJsonArray()
        .forEach(boat -> ids.add(boat.getAsJsonObject().get("id").getAsString()));
    return ids;
  }

  private static List<String> different(String before, String after) {
    return after.lines().filter(line -> !before.contains(line)).toList();
  }

  /** The whole yard, as its archive tells it apart from another. */
  private static String state(Running server, Path folder)
      throws IOException, InterruptedException {
    Path file = folder.resolve("state.zip");
    HttpResponse<Path> archive = archive(server, file);
    // One is being written, or somebody guessed too often: it is asked for again, for a while.
    for (int again = 0; archive.statusCode() != 200; again++) {
      if (again == ASKED_AGAIN) {
        throw new IOException("The archive is not given: " + archive.statusCode());
      }
      Thread.sleep(1_000);
      archive = archive(server, file);
    }
    StringBuilder state = new StringBuilder();
    try (ZipFile zip = new ZipFile(file.toFile())) {
      zip.stream()
          .filter(entry -> entry.getName().startsWith("tables/"))
          .filter(entry -> NOT_THE_YARD.stream().noneMatch(entry.getName()::contains))
          .forEach(
              entry ->
                  state.append(entry.getName()).append(' ').append(entry.getCrc()).append('\n'));
    }
    Files.deleteIfExists(file);
    return state.toString();
  }

  private static HttpResponse<Path> archive(Running server, Path file)
      throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(server.request("/api/archive/yard.zip").GET().build(), BodyHandlers.ofFile(file));
  }

  /**
   * @return whether it may have changed something
   */
  private boolean ask(
      Running server, List<Operation> operations, List<String> roles, Random chance, Tally tally)
      throws IOException, InterruptedException {
    Operation one = operations.get(chance.nextInt(operations.size()));
    String role = roles.get(chance.nextInt(roles.size()));
    boolean kills = one.method().equals("delete") || one.path().startsWith("/api/people");
    String path = one.path();
    while (path.contains("{")) {
      path = path.replaceFirst("\\{[^}]*\\}", part(chance, kills));
    }
    if (chance.nextInt(4) == 0) {
      path += "?" + word(chance, "boat", "from", "limit", "before", "units") + "=" + odd(chance);
    }
    HttpRequest.Builder request;
    try {
      request = server.request(path, role);
    } catch (IllegalArgumentException noAddress) {
      return false;
    }
    if (chance.nextInt(5) == 0) {
      request.setHeader(
          "Content-Type",
          word(
              chance,
              "text/plain",
              "text/csv",
              "image/png",
              "multipart/form-data",
              "application/x"));
    }
    if (chance.nextBoolean()) {
      request.header("If-Match", word(chance, "\"0\"", "*", "x", "\"99999999999999999999\""));
    }
    String body = one.schema() == null && chance.nextBoolean() ? "" : body(one.schema(), chance);
    request.method(
        one.method().toUpperCase(java.util.Locale.ROOT),
        READS.contains(one.method()) ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
    try {
      HttpResponse<String> answer = Running.send(request);
      int kind = answer.statusCode() / 100;
      tally.add(String.valueOf(kind), 1);
      if (kind == 5) {
        System.out.printf(
            "  %d to %s %s as %s: %s%n    %s%n",
            answer.statusCode(),
            one.method(),
            path,
            role,
            body.length() > 300 ? body.substring(0, 300) + "…" : body,
            answer.body().length() > 200 ? answer.body().substring(0, 200) : answer.body());
      }
      return kind < 4 && !READS.contains(one.method()) && !isWorkedOut(one.path());
    } catch (IOException none) {
      tally.add("none", 1);
      System.out.printf("  no answer to %s %s: %s%n", one.method(), path, none);
      return true;
    }
  }

  /** Asked with a body, kept nowhere. */
  private static boolean isWorkedOut(String path) {
    return path.matches(
        "/api/bench/(protection|strength|verdict|blend|topping|ratio|disinfection|fuel|fill)"
            + "|/api/boats/.*/fill-forecast|/api/frost/pocket|/api/boats/draft|/api/weather/days/check");
  }

  private String part(Random chance, boolean kills) {
    return switch (chance.nextInt(kills ? 5 : 9)) {
      case 0 -> UUID.randomUUID().toString();
      case 1 -> "x";
      case 2 -> "%00";
      case 3 -> "..%2f..";
      case 4 -> "9".repeat(1 + chance.nextInt(40));
      default -> boats.get(chance.nextInt(boats.size()));
    };
  }

  private static String word(Random chance, String... words) {
    return words[chance.nextInt(words.length)];
  }

  private static String odd(Random chance) {
    return word(
        chance,
        "",
        "x",
        "-1",
        "99999999999999999999",
        "NaN",
        "2031-99-99",
        "%ff%fe",
        "null",
        "0x10");
  }

  private String body(JsonObject schema, Random chance) {
    return switch (chance.nextInt(8)) {
      case 0 -> "";
      case 1 -> "{";
      case 2 -> "[" + "[".repeat(chance.nextInt(2_000));
      case 3 -> "null";
      case 4 -> "\"" + "x".repeat(chance.nextInt(20_000)) + "\"";
      default -> schema == null ? "{}" : value(schema, chance, 0).toString();
    };
  }

  /** As the contract has it, but here and there something else. */
  private JsonElement value(JsonObject schema, Random chance, int depth) {
    if (chance.nextInt(12) == 0 || depth > 6) {
      return wrong(chance);
    }
    if (schema.has("$ref")) {
      String name = schema.get("$ref").getAsString().replaceAll(".*/", "");
      return value(schemas.getAsJsonObject(name), chance, depth + 1);
    }
    for (String either : List.of("oneOf", "anyOf", "allOf")) {
      if (schema.has(either)) {
        JsonArray all = schema.getAsJsonArray(either);
        return value(all.get(chance.nextInt(all.size())).getAsJsonObject(), chance, depth + 1);
      }
    }
    if (schema.has("enum")) {
      JsonArray all = schema.getAsJsonArray("enum");
      return all.get(chance.nextInt(all.size()));
    }
    if (schema.has("properties")) {
      JsonObject made = new JsonObject();
      for (Map.Entry<String, JsonElement> each : schema.getAsJsonObject("properties").entrySet()) {
        if (chance.nextInt(10) > 0) {
          made.add(each.getKey(), value(each.getValue().getAsJsonObject(), chance, depth + 1));
        }
      }
      return made;
    }
    if (schema.has("items")) {
      JsonArray made = new JsonArray();
      for (int i = chance.nextInt(3); i >= 0; i--) {
        made.add(value(schema.getAsJsonObject("items"), chance, depth + 1));
      }
      return made;
    }
    return plain(schema, chance);
  }

  private JsonElement plain(JsonObject schema, Random chance) {
    String type = schema.has("type") ? schema.get("type").toString() : "";
    String format = schema.has("format") ? schema.get("format").getAsString() : "";
    if (type.contains("number") || type.contains("integer")) {
      return JsonParser.parseString(word(chance, "0", "1", "-1", "3.5", "1e9", "-273.2", "1e308"));
    }
    if (type.contains("boolean")) {
      return JsonParser.parseString(word(chance, "true", "false"));
    }
    return JsonParser.parseString(
        switch (format) {
          case "uuid" -> "\"" + part(chance, false).replaceAll("[^0-9a-f-]", "0") + "\"";
          case "date" -> word(chance, "\"2026-11-24\"", "\"-999999999-01-01\"", "\"9999-12-31\"");
          case "date-time" ->
              word(
                  chance,
                  "\"2026-11-24T09:10:00Z\"",
                  "\"+1000000000-12-31T23:59:59Z\"",
                  "\"-999999999-01-01T00:00:00Z\"");
          default -> word(chance, "\"engine\"", "\"\"", "\"\\u0000\"", "\"\\u202e\\n\"", "\"x\"");
        });
  }

  private static JsonElement wrong(Random chance) {
    return JsonParser.parseString(
        word(
            chance,
            "null",
            "true",
            "-1",
            "1e400",
            "\"\"",
            "[]",
            "{}",
            "\"\\ud800\"",
            "99999999999999999999",
            "[null]",
            "\"" + "y".repeat(5_000) + "\""));
  }
}
