package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class FrostTest {
  private static final RunningElsko.Client COORDINATOR = RunningElsko.as("coordinator");

  @Test
  void aPocketFollowsTheClosedForm() {
    Answer answer = pocket(2.0, 0.0, 5.0, Collections.nCopies(60, -4.0));

    double toZero = 2 * Math.log(9.0 / 4);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body().path("hoursToFreezePoint").asDouble()).isCloseTo(toZero, within(1e-9));
    assertThat(answer.body().path("hoursToDamage").asDouble())
        .isCloseTo(toZero + 0.1 * 2 * 79.7 / 4, within(1e-9));
    assertThat(answer.body().path("iceFraction").size()).isEqualTo(60);
  }

  @Test
  void aPocketThatNeverFreezesSaysNull() {
    JsonNode body = pocket(2.0, 0.0, 5.0, Collections.nCopies(60, 1.0)).body();
    assertThat(body.path("hoursToFreezePoint").isNull()).isTrue();
    assertThat(body.path("hoursToDamage").isNull()).isTrue();
  }

  @Test
  void aPocketThatCannotBeIsRefusedAtItsField() {
    assertThat(pocket(0.0, 0.0, 5.0, List.of(1.0)).field()).isEqualTo("tauHours");
    assertThat(pocket(1.0, 4.0, 5.0, List.of(1.0)).field()).isEqualTo("freezePointC");
    assertThat(pocket(1.0, 0.0, null, List.of(1.0)).field()).isEqualTo("startC");
    assertThat(pocket(1.0, 0.0, 5.0, List.of()).field()).isEqualTo("hourlyC");
    assertThat(pocket(1.0, 0.0, 5.0, List.of(1.0, 300.0)).field()).isEqualTo("hourlyC[1]");
    assertThat(pocket(1.0, 0.0, 5.0, null).status()).isEqualTo(422);
  }

  @Test
  void theDemonstrationOpensOnAnOrdinaryAutumnMorning() {
    JsonNode frost = RunningElsko.as("viewer").get("/api/frost").body();

    assertThat(frost.path("ready").asBoolean()).isTrue();
    assertThat(frost.path("weather").path("simulated").asBoolean()).isTrue();
    assertThat(frost.path("nights").size()).isEqualTo(14);
    assertThat(frost.path("tonight").size()).isZero();
    assertThat(deadlines(frost)).isNotEmpty().allMatch(day -> day.isAfter(RunningElsko.today()));
  }

  @Test
  void aColdSnapMovesDeadlinesAndGoesAgain() {
    List<LocalDate> before = deadlines(COORDINATOR.get("/api/frost").body());
    LocalDate begins = RunningElsko.today().plusDays(1);
    Answer snap =
        COORDINATOR.put(
            "/api/weather/cold-snap",
            Map.of("first", begins.toString(), "days", 5, "byK", 12),
            null);
    assertThat(snap.status()).isEqualTo(200);
    try {
      JsonNode cold = COORDINATOR.get("/api/frost").body();
      assertThat(cold.path("weather").path("coldSnap").path("byK").asDouble()).isEqualTo(12);
      assertThat(Collections.min(deadlines(cold))).isBefore(Collections.min(before));
    } finally {
      assertThat(COORDINATOR.delete("/api/weather/cold-snap").status()).isEqualTo(200);
    }
    assertThat(deadlines(COORDINATOR.get("/api/frost").body())).isEqualTo(before);
  }

  @Test
  void aColdSnapThatCannotBeIsRefused() {
    String past = RunningElsko.today().minusDays(2).toString();
    assertThat(
            COORDINATOR
                .put("/api/weather/cold-snap", Map.of("first", past, "days", 3, "byK", 5), null)
                .field())
        .isEqualTo("first");
    assertThat(COORDINATOR.put("/api/weather/cold-snap", Map.of(), null).field()).isEqualTo("days");
    String soon = RunningElsko.today().plusDays(2).toString();
    assertThat(
            COORDINATOR
                .put("/api/weather/cold-snap", Map.of("first", soon, "days", 3, "byK", 90), null)
                .field())
        .isEqualTo("byK");
  }

  @Test
  void theFrostOfOneBoatSaysWhatGoesFirstAndWhatWouldHelp() {
    Yarn yarn = new Yarn("Frosty");
    JsonNode frost = COORDINATOR.get("/api/boats/" + yarn.boat + "/frost").body();

    assertThat(frost.path("ready").asBoolean()).isTrue();
    assertThat(frost.path("stands").asString()).isEqualTo("in the open");
    assertThat(frost.path("deadline").asString()).isNotEmpty();
    assertThat(frost.path("circuits").get(0).path("firstToGo").asString()).isNotEmpty();
    List<String> changes = new ArrayList<>();
    frost.path("whatIfs").forEach(w -> changes.add(w.path("change").asString()));
    assertThat(changes).contains("COVER", "SHED", "HEATER_ONE_NIGHT");
    assertThat(COORDINATOR.get("/api/boats/" + java.util.UUID.randomUUID() + "/frost").status())
        .isEqualTo(404);
  }

  @Test
  void aBoatThatIsDealtWithLeavesTheClock() {
    Yarn yarn = new Yarn("Thawed");
    assertThat(listed(yarn.boat)).isTrue();
    yarn.filled();
    yarn.kept(
        Yarn.jug(-19),
        Yarn.sample("block-port", -18.8),
        Yarn.sample("block-starboard", -18.8),
        Yarn.sample("manifold-port", -18.8),
        Yarn.sample("manifold-starboard", -18.8));
    assertThat(yarn.protection()).isEqualTo("PROVEN");
    assertThat(listed(yarn.boat)).isFalse();
  }

  @Test
  void theForecastIsAskedForByHand() {
    Answer answer = COORDINATOR.send("POST", "/api/weather/refresh", "{}", Map.of());
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body().path("fetchedAt").asString()).isNotEmpty();
  }

  @Test
  void aGoodFileOfDaysPassesTheCheck() {
    String csv = RunningElsko.as("viewer").get("/api/weather/days.csv").raw().body();
    JsonNode check = check(csv, null).body();

    assertThat(csv).startsWith("date,tmin_c,tmax_c\r\n");
    assertThat(check.path("problemCount").asInt()).isZero();
    assertThat(check.path("days").asInt()).isEqualTo(check.path("rows").asInt());
    assertThat(check.path("rows").asInt()).isGreaterThan(30 * 365);
    assertThat(COORDINATOR.put("/api/weather/days", Map.of("csv", csv), null).status())
        .isEqualTo(200);
  }

  @Test
  void whatIsWrongInAFileIsNamedByRowAndMendedOnlyAsChosen() {
    String csv =
        """
        date,tmin_c,tmax_c
        2001-11-01,2,9
        2001-11-02,8,1
        2001-11-03,1,7
        2001-11-03,0,7
        2001-11-06,1,x
        2001-11-07,41,52
        2001-11-08,3,10
        """;
    JsonNode check = check(csv, null).body();
    Map<Integer, String> found = new HashMap<>();
    check
        .path("problems")
        .forEach(p -> found.put(p.path("row").asInt(), p.path("kind").asString()));
    assertThat(found)
        .containsEntry(3, "MIN_ABOVE_MAX")
        .containsEntry(5, "DUPLICATE")
        .containsEntry(6, "UNREADABLE")
        .containsEntry(7, "LOOKS_FAHRENHEIT")
        .containsEntry(8, "GAP");
    String kept = COORDINATOR.get("/api/weather/days.csv").raw().body();
    Answer refused = COORDINATOR.put("/api/weather/days", Map.of("csv", csv), null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).startsWith("row ");
    assertThat(COORDINATOR.get("/api/weather/days.csv").raw().body()).isEqualTo(kept);

    Map<String, Object> chosen =
        Map.of(
            "byRow", Map.of("3", "SWAP", "5", "KEEP_LAST", "6", "LEAVE_OUT", "7", "CONVERT"),
            "forAll", Map.of("GAP", "BRIDGE"));
    JsonNode settled = check(csv, chosen).body();
    assertThat(settled.path("problemCount").asInt()).isZero();
    assertThat(settled.path("days").asInt()).isEqualTo(8);
  }

  @Test
  void aFileInFahrenheitIsAskedAboutAsAWhole() {
    StringBuilder csv = new StringBuilder("date,tmin_c,tmax_c\n");
    LocalDate day = LocalDate.of(2001, 9, 1);
    for (int i = 0; i < 60; i++) {
      csv.append(day.plusDays(i)).append(',').append(30 + i % 20).append(",60\n");
    }
    JsonNode check = check(csv.toString(), null).body();
    assertThat(check.path("problemCount").asInt()).isEqualTo(1);
    assertThat(check.path("problems").get(0).path("kind").asString())
        .isEqualTo("FILE_LOOKS_FAHRENHEIT");
    JsonNode converted = check(csv.toString(), Map.of("byRow", Map.of("0", "CONVERT"))).body();
    assertThat(converted.path("problemCount").asInt()).isZero();
    assertThat(converted.path("days").asInt()).isEqualTo(60);
  }

  @Test
  void whatIsNoSuchFileIsRefused() {
    assertThat(check("a,b\n1,2\n", null).field()).isEqualTo("csv");
    assertThat(check("", null).field()).isEqualTo("csv");
    assertThat(check("date,tmin_c,tmax_c\n", null).field()).isEqualTo("csv");
    assertThat(check("date,tmin_c,tmax_c\n\"2001", null).status()).isEqualTo(422);
  }

  private static boolean listed(String boat) {
    for (JsonNode line : COORDINATOR.get("/api/frost").body().path("boats")) {
      if (line.path("boat").asString().equals(boat)) {
        return !line.path("deadline").isNull();
      }
    }
    return false;
  }

  private static List<LocalDate> deadlines(JsonNode frost) {
    List<LocalDate> found = new ArrayList<>();
    frost
        .path("boats")
        .forEach(
            boat -> {
              if (!boat.path("deadline").isNull()) {
                found.add(LocalDate.parse(boat.path("deadline").asString()));
              }
            });
    return found;
  }

  private static Answer check(String csv, Object chosen) {
    Map<String, Object> body = new HashMap<>();
    body.put("csv", csv);
    body.put("chosen", chosen);
    return COORDINATOR.post("/api/weather/days/check", body);
  }

  private static Answer pocket(Double tau, Double freezes, Double start, List<Double> air) {
    Map<String, Object> body = new HashMap<>();
    body.put("tauHours", tau);
    body.put("freezePointC", freezes);
    body.put("startC", start);
    body.put("hourlyC", air);
    return RunningElsko.as("viewer").post("/api/frost/pocket", body);
  }
}
