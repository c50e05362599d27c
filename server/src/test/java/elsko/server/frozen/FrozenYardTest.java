package elsko.server.frozen;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.Elsko;
import elsko.server.archive.Restore;
import elsko.server.fleet.Fleet;
import elsko.server.frost.FleetFrost;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A whole yard, as its archive keeps it and as the demonstration tells it, comes to what it came to
 * before. After a change that is meant to change something, run with {@code -Delsko.approve=true}
 * and read the difference before it is kept.
 */
class FrozenYardTest {
  private static final String AT = "2026-11-24T09:10";
  private static final Path KEPT = Path.of("src/test/resources/frozen");
  private static final Path YARD = KEPT.resolve("yard.json");
  private static final Path YARD_OF_ARCHIVE = KEPT.resolve("yard-schema-15.json");
  private static final Path ARCHIVE = KEPT.resolve("yard-schema-15.zip");
  private static final Path FIRST = Path.of("src/test/resources/archives/schema-01.zip");
  private static final Path OLD_YARD = KEPT.resolve("old-yard.json");
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  @TempDir Path folder;

  private static ConfigurableApplicationContext start(Path data) {
    return SpringApplication.run(
        Elsko.class,
        "--server.port=0",
        "--elsko.demo=true",
        "--elsko.at=" + AT,
        "--elsko.clock-stands-still=true",
        "--elsko.data=" + data,
        "--logging.level.root=ERROR",
        "--logging.level.elsko=ERROR");
  }

  /** Every boat by name, by when it must be dealt with, and what is on the shelf. */
  private static String all(ConfigurableApplicationContext elsko) throws Exception {
    Map<String, Object> yard = new TreeMap<>();
    yard.put("boats", boats(elsko));
    Map<String, Object> deadlines = new TreeMap<>();
    for (FleetFrost.Dated dated : elsko.getBean(FleetFrost.class).dated()) {
      deadlines.put(
          dated.standing().name(),
          "%s, look at %s".formatted(dated.outlook().circuits(), dated.past().lookFirst()));
    }
    yard.put("deadlines", deadlines);
    yard.put("stock", csv(elsko, "/api/stores/stock.csv"));
    yard.put("due", csv(elsko, "/api/due/list.csv"));
    return JSON.writeValueAsString(yard) + "\n";
  }

  private static Map<String, Object> boats(ConfigurableApplicationContext elsko) {
    Yards yards = elsko.getBean(Yards.class);
    Map<String, Object> boats = new TreeMap<>();
    for (Folded folded : elsko.getBean(Log.class).folded(elsko.getBean(Fleet.class).ids())) {
      boats.put(
          folded.boat().name(),
          Frozen.boat(
              folded.state(),
              folded.log(),
              yards.practices(),
              elsko.getBean(Clock.class).instant()));
    }
    return boats;
  }

  private static List<String> csv(ConfigurableApplicationContext elsko, String path)
      throws Exception {
    byte[] body = get(elsko, path).body();
    return new String(body, StandardCharsets.UTF_8).lines().sorted().toList();
  }

  private static HttpResponse<byte[]> get(ConfigurableApplicationContext elsko, String path)
      throws IOException, InterruptedException {
    String port = elsko.getEnvironment().getProperty("local.server.port");
    String pair =
        Base64.getEncoder().encodeToString("coordinator:demo".getBytes(StandardCharsets.UTF_8));
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
            .header("Authorization", "Basic " + pair)
            .build();
    HttpResponse<byte[]> answer =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
    assertThat(answer.statusCode()).as(path).isEqualTo(200);
    return answer;
  }

  private static void isAsKept(Path file, String now) throws IOException {
    if (Boolean.getBoolean("elsko.approve")) {
      Files.createDirectories(KEPT);
      Files.writeString(file, now);
    }
    assertThat(now).isEqualTo(Files.readString(file));
  }

  @Test
  void theDemonstrationComesToWhatItCameTo() throws Exception {
    try (ConfigurableApplicationContext elsko = start(folder.resolve("demo"))) {
      isAsKept(YARD, all(elsko));
    }
  }

  @Test
  void itsArchiveOfSchema15ComesToWhatItCameTo() throws Exception {
    Path data = folder.resolve("restored");
    assertThat(Restore.into(data, ARCHIVE).schema()).isEqualTo("15");
    try (ConfigurableApplicationContext elsko = start(data)) {
      isAsKept(YARD_OF_ARCHIVE, all(elsko));
    }
  }

  /** The archives of all schemas come to the same rows; this is what follows from those. */
  @Test
  void theFirstSchemasYardComesToWhatItCameTo() throws Exception {
    Path data = folder.resolve("first");
    assertThat(Restore.into(data, FIRST).schema()).isEqualTo("1");
    try (ConfigurableApplicationContext elsko = start(data)) {
      isAsKept(OLD_YARD, JSON.writeValueAsString(boats(elsko)) + "\n");
    }
  }

  @Test
  @EnabledIfSystemProperty(named = "elsko.fixtures.write", matches = "true")
  void writesTheArchiveThatIsMissing() throws Exception {
    if (!Files.exists(ARCHIVE)) {
      try (ConfigurableApplicationContext elsko = start(folder.resolve("demo"))) {
        Files.createDirectories(KEPT);
        Files.write(ARCHIVE, get(elsko, "/api/archive/yard.zip").body());
      }
    }
  }
}
