package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.jobs.JobKind;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class ImportTest {
  private static final String HEAD =
      "hull_id,name,hull_length_m,layout,engines,fuel,cylinders,cooling,water,generator\n";

  private static JsonNode done(String csv, boolean keep) throws Exception {
    var coordinator = RunningElsko.as("coordinator");
    var begun = coordinator.postCsv("/api/imports?keep=" + keep, csv);
    assertThat(begun.status()).as(begun.raw().body()).isEqualTo(202);
    String path = "/api/imports/" + begun.body().path("id").asString();
    Background.ends(JobKind.IMPORT);
    return coordinator.get(path).body();
  }

  private static int boats() {
    return RunningElsko.as("viewer").get("/api/boats").body().size();
  }

  private static String id() {
    return UUID.randomUUID().toString().substring(0, 8);
  }

  @Test
  void everyProblemIsNamedByRowAndColumnAndNothingIsKept() throws Exception {
    int before = boats();
    String csv =
        HEAD
            + "I1-%s,Import A %s,7.1,sterndrive,1,petrol,8,raw_water,salt,no\n"
                .formatted(id(), id())
            + "I2-%s,Import B %s,seven,outboard,1,petrol,4,raw_water,sea,no\n".formatted(id(), id())
            + "I3-%s,Import C %s,8,saildrive,1,petrol,3,closed,salt,perhaps\n"
                .formatted(id(), id());
    JsonNode job = done(csv, true);
    assertThat(job.path("state").asString()).isEqualTo("REFUSED");
    assertThat(job.path("problems").toString())
        .contains("\"row\":3", "hull_length_m", "not a number", "not one of fresh")
        .contains("\"row\":4", "fuel", "A saildrive here is a diesel", "generator")
        .doesNotContain("\"row\":2");
    assertThat(boats()).isEqualTo(before);
  }

  @Test
  void aGoodFileIsLookedAtFirstThenKeptAndByHullIdUpdated() throws Exception {
    String hull = "U-" + id();
    String row =
        hull + ",Imported %s,7.1,sterndrive,1,petrol,8,raw_water,salt,no\n".formatted(hull);
    int before = boats();
    JsonNode look = done(HEAD + row, false);
    assertThat(look.path("added").asInt()).isEqualTo(1);
    assertThat(boats()).isEqualTo(before);
    assertThat(done(HEAD + row, true).path("state").asString()).isEqualTo("DONE");
    assertThat(boats()).isEqualTo(before + 1);
    JsonNode again = done(HEAD + row, true);
    assertThat(again.path("unchanged").asInt()).isEqualTo(1);
    JsonNode changed = done(HEAD + row.replace("7.1", "7.4"), true);
    assertThat(changed.path("changed").asInt()).isEqualTo(1);
    assertThat(boats()).isEqualTo(before + 1);
    assertThat(RunningElsko.as("coordinator").get("/api/imports/fleet.csv").raw().body())
        .contains(hull + ",Imported " + hull + ",power,7.4,sterndrive");
  }

  @Test
  void newHoursLeaveWhatThisHullHasDifferently() throws Exception {
    String hull = "H-" + id();
    var boat = Yarn.described("Hull " + hull);
    boat.put("hullId", hull);
    boat.put(
        "segmentChanges",
        List.of(
            Map.of("circuit", "engine", "segment", "intake-hose", "liters", 1.9, "gone", false)));
    var made = RunningElsko.as("coordinator").post("/api/boats", boat);
    assertThat(made.status()).as(made.raw().body()).isEqualTo(201);
    String csv = "hull_id,name,hours\n%s,Hull %s,733\n".formatted(hull, hull);
    assertThat(done(csv, true).path("changed").asInt()).isEqualTo(1);
    String after =
        RunningElsko.as("viewer")
            .get("/api/boats/" + made.body().path("id").asString())
            .body()
            .path("description")
            .toString();
    assertThat(after).contains("\"hours\":733.0", "\"liters\":1.9");
  }

  @Test
  void theSameTwiceInAFileIsSaidWithTheFirstRow() throws Exception {
    String name = "Twice " + id();
    String row = ",%s,7,outboard,1,petrol,4,raw_water,salt,no\n".formatted(name);
    assertThat(done(HEAD + row + row, true).path("problems").toString())
        .contains("\"row\":3", "The same as in row 2");
  }

  @Test
  void whatIsNoFleetFileIsRefusedAsAWhole() throws Exception {
    assertThat(done("boat;engine\nx;y\n", false).path("reason").asString()).contains("no column");
    assertThat(done("name\n", false).path("reason").asString()).contains("no boats");
    assertThat(done("name,layout\n\"unclosed,outboard\n", false).path("reason").asString())
        .contains("cannot be read as CSV");
    assertThat(RunningElsko.as("coordinator").postCsv("/api/imports", " ").field())
        .isEqualTo("csv");
  }

  @Test
  void theSampleFileHasOneBrokenRowAndIsGoodWithoutIt() throws Exception {
    String sample = Files.readString(Path.of("../docs/fleet-sample.csv"));
    JsonNode job = done(sample, true);
    assertThat(job.path("problemCount").asInt()).isEqualTo(1);
    assertThat(job.path("problems").get(0).path("column").asString()).isEqualTo("exhaust");
    JsonNode mended =
        done(
            sample.replace(
                "outboard,1,petrol,4,raw_water,water_lift", "outboard,1,petrol,4,raw_water,"),
            false);
    assertThat(mended.path("problemCount").asInt()).isZero();
  }

  @Test
  void whatWasWrittenOutReadsInUnchanged() throws Exception {
    String fleet = RunningElsko.as("coordinator").get("/api/imports/fleet.csv").raw().body();
    JsonNode job =
        done(
            fleet
                .lines()
                .filter(line -> !line.startsWith("\"\","))
                .reduce("", (a, b) -> a + b + "\n"),
            false);
    assertThat(job.path("problems").toString()).isEqualTo("[]");
    assertThat(job.path("changed").asInt()).as(job.toString()).isZero();
  }

  @Test
  void textThatLooksLikeAFormulaStaysTextOutAndIn() throws Exception {
    String hull = "F-" + id();
    String csv =
        "hull_id,name,hull_length_m,layout,engines,fuel,cylinders,cooling,water,owner\n"
            + "%s,Formula %s,7,outboard,1,petrol,4,raw_water,fresh,'=1+1\n".formatted(hull, hull);
    assertThat(done(csv, true).path("added").asInt()).isEqualTo(1);
    String out = RunningElsko.as("coordinator").get("/api/imports/fleet.csv").raw().body();
    String line = out.lines().filter(l -> l.startsWith(hull)).findFirst().orElseThrow();
    assertThat(line).contains(",'=1+1,");
    String heading = out.lines().findFirst().orElseThrow();
    assertThat(done(heading + "\n" + line + "\n", false).path("unchanged").asInt()).isEqualTo(1);
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void aStoppedImportKeepsNothing(boolean keeps) throws Exception {
    StringBuilder csv = new StringBuilder(HEAD);
    String run = id();
    for (int i = 0; i < 8000; i++) {
      csv.append(
          "S-%s-%d,Stopped %s %d,7,outboard,1,petrol,4,raw_water,salt,no\n"
              .formatted(run, i, run, i));
    }
    int before = boats();
    var coordinator = RunningElsko.as("coordinator");
    var begun = coordinator.postCsv("/api/imports?keep=" + keeps, csv.toString());
    String path = "/api/imports/" + begun.body().path("id").asString();
    coordinator.delete(path);
    Background.ends(JobKind.IMPORT);
    JsonNode job = coordinator.get(path).body();
    assertThat(job.path("state").asString()).isEqualTo("STOPPED");
    assertThat(boats()).isEqualTo(before);
  }

  @Test
  void aNewBoatLiesAtTheBerthTheFileSaysAndNotWhereAnotherLies() throws Exception {
    String head = HEAD.strip() + ",berth\n";
    String row = ",Berthed %s,7,outboard,1,petrol,4,raw_water,salt,no,%s\n";
    assertThat(done(head + row.formatted(id(), "A1"), true).path("problems").toString())
        .contains("berth", "A1 is taken by another boat");
    assertThat(done(head + row.formatted(id(), "Z99"), true).path("problems").toString())
        .contains("There is no berth");
    String name = id();
    assertThat(done(head + row.formatted(name, "w1"), true).path("state").asString())
        .isEqualTo("DONE");
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      if (boat.path("name").asString().equals("Berthed " + name)) {
        assertThat(boat.path("afloat").asBoolean()).isTrue();
        assertThat(boat.path("protection").asString()).isEqualTo("UNKNOWN");
      }
    }
  }
}
