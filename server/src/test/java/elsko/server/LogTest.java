package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.jug;
import static elsko.server.Yarn.pour;
import static elsko.server.Yarn.sample;
import static elsko.server.Yarn.set;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningElsko.class)
class LogTest {
  @Test
  void theSameEntrySentTenTimesAtOnceIsKeptOnce() throws Exception {
    Yarn yarn = new Yarn("Tenfold");
    Map<String, Object> note = entry("NOTED", "text", "hears a drip");
    ExecutorService threads = Executors.newFixedThreadPool(10);
    List<Callable<Answer>> sends = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      sends.add(() -> yarn.send(note));
    }
    for (Future<Answer> answer : threads.invokeAll(sends)) {
      assertThat(answer.get().status()).isEqualTo(200);
    }
    threads.shutdown();
    assertThat(yarn.logLength()).isEqualTo(1);
  }

  @Test
  void theSameIdWithSomethingElseInItIsRefused() {
    Yarn yarn = new Yarn("Twice");
    Map<String, Object> note = entry("NOTED", "text", "first");
    yarn.kept(note);
    Map<String, Object> other = new HashMap<>(note);
    other.put("text", "second");
    Map<String, Object> unknown = new HashMap<>(note);
    unknown.put("kind", "NO_SUCH_KIND");
    assertThat(yarn.send(unknown).status()).as("a kind there is not").isEqualTo(409);
    Answer answer = yarn.send(other);
    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.field()).isEqualTo("id");
    assertThat(new Yarn("Elsewhere").send(note).status()).as("on another boat").isEqualTo(409);
    assertThat(yarn.logLength()).isEqualTo(1);
  }

  @Test
  void twoPeopleOnOneBoatLoseNothing() throws Exception {
    Yarn yarn = new Yarn("Crowded");
    ExecutorService threads = Executors.newFixedThreadPool(8);
    List<Callable<Answer>> sends = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      String account = i % 2 == 0 ? "technician" : "coordinator";
      Map<String, Object> note = entry("NOTED", "text", "number " + i);
      sends.add(
          () ->
              RunningElsko.as(account)
                  .post("/api/boats/" + yarn.boat + "/entries", Map.of("entries", List.of(note))));
    }
    for (Future<Answer> answer : threads.invokeAll(sends)) {
      assertThat(answer.get().status()).isEqualTo(200);
    }
    threads.shutdown();
    assertThat(yarn.logLength()).isEqualTo(40);
  }

  @Test
  void aFillWithADrainOutIsRefusedInWordsAndChangesNothing() {
    Yarn yarn = new Yarn("Leaky");
    yarn.kept(set("block-starboard-drain", "OUT_BAGGED"), set("recirculation-hose", "OFF"));
    Answer answer = yarn.send(pour("recirculation-hose", 4));
    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.field()).isEqualTo("liters");
    assertThat(answer.reason()).startsWith("Starboard block drain is OUT. Put it back IN");
    assertThat(answer.raw().headers().firstValue("Content-Type").orElseThrow())
        .startsWith("application/problem+json");
    assertThat(yarn.logLength()).isEqualTo(2);
  }

  @Test
  void allOfABatchIsKeptOrNone() {
    Yarn yarn = new Yarn("Batch");
    Answer answer =
        yarn.send(set("battery", "OFF"), set("cover", "TARP"), set("drive", "SIDEWAYS"));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.field()).isEqualTo("entries[2].state");
    assertThat(yarn.logLength()).isZero();
  }

  @Test
  void aShortSampleHoldsTheBoatAndTheRemedyMendsIt() {
    Yarn yarn = new Yarn("Short").filled();
    assertThat(yarn.protection()).isEqualTo("FILLED");
    yarn.kept(
        jug(-19),
        sample("block-port", -18.8),
        sample("manifold-port", -18.8),
        sample("manifold-starboard", -18.8),
        sample("block-starboard", -7));
    assertThat(yarn.protection()).isEqualTo("HELD");
    assertThat(yarn.view().body().path("decision").path("action").asString())
        .isEqualTo("Rod and refill 4.5 L");
    yarn.kept(
        set("block-starboard-drain", "OUT_BAGGED"),
        entry("LOW_POINT_SEEN", "lowPoint", "block-starboard", "seen", "RAN_AFTER_RODDING"),
        set("block-starboard-drain", "IN"),
        pour("recirculation-hose", 4.5));
    for (String point :
        List.of("block-port", "block-starboard", "manifold-port", "manifold-starboard")) {
      yarn.kept(sample(point, -18.9));
    }
    assertThat(yarn.protection()).isEqualTo("PROVEN");
  }

  @Test
  void aCorrectionReplacesAndSaysSo() {
    Yarn yarn = new Yarn("Typo").filled();
    Map<String, Object> wrong = sample("block-port", -8);
    yarn.kept(jug(-19), wrong);
    assertThat(yarn.protection()).isEqualTo("HELD");
    Map<String, Object> right = sample("block-port", -18);
    right.put("corrects", wrong.get("id"));
    yarn.kept(right);
    assertThat(yarn.protection()).isEqualTo("FILLED");
    Answer again = yarn.send(entry("WITHDRAWN", "corrects", wrong.get("id"), "reason", "again"));
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.reason()).contains("corrected already");
    var log = RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/log").body();
    assertThat(log.path("entries").get(0).path("corrects").asString()).isEqualTo(wrong.get("id"));
    assertThat(log.path("entries").get(0).path("correctsWords").asString())
        .startsWith("Sample, port block: −8");
    assertThat(log.path("entries").get(1).path("replaced").asBoolean()).isTrue();
  }

  @Test
  void readingsOutsideTheInstrumentAreRefusedAtTheField() {
    Yarn yarn = new Yarn("Offscale").filled();
    yarn.kept(jug(-19));
    int before = yarn.logLength();
    Answer answer = yarn.send(sample("block-port", -52));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.field()).isEqualTo("reading");
    assertThat(answer.reason()).contains("−51.1");
    assertThat(yarn.send(sample("keel", -12)).field()).isEqualTo("lowPoint");
    Map<String, Object> noLot = sample("block-port", -12);
    noLot.put("lot", "X-1");
    assertThat(yarn.send(noLot).reason()).contains("no lot \"X-1\"");
    Map<String, Object> noGlass = sample("block-port", -12);
    noGlass.remove("instrument");
    assertThat(yarn.send(noGlass).field()).isEqualTo("instrument");
    Map<String, Object> words = sample("block-port", -12);
    words.put("reading", "about twelve");
    assertThat(yarn.send(words).status()).isEqualTo(400);
    assertThat(yarn.logLength()).isEqualTo(before);
  }

  @Test
  void unknownBoatsCardsAndStepsAreNamed() {
    Answer boat =
        RunningElsko.as("technician")
            .post(
                "/api/boats/" + UUID.randomUUID() + "/entries",
                Map.of("entries", List.of(entry("NOTED", "text", "x"))));
    assertThat(boat.status()).isEqualTo(404);
    assertThat(boat.field()).isEqualTo("boat");
    assertThat(RunningElsko.as("viewer").get("/api/boats/not-an-id").status()).isEqualTo(400);
    Yarn yarn = new Yarn("Stepless");
    Answer card =
        yarn.send(entry("STEP_DONE", "card", UUID.randomUUID().toString(), "step", "drain"));
    assertThat(card.field()).isEqualTo("card");
    assertThat(yarn.send(entry("STEP_DONE")).field()).isEqualTo("card");
    String opened = UUID.randomUUID().toString();
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine"), Yarn.winterizing(opened, "POUR"));
    assertThat(yarn.send(entry("STEP_DONE", "card", opened, "step", "dance")).field())
        .isEqualTo("step");
    assertThat(yarn.send(entry("STEP_DONE", "card", opened, "step", "warm-up")).reason())
        .contains("Still open");
    Answer shown = RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/cards/" + opened);
    assertThat(shown.body().path("steps").size()).isEqualTo(8);
  }

  @Test
  void aYardHandSetsOnlyWhatConcernsMoving() {
    Yarn yarn = new Yarn("Moved");
    yarn.account = "yardhand";
    yarn.kept(set("hull-plug", "OUT_BAGGED"));
    Answer drain = yarn.send(set("block-port-drain", "OUT_BAGGED"));
    assertThat(drain.status()).isEqualTo(403);
    assertThat(drain.reason()).contains("technician's");
    yarn.account = "technician";
    String berth = berth("W18");
    assertThat(yarn.send(entry("BERTH_MOVED", "berth", berth)).status()).isEqualTo(403);
    yarn.account = "yardhand";
    Answer launch = yarn.send(entry("BERTH_MOVED", "berth", berth));
    assertThat(launch.status()).isEqualTo(409);
    assertThat(launch.reason()).contains("hull plug is OUT");
    Map<String, Object> move = entry("BERTH_MOVED", "berth", berth);
    yarn.kept(set("hull-plug", "IN"), move);
    yarn.kept(entry("WITHDRAWN", "corrects", move.get("id"), "reason", "wrong boat"));
    assertThat(yarn.view().body().path("afloat").asBoolean()).isFalse();
    yarn.kept(entry("BERTH_MOVED", "berth", berth));
    assertThat(yarn.view().body().path("afloat").asBoolean()).isTrue();
    Yarn other = new Yarn("Late");
    other.account = "yardhand";
    assertThat(other.send(entry("BERTH_MOVED", "berth", berth)).reason()).contains("W18 is taken");
  }

  @Test
  void aClockFarAheadIsNotBelieved() {
    Map<String, Object> note = entry("NOTED", "text", "from tomorrow");
    note.put("deviceTime", RunningElsko.now().plusSeconds(200_000).toString());
    assertThat(new Yarn("Early").send(note).field()).isEqualTo("deviceTime");
  }

  @Test
  void aCorrectionPassesWhatAMovePasses() {
    Yarn yarn = new Yarn("Corrected");
    yarn.account = "yardhand";
    Map<String, Object> first = entry("BERTH_MOVED", "berth", berth("C11"));
    Map<String, Object> move = entry("BERTH_MOVED", "berth", berth("C14"));
    yarn.kept(set("hull-plug", "OUT_BAGGED"), first, move);
    Map<String, Object> launch = entry("BERTH_MOVED", "berth", berth("W17"));
    launch.put("corrects", move.get("id"));
    Answer refused = yarn.send(launch);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.reason()).contains("hull plug is OUT");
    Yarn other = new Yarn("Neighbor");
    other.account = "yardhand";
    Map<String, Object> there = entry("BERTH_MOVED", "berth", berth("C11"));
    other.kept(there);
    Map<String, Object> onto = entry("BERTH_MOVED", "berth", berth("C11"));
    onto.put("corrects", move.get("id"));
    assertThat(yarn.send(onto).reason()).contains("C11 is taken");
    Map<String, Object> back = entry("WITHDRAWN", "corrects", move.get("id"), "reason", "not yet");
    assertThat(yarn.send(back).reason()).contains("C11 is taken");
    assertThat(yarn.view().body().path("berthName").asString()).isEqualTo("C14");
    assertThat(yarn.view().body().path("afloat").asBoolean()).isFalse();
  }

  private static String berth(String name) {
    for (var berth : RunningElsko.as("viewer").get("/api/yard/plan").body().path("berths")) {
      if (berth.path("name").asString().equals(name)) {
        return berth.path("id").asString();
      }
    }
    throw new IllegalStateException(name);
  }
}
