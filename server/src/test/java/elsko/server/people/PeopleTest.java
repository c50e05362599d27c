package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import elsko.server.RunningElsko.Answer;
import elsko.server.RunningElsko.Browser;
import elsko.server.RunningElsko.Client;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody comes, works, and goes: what they have open ends at that moment. */
@ExtendWith(RunningElsko.class)
class PeopleTest {
  private static final String PASSWORD = "seven wet herons";
  private final Client coordinator = RunningElsko.as("coordinator");

  private Answer invite(String name, String role) {
    return coordinator.post("/api/people", Map.of("name", name, "role", role));
  }

  private static Answer accept(Browser browser, String code, String password) {
    return browser.with(
        "POST", "/api/invitation", Map.of("password", password), Map.of("X-Elsko-Code", code));
  }

  /** Somebody who is here: invited, with a password, signed in. */
  private Browser here(String name, String role) {
    Browser browser = new Browser();
    Answer in = accept(browser, invite(name, role).body().path("code").asString(), PASSWORD);
    assertThat(in.status()).as(in.raw().body()).isEqualTo(200);
    return browser;
  }

  private String id(String name) {
    return person(name).path("id").asString();
  }

  private tools.jackson.databind.JsonNode person(String name) {
    return coordinator
        .get("/api/people")
        .body()
        .valueStream()
        .filter(one -> one.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static int boats(Browser browser) {
    return browser.send("GET", "/api/boats", null, false).status();
  }

  @Test
  void somebodyInvitedSetsTheirOwnPasswordOnce() {
    Answer invited = invite("Wick", "YARD_HAND");
    assertThat(invited.status()).isEqualTo(201);
    String code = invited.body().path("code").asString();
    assertThat(invited.body().path("address").asString()).endsWith("/join#" + code);
    assertThat(invited.body().path("square").asString()).startsWith("M0 0h7v1H0z");
    assertThat(coordinator.get("/api/people").raw().body()).doesNotContain(code);
    assertThat(new Browser().signIn("Wick", code).status()).as("it is no password").isEqualTo(401);

    Browser phone = new Browser();
    Answer whose = phone.with("GET", "/api/invitation", null, Map.of("X-Elsko-Code", code));
    assertThat(whose.body().path("name").asString()).isEqualTo("Wick");
    Answer weak = accept(phone, code, "password12");
    assertThat(weak.status()).isEqualTo(422);
    assertThat(weak.field()).isEqualTo("password");
    assertThat(accept(phone, code.toUpperCase(java.util.Locale.ROOT), PASSWORD).status())
        .isEqualTo(200);
    assertThat(boats(phone)).isEqualTo(200);
    assertThat(accept(new Browser(), code, PASSWORD).status()).as("used").isEqualTo(404);
    assertThat(new Browser().signIn("wick", PASSWORD).status()).as("as typed").isEqualTo(200);
  }

  @Test
  void wrongCodesAreSlowedDownAndNeverHoldUpARightOne() {
    String code = invite("Fog", "VIEWER").body().path("code").asString();
    Answer last = null;
    for (int i = 0; i < 9; i++) {
      last =
          new Browser().with("GET", "/api/invitation", null, Map.of("X-Elsko-Code", "wrong-" + i));
    }
    assertThat(last.status()).isEqualTo(429);
    assertThat(accept(new Browser(), code, PASSWORD).status()).isEqualTo(200);
  }

  @Test
  void aNewCodeEndsTheOldOneAndTheOldPassword() {
    Browser phone = here("Marl", "TECHNICIAN");
    Answer reset = coordinator.post("/api/people/%s/code".formatted(id("Marl")), null);
    assertThat(boats(phone)).isEqualTo(401);
    assertThat(new Browser().signIn("Marl", PASSWORD).status()).isEqualTo(401);
    assertThat(person("Marl").path("standing").asString()).isEqualTo("INVITED");
    String code = reset.body().path("code").asString();
    assertThat(accept(phone, code, "eight dry herons").status()).isEqualTo(200);
    assertThat(boats(phone)).isEqualTo(200);
  }

  @Test
  @Timeout(30)
  void whoIsRemovedInMidWorkIsOutAtTheNextRequestAndSoIsTheirStream() throws Exception {
    Browser phone = here("Tern", "TECHNICIAN");
    CompletableFuture<List<String>> heard =
        phone.stream("/api/events").thenApply(PeopleTest::untilItEnds);
    assertThat(boats(phone)).isEqualTo(200);
    assertThat(coordinator.delete("/api/people/" + id("Tern")).status()).isEqualTo(204);
    Answer next = phone.send("GET", "/api/boats", null, false);
    assertThat(next.status()).isEqualTo(401);
    assertThat(heard.get(10, TimeUnit.SECONDS)).contains("event:hello");
    assertThat(new Browser().signIn("Tern", PASSWORD).status()).isEqualTo(401);
    assertThat(person("Tern").path("standing").asString()).isEqualTo("REMOVED");
    Answer again = invite("TERN", "VIEWER");
    assertThat(again.status()).as("nobody else gets the name").isEqualTo(409);
    assertThat(invite("Tern", "VIEWER").status()).as("the same person comes back").isEqualTo(201);
  }

  private static List<String> untilItEnds(java.io.InputStream stream) {
    return new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))
        .lines()
        .toList();
  }

