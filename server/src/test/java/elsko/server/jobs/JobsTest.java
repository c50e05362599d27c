package elsko.server.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What takes long is done apart, seen, stopped, and gone on with. */
@ExtendWith(RunningElsko.class)
class JobsTest {
  private static JsonNode job(UUID id) throws InterruptedException {
    JsonNode job;
    do {
      TimeUnit.MILLISECONDS.sleep(50);
      job = RunningElsko.as("viewer").get("/api/jobs/" + id).body();
    } while (job.path("endedAt").isNull() || job.path("endedAt").isMissingNode());
    return job;
  }

  private static List<JsonNode> all(JobKind kind) {
    return StreamSupport.stream(
            RunningElsko.as("viewer").get("/api/jobs").body().spliterator(), false)
        .filter(job -> job.path("kind").asString().equals(kind.name()))
        .collect(Collectors.toList());
  }

  private static RunningElsko.Answer settings(double marginK) {
    RunningElsko.Answer yard = RunningElsko.as("coordinator").get("/api/yard");
    ObjectNode change = (ObjectNode) yard.body().deepCopy();
    change.put("marginK", marginK);
    change.remove("version");
    String version = "\"" + yard.body().path("version").asLong() + "\"";
    return RunningElsko.as("coordinator").put("/api/yard", change, version);
  }

  @Test
  @Timeout(120)
  void whatTheYardDecidesIsJudgedApartAndWhatItDoesNotChangeDoesNothing() throws Exception {
    double before = RunningElsko.as("viewer").get("/api/yard").body().path("marginK").asDouble();
    int jobs = all(JobKind.REASSESS).size();
    long version = RunningElsko.as("viewer").get("/api/yard").body().path("version").asLong();
    RunningElsko.Answer same = settings(before);
    assertThat(same.status()).isEqualTo(200);
    assertThat(same.body().path("version").asLong()).isEqualTo(version);
    assertThat(all(JobKind.REASSESS)).as("nothing was decided").hasSize(jobs);
    try {
      assertThat(settings(before + 9).status()).isEqualTo(200);
      JsonNode begun = all(JobKind.REASSESS).get(0);
      JsonNode ended = job(UUID.fromString(begun.path("id").asString()));
      assertThat(ended.path("state").asString()).isEqualTo("DONE");
      assertThat(ended.path("person").asString()).isEqualTo("coordinator");
      int boats = RunningElsko.as("viewer").get("/api/boats").body().size();
      assertThat(ended.path("done").asInt()).isGreaterThanOrEqualTo(boats - 5).isPositive();
      assertThat(ended.path("words").asString()).contains("boats, of which");
    } finally {
      settings(before);
      job(UUID.fromString(all(JobKind.REASSESS).get(0).path("id").asString()));
    }
  }

  @Test
  @Timeout(120)
  void lettersGoOnBehindTheLastThatWasPutOut() throws Exception {
    List<String> safe =
        StreamSupport.stream(
                RunningElsko.as("viewer").get("/api/boats").body().spliterator(), false)
            .filter(boat -> boat.path("protection").asString().equals("PROVEN"))
            .map(boat -> boat.path("id").asString())
            .limit(3)
            .toList();
    assertThat(safe).hasSize(3);
    int before = RunningElsko.as("coordinator").get("/api/mail").body().size();
    Job broken =
        new Job(
            UUID.randomUUID(),
            JobKind.LETTERS,
            String.join(" ", safe),
            "coordinator",
            RunningElsko.now());
    broken.runs();
    broken.isAt(1, 3);
    Job planning =
        new Job(UUID.randomUUID(), JobKind.PLANNING, "", "coordinator", RunningElsko.now());
    planning.runs();
    RunningElsko.bean(JobRepository.class).saveAll(List.of(broken, planning));
    RunningElsko.bean(Jobs.class).goOn();
    assertThat(job(broken.id()).path("state").asString()).isEqualTo("DONE");
    assertThat(RunningElsko.as("coordinator").get("/api/mail").body().size() - before)
        .as("the first was out already")
        .isEqualTo(2);
    assertThat(job(planning.id()).path("words").asString()).contains("Begin it again");
  }

  @Test
  @Timeout(120)
  void aSearchIsStoppedWhereEverythingIs() throws Exception {
    Map<String, Object> search = new HashMap<>(Map.of("seconds", 100));
    assertThat(RunningElsko.as("coordinator").post("/api/walks/search", search).status())
        .isEqualTo(200);
    UUID id = UUID.fromString(all(JobKind.PLANNING).get(0).path("id").asString());
    assertThat(RunningElsko.as("technician").delete("/api/jobs/" + id).status()).isEqualTo(403);
    assertThat(RunningElsko.as("coordinator").delete("/api/jobs/" + id).status()).isEqualTo(200);
    assertThat(job(id).path("state").asString()).isIn("DONE", "STOPPED");
    assertThat(RunningElsko.as("coordinator").delete("/api/jobs/" + id).status()).isEqualTo(200);
    assertThat(RunningElsko.as("coordinator").get("/api/jobs/" + UUID.randomUUID()).status())
        .isEqualTo(404);
    RunningElsko.as("coordinator").delete("/api/walks/draft");
  }
}
