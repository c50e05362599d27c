package elsko.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.Elsko;
import elsko.server.RunningElsko;
import elsko.server.clock.YardClock;
import elsko.server.fleet.Fleet;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.said.NewEntry;
import elsko.server.work.log.Log;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** The launcher's backup of a yard in which people go on writing, and what comes back of it. */
class BackupUnderLoadTest {
  private static final int BEFORE = 40;
  @TempDir Path folder;

  private static String run(String... args) {
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    int code = Commands.run(args, new PrintStream(said, true, StandardCharsets.UTF_8));
    return code + " " + said.toString(StandardCharsets.UTF_8);
  }

  private static ConfigurableApplicationContext start(Path data) {
    return SpringApplication.run(
        Elsko.class,
        "--server.port=0",
        "--elsko.demo=true",
        "--elsko.at=" + RunningElsko.begins(),
        "--elsko.data=" + data,
        "--logging.level.root=ERROR",
        "--logging.level.elsko=ERROR");
  }

  @Test
  void everyEntryAcknowledgedBeforeItBeganIsInIt() throws Exception {
    Path data = folder.resolve("yard");
    Path file = folder.resolve("backup.zip");
    Set<String> before;
    try (ConfigurableApplicationContext context = start(data)) {
      Log log = context.getBean(Log.class);
      UUID boat = context.getBean(Fleet.class).ids().get(0);
      YardClock clock = context.getBean(YardClock.class);
      ConcurrentLinkedQueue<String> acknowledged = new ConcurrentLinkedQueue<>();
      AtomicBoolean stop = new AtomicBoolean();
      CountDownLatch some = new CountDownLatch(BEFORE);
      Thread writing =
          new Thread(
              () -> {
                while (!stop.get()) {
                  acknowledged.add(note(log, boat, clock.instant()));
                  some.countDown();
                }
              });
      writing.start();
      assertThat(some.await(60, TimeUnit.SECONDS)).isTrue();
      before = new HashSet<>(acknowledged);
      String said = run("backup", file.toString(), data.toString());
      stop.set(true);
      writing.join();
      assertThat(said).startsWith("0 Backed up Fennholm Yard").contains("checked");
      assertThat(acknowledged.size()).isGreaterThan(before.size());
      assertThat(run("backup", file.toString(), data.toString()))
          .startsWith("1 ")
          .contains("already");
      assertThat(unknownKey(context)).isEqualTo(404);
    }
    assertThat(data.resolve("control")).doesNotExist();
    Path second = folder.resolve("second.zip");
    assertThat(run("backup", second.toString(), data.toString())).startsWith("0 ");

    Path brought = folder.resolve("brought");
    assertThat(run("restore", file.toString(), brought.toString())).startsWith("0 Restored");
    Set<String> found = new HashSet<>();
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + brought.resolve("elsko"), "elsko", "");
        ResultSet ids = connection.createStatement().executeQuery("select id from entry")) {
      while (ids.next()) {
        found.add(ids.getString(1));
      }
    }
    assertThat(found).containsAll(before);
    assertThat(run("restore", file.toString(), brought.toString()))
        .startsWith("1 ")
        .contains("not empty");
    try (ConfigurableApplicationContext context = start(brought)) {
      assertThat(context.getBean(Fleet.class).lines()).isNotEmpty();
    }
  }

  private static String note(Log log, UUID boat, Instant at) {
    UUID id = UUID.randomUUID();
    NewEntry body =
        JsonMapper.builder()
            .build()
            .readValue(
                "{\"id\":\"%s\",\"kind\":\"NOTED\",\"text\":\"under load\",\"deviceTime\":\"%s\"}"
                    .formatted(id, at),
                NewEntry.class);
    log.append(boat, List.of(body), null, new SignedIn("technician", Role.TECHNICIAN));
    return id.toString();
  }

  private static int unknownKey(ConfigurableApplicationContext context) throws Exception {
    String port = context.getEnvironment().getProperty("local.server.port");
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/archive/copy"))
            .header("X-Elsko-Control", "guessed")
            .POST(HttpRequest.BodyPublishers.noBody())
            .build();
    return HttpClient.newHttpClient()
        .send(request, HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  @Test
  void whatIsNoYardIsNotBackedUp() throws Exception {
    assertThat(run("backup", folder.resolve("x.zip").toString(), folder.toString()))
        .isEqualTo("1 elsko: There is no yard in %s.\n".formatted(folder.getFileName()));
    assertThat(
            run("restore", folder.resolve("none.zip").toString(), folder.resolve("n").toString()))
        .startsWith("1 ")
        .contains("no file");
    assertThat(run("lose", "a", "b")).startsWith("2 ");
    assertThat(Files.list(folder)).isEmpty();
  }
}
