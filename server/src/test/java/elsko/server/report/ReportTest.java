package elsko.server.report;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.UnitSystem;
import elsko.core.Words;
import elsko.core.ledger.fact.Procedure;
import elsko.server.Background;
import elsko.server.RunningElsko;
import elsko.server.RunningElsko.Answer;
import elsko.server.Yarn;
import elsko.server.jobs.JobKind;
import elsko.server.square.SquareCode;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** What the yard prints: its words can be taken out again, and nothing of it is cut off. */
@ExtendWith(RunningElsko.class)
class ReportTest {
  private static SetPage read(String path) {
    byte[] pdf = fetched("/api/reports/" + path);
    try {
      SetPage set = SetPage.of(pdf);
      assertThat(set.outside()).as("what reaches over the edge in %s", path).isEmpty();
      return set;
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static byte[] fetched(String path) {
    String basic =
        Base64.getEncoder().encodeToString("coordinator:demo".getBytes(StandardCharsets.UTF_8));
    try {
      var answer =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(RunningElsko.address(path))
                      .header("Authorization", "Basic " + basic)
                      .build(),
                  BodyHandlers.ofByteArray());
      assertThat(answer.statusCode()).as(path).isEqualTo(200);
      return answer.body();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static final String CARD = "card.pdf?procedure=WINTERIZE&";

  private static String demo(String name) {
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      if (boat.path("name").asString().equals(name)) {
        return boat.path("id").asString();
      }
    }
    throw new AssertionError(name);
  }

  @ParameterizedTest
  @EnumSource(UnitSystem.class)
  void everyBoatsReportAndTagAreWholeInBothUnits(UnitSystem units) {
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      String id = boat.path("id").asString();
      String name = boat.path("name").asString();
      assertThat(read("boats/" + id + "/lay-up.pdf?units=" + units).text())
          .contains("How it is protected")
          .contains("What spring brings")
          .contains("page 1 of");
      SetPage tag = read("boats/" + id + "/helm-tag.pdf?units=" + units);
      assertThat(tag.pages()).as("pages of the tag of %s", name).isEqualTo(1);
      SetPage map = read("boats/" + id + "/drain-map.pdf?units=" + units);
      assertThat(map.pages()).as("pages of the drain map of %s", name).isEqualTo(1);
      assertThat(map.text()).contains("Numbered from the intake on");
      assertThat(tag.text().replace(" ", ""))
          .contains(name.toUpperCase(Locale.ROOT).replace(" ", "").replace('船', '?'));
    }
  }

  /** Sizes of tools stay as they are sold, and what people wrote themselves as they wrote it. */
  @ParameterizedTest
  @EnumSource(UnitSystem.class)
  void noUnitOfTheOtherSystemIsOnAnyPage(UnitSystem system) {
    Pattern other =
        Pattern.compile(
            system == UnitSystem.US
                ? "\\d\\s?(°C|K|L|mL|m|kPa|L/min|L/h)(?![\\w/%²'’-])|\\d\\s?mm(?! socket)\\b"
                : "\\d\\s?(°F|gal|fl oz|ft|psi)(?![\\w/])");
    List<String> pages =
        new ArrayList<>(
            List.of("day-sheets.pdf?", "day-cards.pdf?", "launch-list.pdf?", "season.pdf?"));
    for (String name : List.of("Thrift", "Marram", "Gannet", "Skua")) {
      for (String page : List.of("lay-up.pdf?", "helm-tag.pdf?", "drain-map.pdf?", CARD)) {
        pages.add("boats/" + demo(name) + "/" + page);
      }
    }
    for (String page : pages) {
      String text = read(page + "units=" + system).text();
      assertThat(text.lines().filter(line -> other.matcher(line).find())).as(page).isEmpty();
    }
  }

  @Test
  void theJobSheetIsAFileABillIsWrittenFromAndStandsOnTheReport() {
    String thrift = demo("Thrift");
    List<String> rows =
        new String(
                fetched("/api/reports/boats/" + thrift + "/job-sheet.csv"), StandardCharsets.UTF_8)
            .lines()
            .toList();
    assertThat(rows.get(0)).isEqualTo("boat,kind,what,quantity,unit,detail,by,last at");
    assertThat(rows).anyMatch(row -> row.startsWith("Thrift,worked,Winterizing,"));
    assertThat(rows).anyMatch(row -> row.startsWith("Thrift,reckoned,Winterizing,"));
    assertThat(rows)
        .filteredOn(row -> row.startsWith("Thrift,fluid,"))
        .isNotEmpty()
        .allMatch(row -> row.contains(",L,") && row.contains("lot "));
    assertThat(read("boats/" + thrift + "/lay-up.pdf?units=METRIC").text())
        .contains("Minutes, liters and parts")
        .contains("Antifreeze into engine raw water");
    Answer refused =
        RunningElsko.as("viewer")
            .get("/api/reports/boats/" + thrift + "/job-sheet.csv?from=2026-05-02&to=2026-05-01");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("to");
  }

  @Test
  void theLayUpReportSaysFreezeAndBurstInTheUnitsAskedFor() {
    String thrift = "boats/" + demo("Thrift") + "/lay-up.pdf";
    String metric = read(thrift + "?units=METRIC").text();
    assertThat(metric)
        .contains("Held against −20 °C with 5 K to spare")
        .contains("proven")
        .contains("lot P38-112")
        .containsPattern("freezes at −\\d+(\\.\\d)? °C, bursts")
        .contains("not by a maker's label");
    assertThat(read(thrift + "?units=US").text())
        .contains("Held against −4 °F with 9 °F to spare")
        .containsPattern("freezes at −?\\d+(\\.\\d)? °F")
        .contains("gal of")
        .doesNotContain("°C");
  }

  @ParameterizedTest
  @EnumSource(Procedure.class)
  void cardsCanBePrintedBlankWithAllTheyAskAndEveryCaution(Procedure procedure) {
    int turn = procedure.ordinal();
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      // Each boat for some procedures, each procedure for some boats: all of them take minutes.
      if (turn++ % 5 != 0) {
        continue;
      }
      String id = boat.path("id").asString();
      JsonNode card =
          RunningElsko.as("viewer")
              .get("/api/boats/" + id + "/card-to-open?procedure=" + procedure)
              .body();
      String paper = flat(read("boats/" + id + "/card.pdf?procedure=" + procedure).text());
      int number = 0;
      for (JsonNode step : card.path("steps")) {
        number++;
        if (step.path("standing").asString().equals("OPEN")) {
          assertThat(paper)
              .contains(flat("%d. %s".formatted(number, step.path("title").asString())));
          for (JsonNode hazard : step.path("hazards")) {
            assertThat(paper).contains(flat(hazard.asString()));
          }
          int ask = 0;
          for (JsonNode one : step.path("asks")) {
            ask++;
            String label = Words.sentence(one.path("label").asString());
            assertThat(paper).contains(flat("%d.%d %s".formatted(number, ask, label)));
          }
        }
      }
      for (JsonNode tag : card.path("tags")) {
        assertThat(paper).contains(flat("RED TAG when printed. " + tag.path("words").asString()));
      }
    }
  }

