package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import elsko.server.jobs.JobKind;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.validate.ValidationResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class WalksTest {
  private static final RunningElsko.Client COORDINATOR = RunningElsko.as("coordinator");
  private static final RunningElsko.Client TECHNICIAN = RunningElsko.as("technician");

  @Test
  void theDemonstrationOpensWithWalksEverybodyWasTold() {
    JsonNode plan = COORDINATOR.get("/api/walks").body().path("plan");

    assertThat(plan.path("stops").size()).isGreaterThan(30);
    assertThat(plan.path("figures").path("brokenRules").asInt()).isZero();
    // Also at night and on a Sunday: on the next day somebody works.
    JsonNode mine = TECHNICIAN.get("/api/walks/mine").body();
    assertThat(mine.path("stops").size()).as(mine.toString()).isPositive();
  }

  @Test
  void whatIsCarriedIsForTheBoatsOfThatWalk() {
    JsonNode mine = TECHNICIAN.get("/api/walks/mine").body();
    Set<String> boats = new HashSet<>();
    mine.path("stops").forEach(stop -> boats.add(stop.path("name").asString()));
    JsonNode packing =
        TECHNICIAN.get("/api/walks/mine/packing?date=" + mine.path("date").asString()).body();
    assertThat(packing.isEmpty()).isFalse();
    for (JsonNode line : packing) {
      assertThat(line.path("boats").isEmpty()).isFalse();
      line.path("boats").forEach(boat -> assertThat(boats).contains(boat.asString()));
      assertThat(line.path("liters").isNull())
          .isEqualTo(!line.path("kind").asString().equals("FLUID"));
    }
    assertThat(TECHNICIAN.get("/api/walks/mine/packing?date=2020-01-01").body().isEmpty()).isTrue();
  }

  @Test
  void everybodySeesTheirOwnMinutesOnly() {
    for (JsonNode own : TECHNICIAN.get("/api/walks/mine/minutes").body()) {
      assertThat(own.path("boats").asInt()).isGreaterThan(2);
      assertThat(own.path("own").asInt()).isPositive();
    }
    RunningElsko.Client viewer = RunningElsko.as("viewer");
    assertThat(viewer.get("/api/walks/mine/minutes").body().isEmpty()).isTrue();
  }

  @Test
  void boatsThatWerePromisedToBeAfloatAreCommissionedAroundTheirLaunch() {
    Map<String, JsonNode> launches = new HashMap<>();
    Map<String, Integer> liftsADay = new HashMap<>();
    Map<String, Integer> afloat = new HashMap<>();
    Map<String, String> deadlines = new HashMap<>();
    for (JsonNode boat : COORDINATOR.get("/api/frost").body().path("boats")) {
      deadlines.put(boat.path("boat").asString(), boat.path("deadline").asString(""));
    }
    for (JsonNode stop : COORDINATOR.get("/api/walks").body().path("plan").path("stops")) {
      String task = stop.path("task").asString();
      if (task.equals("launch") || task.equals("lift")) {
        liftsADay.merge(stop.path("date").asString(), 1, Integer::sum);
      }
      if (stop.path("procedure").asString().equals("COMMISSION")) {
        assertThat(stop.path("deadline").asString(""))
            .as("the frost is the same on every screen")
            .isEqualTo(deadlines.getOrDefault(stop.path("boat").asString(), ""));
        if (task.equals("launch")) {
          launches.put(stop.path("name").asString(), stop);
        } else if (task.equals("run") || task.equals("hand-over")) {
          afloat.merge(stop.path("name").asString(), 1, Integer::sum);
        }
      }
    }
    assertThat(launches.keySet()).contains("Skua", "Ammonite", "Sprat");
    assertThat(afloat.keySet()).contains("Skua", "Ammonite", "Sprat");
    JsonNode sprat = launches.get("Sprat");
    assertThat(sprat.path("date").asString())
        .isLessThanOrEqualTo(sprat.path("promisedOn").asString());
    int slots = COORDINATOR.get("/api/launch").body().path("liftsADay").asInt();
    assertThat(liftsADay.values()).allMatch(count -> count <= slots);
  }

  @Test
  void planningAgainMakesADraftThatPeopleAreToldOfOnlyWhenItIsPublished() throws Exception {
    Set<String> told = stops(TECHNICIAN.get("/api/walks/mine").body());
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 1)).status()).isEqualTo(200);
    JsonNode draft = waitForDraft();
    assertThat(draft.path("plan").path("draft").asBoolean()).isTrue();
    assertThat(stops(TECHNICIAN.get("/api/walks/mine").body())).isEqualTo(told);

    Answer published = COORDINATOR.post("/api/walks/publish", Map.of());
    assertThat(published.status()).isEqualTo(200);
    assertThat(published.body().path("plan").path("draft").asBoolean()).isFalse();
    assertThat(published.body().path("changes").size()).isZero();
    assertThat(COORDINATOR.post("/api/walks/publish", Map.of()).field()).isEqualTo("draft");
  }

  @Test
  void whatWasSentIsTakenBackForAMinuteAndTheOneBeforeStands() throws Exception {
    JsonNode before = COORDINATOR.get("/api/walks").body().path("plan").path("stops");
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 1)).status()).isEqualTo(200);
    waitForDraft();
    COORDINATOR.post("/api/walks/publish", Map.of());
    assertThat(TECHNICIAN.delete("/api/walks/publish").status()).isEqualTo(403);
    Answer back = COORDINATOR.delete("/api/walks/publish");
    assertThat(back.status()).isEqualTo(200);
    assertThat(back.body().path("plan").path("draft").asBoolean()).isTrue();
    assertThat(COORDINATOR.delete("/api/walks/publish").status())
        .as("a draft is there by now")
        .isEqualTo(409);
    COORDINATOR.delete("/api/walks/draft");
    assertThat(COORDINATOR.get("/api/walks").body().path("plan").path("stops")).isEqualTo(before);
  }

  @Test
  void whoeverOpensABoatDoesAllOfIt() {
    JsonNode plan = COORDINATOR.get("/api/walks").body().path("plan");
    JsonNode continuity = plan.path("continuity");
    assertThat(continuity.path("boats").asInt()).isPositive();
    assertThat(continuity.path("inOne").asInt() * 10)
        .isGreaterThanOrEqualTo(continuity.path("boats").asInt() * 9);
    for (JsonNode ahead : plan.path("ahead")) {
      boolean late = !ahead.path("slackDays").isNull() && ahead.path("slackDays").asInt() < 0;
      assertThat(late && ahead.path("late").isNull()).as(ahead.toString()).isFalse();
    }
  }

  @Test
  void nothingIsPlannedNorHeldForSomebodyWhoIsIllToday() throws Exception {
    JsonNode crew = COORDINATOR.get("/api/walks/crew").body().path("workers");
    String today = COORDINATOR.get("/api/walks").body().path("today").asString();
    for (JsonNode worker : crew) {
      String off = "/api/walks/crew/" + worker.path("id").asString() + "/days-off";
      COORDINATOR.put(off, Map.of("date", today, "off", true), null);
      try {
        COORDINATOR.post("/api/walks/search", Map.of("seconds", 1));
        JsonNode draft = waitForDraft().path("plan");
        assertThat(draft.path("figures").path("brokenRules").asInt()).isZero();
        for (JsonNode stop : draft.path("stops")) {
          assertThat(
                  stop.path("date").asString().equals(today)
                      && stop.path("workers").toString().contains(worker.path("name").asString()))
              .as(stop.toString())
              .isFalse();
        }
        COORDINATOR.delete("/api/walks/draft");
      } finally {
        COORDINATOR.put(off, Map.of("date", today, "off", false), null);
      }
    }
  }

  @Test
  void whatWouldBecomeOfTheSeasonIsSaidAndNothingOfItKept() {
    JsonNode before = COORDINATOR.get("/api/walks").body().path("plan");
    String today = COORDINATOR.get("/api/walks").body().path("today").asString();
    List<String> all = new java.util.ArrayList<>();
    COORDINATOR
        .get("/api/walks/crew")
        .body()
        .path("workers")
        .forEach(worker -> all.add(worker.path("name").asString()));
    String far = java.time.LocalDate.parse(today).plusDays(20).toString();
    JsonNode nobody =
        COORDINATOR.post("/api/walks/what-if", Map.of("without", all, "until", far)).body();
    assertThat(nobody.path("late").size()).isPositive();
    assertThat(nobody.path("words").get(0).asString()).contains("would be late");
    assertThat(COORDINATOR.post("/api/walks/what-if", Map.of("more", "TANK_KIT")).status())
        .isEqualTo(200);
    assertThat(COORDINATOR.post("/api/walks/what-if", Map.of("without", List.of("X"))).field())
        .isEqualTo("without");
    assertThat(
            COORDINATOR
                .post("/api/walks/what-if", Map.of("without", all, "until", "2020-01-01"))
                .field())
        .isEqualTo("until");
    assertThat(
            COORDINATOR
                .post("/api/walks/who-can-go-home", Map.of())
                .body()
                .path("people")
                .isArray())
        .isTrue();
    assertThat(COORDINATOR.get("/api/walks").body().path("plan")).isEqualTo(before);
  }

  @Test
  void oneSearchAtATimeAndItCanBeStopped() throws Exception {
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 60)).status())
        .isEqualTo(200);
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 1)).status()).isEqualTo(409);
    assertThat(COORDINATOR.get("/api/walks").body().path("job").path("ofSeconds").asDouble())
        .isEqualTo(60);
    assertThat(COORDINATOR.delete("/api/walks/search").status()).isEqualTo(200);
    waitForDraft();
    COORDINATOR.delete("/api/walks/draft");
  }

  @Test
  void aSearchOfNoTimeIsRefused() {
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 0)).field())
        .isEqualTo("seconds");
  }

  @Test
  void everyStopCanSayWhyItIsThere() {
    JsonNode walks = COORDINATOR.get("/api/walks").body();
    assertThat(walks.path("plan").path("stops").size()).as(walks.toString()).isPositive();
    JsonNode stop = walks.path("plan").path("stops").get(0);
    JsonNode why =
        COORDINATOR
            .get(
                "/api/walks/why?boat="
                    + stop.path("boat").asString()
                    + "&task="
                    + stop.path("task").asString())
            .body();

    assertThat(why.path("then").size()).isPositive();
    assertThat(why.path("who").size()).isPositive();
    assertThat(why.path("moves").size()).isPositive();
  }

  @Test
  void whatAMoveWouldBreakIsSaidAndNotKept() {
    JsonNode walks = COORDINATOR.get("/api/walks").body();
    JsonNode prove = null;
    for (JsonNode stop : walks.path("plan").path("stops")) {
      if (stop.path("task").asString().equals("fill")
          && stop.path("standing").asString().equals("OPEN")) {
        prove = stop;
      }
    }
    assertThat(prove).isNotNull();
    Map<String, Object> move = new HashMap<>();
    move.put("boat", prove.path("boat").asString());
    move.put("task", "fill");
    move.put("worker", "Tamsa");
    move.put("date", prove.path("date").asString());
    move.put("index", 0);
    Answer tried = COORDINATOR.post("/api/walks/move", move);
    assertThat(tried.status()).isEqualTo(200);
    assertThat(tried.body().path("broken").toString()).contains("Tamsa does not do");
    move.put("keep", true);
    Answer kept = COORDINATOR.post("/api/walks/move", move);
    assertThat(kept.status()).isEqualTo(409);
    assertThat(kept.field()).isEqualTo("stop");
    move.put("worker", "Nobody");
    assertThat(COORDINATOR.post("/api/walks/move", move).field()).isEqualTo("worker");
  }

  @Test
  void whatWasToldWhileItIsPlannedStaysAndTheSearchSaysSo() throws Exception {
    COORDINATOR.post("/api/walks/search", Map.of("seconds", 1));
    waitForDraft();
    COORDINATOR.post("/api/walks/search", Map.of("seconds", 60));
    JsonNode told = COORDINATOR.post("/api/walks/publish", Map.of()).body().path("plan");
    COORDINATOR.delete("/api/walks/search");
    Background.ends(JobKind.PLANNING);
    assertThat(COORDINATOR.get("/api/jobs").body().get(0).path("words").asString())
        .contains("changed while it was being planned");
    assertThat(COORDINATOR.get("/api/walks").body().path("plan")).isEqualTo(told);
  }

  @Test
  void aCalendarOpensWithItsOwnAddressAndNoOther() {
    JsonNode crew = COORDINATOR.get("/api/walks/crew").body().path("workers");
    String token = "";
    for (JsonNode worker : crew) {
      if (worker.path("name").asString().equals("technician")) {
        token = worker.path("feedToken").asString();
      }
    }
    Answer feed = RunningElsko.as(null).get("/api/walks/feed/" + token + ".ics");
    assertThat(feed.status()).isEqualTo(200);
    assertThat(feed.raw().headers().firstValue("Content-Type").orElse(""))
        .startsWith("text/calendar");
    assertThat(feed.raw().body())
        .startsWith("BEGIN:VCALENDAR\r\n")
        .endsWith("END:VCALENDAR\r\n")
        .contains("BEGIN:VEVENT");
    assertThat(feed.raw().body().lines()).allMatch(line -> line.getBytes().length <= 75);
    assertThat(RunningElsko.as(null).get("/api/walks/feed/guessed.ics").status()).isEqualTo(404);
    for (JsonNode worker : TECHNICIAN.get("/api/walks/crew").body().path("workers")) {
      boolean own = worker.path("name").asString().equals("technician");
      assertThat(worker.path("feedToken").isNull()).isEqualTo(!own);
    }
  }

  @Test
  void aCalendarLibraryReadsTheFileAndFindsNothingWrong() throws Exception {
    String id = "";
    for (JsonNode worker : COORDINATOR.get("/api/walks/crew").body().path("workers")) {
      if (worker.path("name").asString().equals("technician")) {
        id = worker.path("id").asString();
      }
    }
    String file = COORDINATOR.get("/api/walks/crew/" + id + "/walk.ics").raw().body();
    Calendar calendar = new CalendarBuilder().build(new StringReader(file));
    ValidationResult result = calendar.validate(true);

    assertThat(result.getEntries()).isEmpty();
    List<VEvent> events = calendar.getComponents("VEVENT");
    assertThat(events).isNotEmpty();
    assertThat(events)
        .allSatisfy(
            event -> {
              assertThat(event.getRequiredProperty("SUMMARY").getValue()).contains(": ");
            });
    assertThat(events.stream().map(event -> event.getRequiredProperty("UID").getValue()))
        .doesNotHaveDuplicates();
  }

  @Test
  void somebodyIsAddedChangedIsOffAndLeaves() {
    Map<String, Object> change = new HashMap<>();
    change.put("name", "Quill");
    change.put("startsAt", 480);
    change.put("endsAt", 960);
    assertThat(COORDINATOR.put("/api/walks/crew", change, null).field()).isEqualTo("skills");
    change.put("skills", List.of("RIGGING"));
    change.put("endsAt", 490);
    assertThat(COORDINATOR.put("/api/walks/crew", change, null).field()).isEqualTo("endsAt");
    change.put("endsAt", 960);
    JsonNode crew = COORDINATOR.put("/api/walks/crew", change, null).body();
    String id = "";
    for (JsonNode worker : crew.path("workers")) {
      if (worker.path("name").asString().equals("Quill")) {
        id = worker.path("id").asString();
      }
    }
    String tomorrow = RunningElsko.today().plusDays(1).toString();
    JsonNode off =
        COORDINATOR
            .put("/api/walks/crew/" + id + "/days-off", Map.of("date", tomorrow, "off", true), null)
            .body();
    assertThat(off.toString()).contains(tomorrow);
    assertThat(COORDINATOR.delete("/api/walks/crew/" + id).body().toString())
        .doesNotContain("Quill");
  }

  @Test
  void whatThereIsCanBeChangedWithinReason() {
    String version = etag(COORDINATOR.get("/api/walks/crew").body());
    assertThat(COORDINATOR.put("/api/walks/means", Map.of("liftSlots", 5), null).status())
        .isEqualTo(428);
    assertThat(
            COORDINATOR
                .put("/api/walks/means", Map.of("equipment", Map.of("TANK_KIT", 99)), version)
                .field())
        .isEqualTo("TANK_KIT");
    JsonNode crew =
        COORDINATOR
            .put(
                "/api/walks/means",
                Map.of("equipment", Map.of("TANK_KIT", 2), "liftSlots", 5),
                version)
            .body();
    assertThat(COORDINATOR.put("/api/walks/means", Map.of("liftSlots", 6), version).status())
        .as("on a version that is over")
        .isEqualTo(412);
    assertThat(crew.path("liftSlots").asInt()).isEqualTo(5);
    assertThat(crew.path("equipment").path("TANK_KIT").asInt()).isEqualTo(2);
  }

  private static String etag(JsonNode versioned) {
    return "\"" + versioned.path("version").asLong() + "\"";
  }

  private static Answer dates(Yarn yarn, Map<String, String> was, Map<String, String> now) {
    return COORDINATOR.put(
        "/api/walks/boats/" + yarn.boat + "/dates", Map.of("was", was, "now", now), null);
  }

  private static String inDays(int days) {
    return RunningElsko.today().plusDays(days).toString();
  }

  @Test
  void aPromiseBeforeTheReleaseIsRefused() {
    Yarn yarn = new Yarn("Promised");
    Map<String, String> dates = Map.of("releaseOn", inDays(9), "promisedOn", inDays(2));
    assertThat(dates(yarn, Map.of(), dates).field()).isEqualTo("promisedOn");
  }

  @Test
  void datesOfDifferentKindsBothCountAndOfOneTheSecondIsTold() {
    Yarn yarn = new Yarn("Dated twice");
    assertThat(dates(yarn, Map.of(), Map.of("releaseOn", inDays(3))).status()).isEqualTo(200);
    Answer other = dates(yarn, Map.of(), Map.of("promisedOn", inDays(9)));
    assertThat(other.status()).isEqualTo(200);
    assertThat(other.body().path("releaseOn").asString()).isEqualTo(inDays(3));
    assertThat(other.body().path("promisedOn").asString()).isEqualTo(inDays(9));
    Answer late =
        dates(
            yarn,
            Map.of("promisedOn", inDays(8)),
            Map.of("releaseOn", inDays(3), "promisedOn", inDays(7)));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.field()).isEqualTo("promisedOn");
    assertThat(late.reason()).contains(inDays(9));
  }

  @Test
  void daysOffOfTwentyAtOnceAllCount() throws Exception {
    Map<String, Object> change = new HashMap<>();
    change.put("name", "Seldom");
    change.put("skills", List.of("SYSTEMS"));
    change.put("startsAt", 480);
    change.put("endsAt", 960);
    JsonNode workers = COORDINATOR.put("/api/walks/crew", change, null).body().path("workers");
    String id =
        workers
            .valueStream()
            .filter(one -> one.path("name").asString().equals("Seldom"))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asString();
    assertThat(COORDINATOR.put("/api/walks/crew", change, "\"99\"").status()).isEqualTo(412);
    List<Callable<Integer>> all = new ArrayList<>();
    for (int day = 0; day < 20; day++) {
      String date = inDays(day);
      all.add(
          () ->
              COORDINATOR
                  .put(
                      "/api/walks/crew/" + id + "/days-off",
                      Map.of("date", date, "off", true),
                      null)
                  .status());
    }
    try (ExecutorService people = Executors.newFixedThreadPool(10)) {
      for (Future<Integer> one : people.invokeAll(all)) {
        assertThat(one.get()).isEqualTo(200);
      }
    }
    JsonNode after = COORDINATOR.delete("/api/walks/crew/" + id).body();
    assertThat(after.toString()).doesNotContain("Seldom");
  }

  @Test
  void simpleRulesAreMeasuredBesideThePlan() {
    JsonNode measured = COORDINATOR.get("/api/walks/yardsticks").body();
    assertThat(measured.size()).isEqualTo(2);
    measured.forEach(
        m -> assertThat(m.path("figures").path("walkingMinutes").asInt()).isPositive());
  }

  private static JsonNode waitForDraft() throws Exception {
    Background.ends(JobKind.PLANNING);
    JsonNode walks = COORDINATOR.get("/api/walks").body();
    assertThat(walks.path("job").isNull()).isTrue();
    assertThat(walks.path("plan").path("draft").asBoolean()).isTrue();
    return walks;
  }

  private static Set<String> stops(JsonNode walk) {
    Set<String> found = new HashSet<>();
    List<JsonNode> stops = new ArrayList<>();
    walk.path("stops").forEach(stops::add);
    stops.forEach(
        s ->
            found.add(
                s.path("name").asString() + s.path("task").asString() + s.path("date").asString()));
    return found;
  }
}
