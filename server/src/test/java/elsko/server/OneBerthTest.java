package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A berth has one boat, whoever comes at the same moment. */
@ExtendWith(RunningElsko.class)
class OneBerthTest {
  private static final int WRITERS = 12;

  /** A hundred were played when this was made; a few find what a race would break. */
  private static final int ROUNDS = Integer.getInteger("elsko.rounds", 20);

  @Test
  void ofTwelveWhoWantItAtOnceOneGetsIt() throws Exception {
    List<String> berths = berths("BERTHRACE", "QZ", 2);
    List<Yarn> boats = new ArrayList<>();
    for (int i = 0; i < WRITERS; i++) {
      boats.add(new Yarn("Racer " + i));
    }
    int lies = -1;
    try (ExecutorService people = Executors.newFixedThreadPool(WRITERS)) {
      for (int round = 0; round < ROUNDS; round++) {
        String berth = berths.get(round % 2);
        List<Callable<Integer>> moves = new ArrayList<>();
        for (Yarn boat : boats) {
          moves.add(() -> moved(boat, berth));
        }
        Map<Integer, Integer> answers = new HashMap<>();
        List<Future<Integer>> all = people.invokeAll(moves);
        for (int i = 0; i < WRITERS; i++) {
          int status = all.get(i).get();
          answers.merge(status, 1, Integer::sum);
          lies = status == 200 ? i : lies;
        }
        assertThat(answers).as("round %d", round).isEqualTo(Map.of(200, 1, 409, WRITERS - 1));
      }
    }
    assertThat(lies).isNotNegative();
    long there =
        RunningElsko.as("viewer")
            .get("/api/boats")
            .body()
            .valueStream()
            .filter(boat -> boat.path("berth").asString().equals(berths.get((ROUNDS - 1) % 2)))
            .count();
    assertThat(there).isEqualTo(1);
  }

  private static int moved(Yarn boat, String berth) {
    return RunningElsko.as("coordinator")
        .post(
            "/api/boats/" + boat.boat + "/entries",
            Map.of("entries", List.of(Yarn.entry("BERTH_MOVED", "berth", berth))))
        .status();
  }

  /** A line of berths of its own. */
  private static List<String> berths(String name, String line, int count) {
    Answer plan =
        RunningElsko.as("coordinator")
            .post(
                "/api/yard/lines",
                Map.of("name", name, "line", line, "kind", "ROWS", "berths", count));
    assertThat(plan.status()).as(plan.raw().body()).isEqualTo(201);
    return plan.body()
        .path("berths")
        .valueStream()
        .filter(berth -> berth.path("name").asString().startsWith(line))
        .map(berth -> berth.path("id").asString())
        .toList();
  }

  @Test
  void aMoveThatComesInLateDoesNotSlipOntoATakenBerth() {
    List<String> berths = berths("LATEMOVE", "QY", 1);
    Yarn lies = new Yarn("Lies");
    assertThat(moved(lies, berths.get(0))).isEqualTo(200);
    Yarn late = new Yarn("Late");
    late.kept(Yarn.entry("NOTED", "text", "something happened since"));
    Map<String, Object> before = Yarn.entry("BERTH_MOVED", "berth", berths.get(0));
    before.put("deviceTime", RunningElsko.now().minusSeconds(600).toString());
    assertThat(
            RunningElsko.as("coordinator")
                .post("/api/boats/" + late.boat + "/entries", Map.of("entries", List.of(before)))
                .reason())
        .endsWith("is taken by another boat.");
  }

  @Test
  void twoBoatsOfOneNameAtOnceAreOne() throws Exception {
    Map<String, Object> twin = Yarn.described("Twin of nobody");
    List<Callable<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      all.add(() -> RunningElsko.as("coordinator").post("/api/boats", twin).status());
    }
    Map<Integer, Integer> answers = new HashMap<>();
    try (ExecutorService people = Executors.newFixedThreadPool(6)) {
      for (Future<Integer> one : people.invokeAll(all)) {
        answers.merge(one.get(), 1, Integer::sum);
      }
    }
    assertThat(answers).isEqualTo(Map.of(201, 1, 409, 5));
  }
}