  /** Feet of pages stand between the lines of a sheet, and lines break where they must. */
  private static String flat(String words) {
    return words
        .replaceAll("Blank cards, printed .{10,20} page \\d+ of \\d+", "")
        .replaceAll("\\s+", "")
        // One sign in the face of the headings.
        .replaceAll("ffl|ũ", "");
  }

  private static String words(JsonNode stop) {
    return Procedure.valueOf(stop.path("procedure").asString()).words();
  }

  @Test
  void theCardsOfADayArePrintedOnceEach() {
    JsonNode stop =
        RunningElsko.as("coordinator").get("/api/walks").body().path("plan").path("stops").get(0);
    String cards = flat(read("day-cards.pdf?day=" + stop.path("date").asString()).text());
    String title =
        flat("%s: %s".formatted(stop.path("name").asString(), words(stop)))
            .toUpperCase(Locale.ROOT);
    assertThat(cards.split(Pattern.quote(title), -1)).hasSize(2);
    assertThat(read("day-cards.pdf?day=1999-01-01").text()).contains("Nobody was told");
    Answer refused =
        RunningElsko.as("viewer").get("/api/reports/boats/" + demo("Thrift") + "/card.pdf");
    assertThat(refused.status()).isEqualTo(400);
  }

  @Test
  void theReportOfTheBoatThatNarrowsSaysSo() {
    assertThat(read("boats/" + demo("Old Lapwing") + "/lay-up.pdf").text())
        .contains("Raw-water path narrowing: descale or inspect.")
        .contains("4.6 K over its own median");
  }

