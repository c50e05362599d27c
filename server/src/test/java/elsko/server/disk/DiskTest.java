package elsko.server.disk;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.Elsko;
import elsko.server.RunningElsko;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The disk fills up or can only be read, and comes back: on a database in a real file. */
class DiskTest {
  @TempDir(cleanup = CleanupMode.NEVER)
  private static Path folder;

  private static ConfigurableApplicationContext elsko;

  @BeforeAll
  static void start() {
    FailingFiles.register();
    elsko =
        SpringApplication.run(
            Elsko.class,
            "--server.port=0",
            "--elsko.demo=true",
            "--elsko.at=" + RunningElsko.begins(),
            "--elsko.data=" + folder,
            "--elsko.disk.reserve-mb=0",
            "--elsko.plan.moves-a-second=100",
            "--spring.datasource.url=jdbc:h2:file:%s:%s/elsko;WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE"
                .formatted(FailingFiles.SCHEME, folder),
            "--logging.level.root=OFF");
  }

  @AfterAll
  static void stop() {
    FailingFiles.say("");
    elsko.close();
  }

  private static HttpResponse<String> ask(
      String method, String path, String body, String password) {
    String port = elsko.getEnvironment().getProperty("local.server.port");
    String who = Base64.getEncoder().encodeToString(("coordinator:" + password).getBytes());
    try {
      return HttpClient.newHttpClient()
          .send(
              HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                  .header("Authorization", "Basic " + who)
                  .header("Content-Type", "application/json")
                  .method(
                      method,
                      body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                  .build(),
              BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String boat() {
    return RunningElsko.JSON
        .readTree(ask("GET", "/api/boats", null, "demo").body())
        .get(0)
        .path("id")
        .asString();
  }

  private static HttpResponse<String> note(String boat, UUID id) {
    Map<String, Object> entry =
        Map.of(
            "id",
            id,
            "kind",
            "NOTED",
            "deviceTime",
            Instant.now().toString(),
            "text",
            "x".repeat(900));
    String body =
        RunningElsko.JSON.writeValueAsString(
            Map.of("entries", List.of(entry), "sentAt", Instant.now().toString()));
    return ask("POST", "/api/boats/" + boat + "/entries", body, "demo");
  }

  @ParameterizedTest
  @CsvSource({
    "No space left on device, disk is full",
    "Read-only file system, only be read",
    "Input/output error, away"
  })
  @Timeout(120)
  void whatWasAcknowledgedIsThereAgainWhenTheDiskIs(String failure, String words) throws Exception {
    String boat = boat();
    List<UUID> kept = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      UUID id = UUID.randomUUID();
      assertThat(note(boat, id).statusCode()).isEqualTo(200);
      kept.add(id);
    }
    FailingFiles.say(failure);
    UUID unsure = UUID.randomUUID();
    HttpResponse<String> refused = note(boat, unsure);
    assertThat(refused.statusCode()).isEqualTo(503);
    assertThat(refused.body()).contains(words).doesNotContain("Exception");
    assertThat(refused.headers().firstValue("Retry-After")).isPresent();
    for (int i = 0; i < 12; i++) {
      assertThat(note(boat, UUID.randomUUID()).statusCode()).isEqualTo(503);
      assertThat(ask("GET", "/api/boats", null, "demo").statusCode())
          .as("never 401")
          .isIn(200, 503);
    }
    assertThat(ask("GET", "/api/boats", null, "wrong").statusCode()).isIn(401, 503);
    assertThat(elsko.getBean(DiskHealthIndicator.class).health().getStatus().getCode())
        .isEqualTo("DOWN");
    FailingFiles.say("");
    int status = 503;
    for (int i = 0; i < 300 && status == 503; i++) {
      TimeUnit.MILLISECONDS.sleep(100);
      status = note(boat, unsure).statusCode();
    }
    assertThat(status).as("without a restart, and the same again is kept once").isEqualTo(200);
    kept.add(unsure);
    String log = ask("GET", "/api/boats/" + boat + "/log", null, "demo").body();
    kept.forEach(id -> assertThat(log).containsOnlyOnce("\"" + id));
    assertThat(elsko.getBean(DiskHealthIndicator.class).health().getStatus().getCode())
        .isEqualTo("UP");
  }

  @Test
  void beforeADiskIsQuiteFullNothingIsWrittenAndEverythingRead() {
    Disk nearlyFull =
        new Disk(
            elsko.getBeanProvider(com.zaxxer.hikari.HikariDataSource.class),
            new Ending(folder),
            folder,
            1_000_000_000);
    assertThat(nearlyFull.whyNotKept()).isEqualTo(Trouble.FULL);
    assertThat(nearlyFull.trouble()).as("reading goes on").isNull();
  }

  @Test
  @Timeout(120)
  void aDatabaseThatIsDamagedAtTheStartEndsWithItsOwnNumber(@TempDir Path other)
      throws IOException, InterruptedException {
    java.nio.file.Files.write(other.resolve("elsko.mv.db"), new byte[40_000]);
    java.nio.file.Path java =
        Path.of(System.getProperty("java.home")).resolve("bin").resolve("java");
    Process start =
        new ProcessBuilder(
                java.toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                Elsko.class.getName(),
                "--elsko.data=" + other,
                "--server.port=0")
            .redirectErrorStream(true)
            .start();
    String said = new String(start.getInputStream().readAllBytes());
    assertThat(start.waitFor()).as(said).isEqualTo(74);
    assertThat(said).contains("does not open", "there is no backup beside it");
  }

  @Test
  void aDamagedDatabaseNamesTheBackupToRestore() throws IOException {
    Path backups = java.nio.file.Files.createDirectories(folder.resolve("backups"));
    java.nio.file.Files.createFile(backups.resolve("elsko-2026-11-01-030000.zip"));
    assertThat(Ending.damaged(folder))
        .contains("./elsko restore")
        .contains("elsko-2026-11-01-030000.zip");
    assertThat(Trouble.of(new java.sql.SQLException("File corrupted", "90030", 90030)))
        .isEqualTo(Trouble.DAMAGED);
  }
}
