package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class RoundTest {
  private static JsonNode round() {
    return RunningElsko.as("technician").get("/api/bench/round").body();
  }

  private static JsonNode stop(Yarn yarn) {
    for (JsonNode stop : round()) {
      if (stop.path("boat").asString().equals(yarn.boat)) {
        return stop;
      }
    }
    return RunningElsko.JSON.createObjectNode();
  }

  @Test
  void theStopsAreInWalkingOrderWithTheirBottlesMarkedByBerth() {
    List<String> berths = new ArrayList<>();
    Set<String> marks = new HashSet<>();
    for (JsonNode stop : round()) {
      String berth = stop.path("berthName").asString();
      berths.add(berth);
      for (JsonNode one : stop.path("bottles")) {
        assertThat(one.path("mark").asString())
            .startsWith(berth.isEmpty() ? stop.path("boatName").asString() : berth);
        assertThat(marks.add(one.path("mark").asString())).isTrue();
      }
    }
    assertThat(berths).containsSubsequence("A5", "C16", "C13", "C7", "C4", "C2", "D12", "D15");
    assertThat(berths.indexOf("A5")).isLessThan(berths.indexOf("C16"));
  }

  @Test
  void aBoatLeavesTheRoundWhenItIsProven() {
    Yarn yarn = new Yarn("Rounder").filled();
    assertThat(stop(yarn).path("bottles").size()).isEqualTo(4);
    prove(yarn);
    assertThat(yarn.view().body().path("circuits").get(0).path("protection").asString())
        .isEqualTo("PROVEN");
    assertThat(stop(yarn)).isEmpty();
  }

  private static void prove(Yarn yarn) {
    yarn.kept(Yarn.jug(-19.0));
    for (String point :
        List.of("block-starboard", "manifold-starboard", "block-port", "manifold-port")) {
      yarn.kept(Yarn.sample(point, -18.4));
    }
  }

  private static void askForCountersign(boolean asked) {
    var coordinator = RunningElsko.as("coordinator");
    Answer yard = coordinator.get("/api/yard");
    Map<String, Object> change = new HashMap<>();
    change.put("name", yard.body().path("name").asString());
    change.put("designLowC", -20);
    change.put("marginK", 5);
    change.put("policy", "BURST");
    change.put("kickAllowed", true);
    change.put("countersign", asked);
    String version = yard.raw().headers().firstValue("ETag").orElseThrow();
    assertThat(coordinator.put("/api/yard", change, version).status()).isEqualTo(200);
  }

  @Test
  void whereTheYardAsksASecondPersonSigns() {
    askForCountersign(true);
    try {
      Yarn yarn = new Yarn("Countersigned").filled();
      prove(yarn);
      JsonNode waiting = stop(yarn);
      assertThat(waiting.path("awaitsCountersign").asBoolean()).isTrue();
      Answer own = yarn.send(Yarn.entry("COUNTERSIGNED", "circuit", "engine"));
      assertThat(own.status()).isEqualTo(409);
      assertThat(own.reason()).contains("second person");
      Answer signed =
          RunningElsko.as("coordinator")
              .post(
                  "/api/boats/" + yarn.boat + "/entries",
                  Map.of("entries", List.of(Yarn.entry("COUNTERSIGNED", "circuit", "engine"))));
      assertThat(signed.status()).isEqualTo(200);
      JsonNode circuit = yarn.view().body().path("circuits").get(0);
      assertThat(circuit.path("protection").asString()).isEqualTo("PROVEN");
      assertThat(circuit.path("countersignedBy").asString()).isEqualTo("coordinator");
    } finally {
      askForCountersign(false);
    }
  }

  @Test
  void theLabelsNameEveryBottle() throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(RunningElsko.at("/api/bench/round/labels.pdf"))
            .header(
                "Authorization",
                "Basic " + Base64.getEncoder().encodeToString("technician:demo".getBytes()))
            .build();
    byte[] pdf = HttpClient.newHttpClient().send(request, BodyHandlers.ofByteArray()).body();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(document);
      int bottles = 0;
      for (JsonNode stop : round()) {
        assertThat(text).contains(stop.path("boatName").asString());
        bottles += stop.path("bottles").size();
      }
      assertThat(text).contains("starboard block", "A5-1", "berth A5", "lot P38-112");
      assertThat(document.getNumberOfPages()).isBetween(1, bottles / 24 + 2);
    }
  }
}