  @Test
  void longNamesAndStrangeLettersAreBrokenNotCut() {
    Yarn yarn = new Yarn("Wwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwww 船");
    yarn.kept(entry("WORK_ADDED", "text", "x".repeat(400) + " and " + "word ".repeat(80)));
    assertThat(read("boats/" + yarn.boat + "/lay-up.pdf").text())
        .contains("WWWWWWWW")
        .contains("?");
    read("boats/" + yarn.boat + "/helm-tag.pdf?units=US");
  }

  @Test
  void theTagSaysWhatIsOutAndNotToStart() {
    Yarn yarn = new Yarn("Tagged").filled();
    String text = read("boats/" + yarn.boat + "/helm-tag.pdf").text();
    assertThat(text).contains("DO NOT START");
    assertThat(text).contains("filled, not measured yet");
    assertThat(SquareCode.of("http://localhost/boats/" + UUID.randomUUID()).size())
        .isBetween(25, 41);
  }

  @Test
  void listsOfTheYardAreSet() {
    assertThat(read("launch-list.pdf").text()).contains("LAUNCH LIST");
    assertThat(read("season.pdf?units=US").text())
        .contains("SEASON SUMMARY")
        .contains("Skeldra Rose 38, lot P38-112")
        .contains("gal");
    assertThat(read("day-sheets.pdf?day=2001-01-01").text()).contains("Nobody was told");
    String day =
        RunningElsko.as("coordinator")
            .get("/api/walks")
            .body()
            .path("plan")
            .path("stops")
            .get(0)
            .path("date")
            .asString();
    assertThat(read("day-sheets.pdf?day=" + day).text()).contains("Fennholm Yard").contains(" to ");
    Answer wrong =
        RunningElsko.as("viewer").get("/api/reports/season.pdf?from=2031-02-02&to=2031-02-01");
    assertThat(wrong.field()).isEqualTo("to");
  }

  @Test
  void theOwnerIsSentTheReportByASimulatedPost() throws Exception {
    Answer nobody =
        RunningElsko.as("coordinator")
            .post("/api/reports/boats/" + new Yarn("Nobody's").boat + "/lay-up-mail", null);
    assertThat(nobody.status()).isEqualTo(409);
    assertThat(nobody.field()).isEqualTo("owner");
    String thrift = demo("Thrift");
    assertThat(
            RunningElsko.as("coordinator")
                .post("/api/reports/boats/" + thrift + "/lay-up-mail", null)
                .status())
        .isEqualTo(200);
    JsonNode letter = RunningElsko.as("coordinator").get("/api/mail").body().get(0);
    assertThat(letter.path("subject").asString()).isEqualTo("Thrift is laid up");
    assertThat(letter.path("madeBy").asString()).isEqualTo("coordinator");
    RunningElsko.bean(elsko.server.mail.Outbox.class).postComes();
    JsonNode sent = RunningElsko.as("coordinator").get("/api/mail").body().get(0);
    assertThat(sent.path("sentAt").asString()).isNotEmpty();
    SetPage attached =
        SetPage.of(fetched("/api/mail/" + sent.path("id").asString() + "/attachment.pdf"));
    assertThat(attached.text()).contains("THRIFT: LAY-UP REPORT");
  }

  @Test
  void allReportsAreWrittenAsOneJobWithProgress() throws Exception {
    JsonNode begun = RunningElsko.as("coordinator").post("/api/reports/lay-up-mails", null).body();
    int of = begun.path("of").asInt();
    assertThat(of).isGreaterThan(5);
    Background.ends(JobKind.LETTERS);
    JsonNode progress =
        RunningElsko.as("viewer").get("/api/reports/lay-up-mails").body().path("progress");
    assertThat(progress.path("running").asBoolean()).isFalse();
    assertThat(progress.path("done").asInt()).isEqualTo(of);
    List<JsonNode> letters =
        RunningElsko.as("coordinator").get("/api/mail").body().valueStream().toList();
    assertThat(letters).hasSizeGreaterThanOrEqualTo(of);
  }
}