  @Test
  @Timeout(30)
  void signingOutEndsTheStreamOfThatSession() throws Exception {
    Browser phone = here("Plover", "VIEWER");
    java.io.InputStream stream = phone.stream("/api/events").get(10, TimeUnit.SECONDS);
    CompletableFuture<List<String>> heard =
        CompletableFuture.supplyAsync(() -> untilItEnds(stream));
    assertThat(phone.send("POST", "/api/session/end", null, true).status()).isEqualTo(204);
    assertThat(heard.get(10, TimeUnit.SECONDS)).contains("event:hello");
  }

  @Test
  void aHundredAndFiftyGuessesAtOnceAreNoMoreThanEightInARow() throws Exception {
    here("Knot", "VIEWER");
    List<Callable<Integer>> guesses = new ArrayList<>();
    for (int i = 0; i < 150; i++) {
      String guess = "guess number " + i;
      guesses.add(() -> new Browser().guess("Knot", guess).status());
    }
    Map<Integer, Integer> answers = new TreeMap<>();
    try (ExecutorService many = Executors.newFixedThreadPool(30)) {
      for (Future<Integer> one : many.invokeAll(guesses)) {
        answers.merge(one.get(), 1, Integer::sum);
      }
    }
    assertThat(answers).isEqualTo(Map.of(401, 8, 429, 142));
  }

  @Test
  void whoWalksAndIsRemovedIsPlannedForNoMore() {
    Map<String, Object> walks =
        Map.of("name", "Dabchick", "skills", List.of("SYSTEMS"), "startsAt", 480, "endsAt", 960);
    assertThat(coordinator.put("/api/walks/crew", walks, null).status()).isEqualTo(200);
    assertThat(person("Dabchick").path("standing").asString()).isEqualTo("WALKS");
    here("Dabchick", "TECHNICIAN");
    coordinator.delete("/api/people/" + id("Dabchick"));
    assertThat(coordinator.get("/api/walks/crew").raw().body()).doesNotContain("Dabchick");
    Answer again = coordinator.put("/api/walks/crew", walks, null);
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.reason()).isEqualTo("Dabchick was removed. Invite them again first.");
  }

  @Test
  void anotherRoleCountsFromTheNextRequestOn() {
    Browser desk = here("Dune", "COORDINATOR");
    Browser other = new Browser();
    other.signIn("Dune", PASSWORD);
    Answer stale =
        coordinator.put(
            "/api/people/%s/role".formatted(id("Dune")), Map.of("role", "VIEWER"), "\"0\"");
    assertThat(stale.status()).isEqualTo(412);
    String version = "\"" + person("Dune").path("version").asLong() + "\"";
    Answer demoted =
        coordinator.put(
            "/api/people/%s/role".formatted(id("Dune")), Map.of("role", "VIEWER"), version);
    assertThat(demoted.status()).isEqualTo(200);
    assertThat(boats(desk)).isEqualTo(401);
    assertThat(boats(other)).isEqualTo(401);
    desk.signIn("Dune", PASSWORD);
    assertThat(boats(desk)).isEqualTo(200);
    assertThat(desk.send("GET", "/api/people", null, false).status()).isEqualTo(403);
  }

  @Test
  void whoIsLockedIsOutUntilUnlocked() {
    Browser phone = here("Sedge", "YARD_HAND");
    String locked = "/api/people/%s/locked".formatted(id("Sedge"));
    assertThat(coordinator.put(locked, Map.of("locked", true), null).status()).isEqualTo(200);
    assertThat(boats(phone)).isEqualTo(401);
    assertThat(new Browser().signIn("Sedge", PASSWORD).status()).isEqualTo(401);
    assertThat(coordinator.put(locked, Map.of("locked", false), null).status()).isEqualTo(200);
    assertThat(new Browser().signIn("Sedge", PASSWORD).status()).isEqualTo(200);
  }

  @Test
  void aChangeOfPasswordEndsEveryOtherSession() {
    Browser desk = here("Reed", "VIEWER");
    Browser phone = new Browser();
    phone.signIn("Reed", PASSWORD);
    assertThat(desk.send("GET", "/api/session/all", null, false).body().size()).isEqualTo(2);
    Answer wrong =
        desk.send(
            "PUT", "/api/session/password", Map.of("now", "guess", "next", "nine wet geese"), true);
    assertThat(wrong.status()).isEqualTo(422);
    Answer changed =
        desk.send(
            "PUT",
            "/api/session/password",
            Map.of("now", PASSWORD, "next", "nine wet geese"),
            true);
    assertThat(changed.status()).isEqualTo(204);
    assertThat(boats(desk)).as("the one that changed it goes on").isEqualTo(200);
    assertThat(boats(phone)).isEqualTo(401);
    assertThat(new Browser().signIn("Reed", PASSWORD).status()).isEqualTo(401);
  }

  @Test
  void guessingThePresentPasswordIsSlowedDown() {
    Browser found = here("Flint", "VIEWER");
    Answer last = null;
    for (int i = 0; i < 9; i++) {
      last =
          found.send(
              "PUT",
              "/api/session/password",
              Map.of("now", "guess " + i, "next", "nine wet geese"),
              true);
    }
    assertThat(last.status()).isEqualTo(429);
  }

  @Test
  void oneOfOnesOwnSessionsIsEndedFromAnother() {
    Browser desk = here("Shale", "VIEWER");
    Browser phone = new Browser();
    phone.signIn("Shale", PASSWORD);
    String other =
        desk.send("GET", "/api/session/all", null, false)
            .body()
            .valueStream()
            .filter(one -> !one.path("mine").asBoolean())
            .map(one -> one.path("key").asString())
            .findFirst()
            .orElseThrow();
    assertThat(desk.send("DELETE", "/api/session/all/" + other, null, true).status())
        .isEqualTo(204);
    assertThat(boats(phone)).isEqualTo(401);
    assertThat(boats(desk)).isEqualTo(200);
    Browser stranger = here("Slate", "VIEWER");
    String mine =
        desk.send("GET", "/api/session/all", null, false).body().get(0).path("key").asString();
    assertThat(stranger.send("DELETE", "/api/session/all/" + mine, null, true).status())
        .as("another's")
        .isEqualTo(404);
  }

  @Test
  void whoeverGuessesElsewhereDoesNotLockTheOwnerOut() {
    Browser phone = here("Loam", "VIEWER");
    phone.send("POST", "/api/session/end", null, true);
    for (int i = 0; i < 9; i++) {
      new Browser().signIn("Loam", "guess " + i);
    }
    assertThat(new Browser().signIn("Loam", PASSWORD).status()).as("a new device").isEqualTo(429);
    assertThat(phone.signIn("Loam", PASSWORD).status()).as("the phone").isEqualTo(200);
  }

  @Test
  void whatLooksAlikeIsNotAnotherPerson() {
    assertThat(invite("Coordinator", "VIEWER").status()).isEqualTo(409);
    assertThat(invite("c\u043Eordinator", "VIEWER").status()).isEqualTo(422);
    assertThat(invite("co\u200Bordinator", "VIEWER").status())
        .as("what cannot be seen is taken out")
        .isEqualTo(409);
    assertThat(invite("ORRIN", "VIEWER").status()).as("walks").isEqualTo(409);
    Answer orrin = invite("Orrin", "VIEWER");
    assertThat(orrin.status()).as("the same who walks").isEqualTo(201);
    Browser phone = new Browser();
    accept(phone, orrin.body().path("code").asString(), PASSWORD);
    List<String> feeds =
        phone
            .send("GET", "/api/walks/crew", null, false)
            .body()
            .path("workers")
            .valueStream()
            .filter(worker -> !worker.path("feedToken").isNull())
            .map(worker -> worker.path("name").asString())
            .toList();
    assertThat(feeds).containsExactly("Orrin");
  }

  @Test
  void aYardIsNeverLeftWithoutACoordinator() {
    List<tools.jackson.databind.JsonNode> others =
        coordinator
            .get("/api/people")
            .body()
            .valueStream()
            .filter(one -> one.path("role").asString().equals("COORDINATOR"))
            .filter(one -> one.path("standing").asString().equals("ACTIVE"))
            .filter(one -> !one.path("name").asString().equals("coordinator"))
            .toList();
    others.forEach(one -> coordinator.delete("/api/people/" + one.path("id").asString()));
    String own = "/api/people/" + id("coordinator");
    assertThat(coordinator.delete(own).status()).isEqualTo(409);
    assertThat(coordinator.post(own + "/code", null).status()).isEqualTo(409);
    assertThat(coordinator.put(own + "/locked", Map.of("locked", true), null).status())
        .isEqualTo(409);
    assertThat(coordinator.put(own + "/role", Map.of("role", "VIEWER"), "\"0\"").status())
        .isEqualTo(409);
  }

  @Test
  void whoChangedPeopleStandsInTheAudit() {
    here("Marram", "VIEWER");
    coordinator.delete("/api/people/" + id("Marram"));
    List<String> words =
        coordinator
            .get("/api/audit")
            .body()
            .path("lines")
            .valueStream()
            .map(line -> line.path("person").asString() + ": " + line.path("words").asString())
            .toList();
    assertThat(words)
        .contains(
            "coordinator: Invited Marram as viewer",
            "Marram: Set their own password with a code",
            "coordinator: Removed Marram");
    assertThat(RunningElsko.as("technician").get("/api/audit").status()).isEqualTo(403);
  }
}
