package elsko.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.ledger.fact.Fact;
import elsko.server.RunningElsko;
import elsko.server.said.NewEntry;
import elsko.server.said.SaidOfBoat;
import elsko.server.said.SaidReader;
import elsko.server.work.log.EntryKind;
import elsko.server.work.log.FactJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Entries wait on phones in the form in which they were made: each kind in that form, as it was
 * sent in November 2026, still makes the fact it made, kept by the same names.
 */
@ExtendWith(RunningElsko.class)
class FormerEntriesTest {
  private static final Path FROZEN = Path.of("src/test/resources/frozen");
  private static final Path SENT = FROZEN.resolve("former-entries.jsonl");
  private static final String LOT = "P27-040";
  private static final Path PRINTED = FROZEN.resolve("former-prints.jsonl");
  private static final Path MADE = FROZEN.resolve("former-facts.jsonl");

  /** A round is ended, and a picture sent, on ways of their own. */
  private static final Set<EntryKind> NOT_SENT_SO =
      EnumSet.of(
          EntryKind.ROUND_DONE,
          EntryKind.PHOTO_TAKEN,
          EntryKind.TAG_REMEDIED,
          EntryKind.TAG_LIFTED,
          EntryKind.METER_REPLACED,
          EntryKind.CYLINDERS_OILED,
          EntryKind.COMPLAINED,
          EntryKind.PROOF_GIVEN_UP,
          EntryKind.CAUGHT_AT_DRAIN,
          EntryKind.LEARNED_USED);

  static String inThisYard(String line) {
    JsonNode shelf = RunningElsko.as("coordinator").get("/api/bench/shelf").body();
    JsonNode yard = RunningElsko.as("coordinator").get("/api/yard/plan").body();
    return line.replace("$lot", LOT)
        .replace("$instrument", named(shelf, "Bay glass"))
        .replace("$coolantGlass", named(shelf, "Coolant glass"))
        .replace("$berth", yard.path("berths").get(0).path("id").asString());
  }

  private static String named(JsonNode shelf, String name) {
    for (JsonNode instrument : shelf.path("instruments")) {
      if (instrument.path("name").asString().equals(name)) {
        return instrument.path("id").asString();
      }
    }
    throw new AssertionError(name);
  }

  private static List<NewEntry> sent() throws IOException {
    List<NewEntry> bodies = new ArrayList<>();
    for (String line : Files.readAllLines(SENT)) {
      bodies.add(RunningElsko.JSON.readValue(inThisYard(line), NewEntry.class));
    }
    return bodies;
  }

  /** Without what is this yard's own. */
  private static String kept(NewEntry body) {
    SaidReader reader = RunningElsko.bean(SaidReader.class);
    Fact fact = reader.fact(body, RunningElsko.now());
    String made = RunningElsko.bean(FactJson.class).write(fact);
    return EntryKind.of(fact)
        + " "
        + (body.said() instanceof SaidOfBoat.BerthMoved moved
                ? made.replace(moved.berth().toString(), "$berth")
                : made)
            .replaceAll("\"zeroReading\":[-0-9.E]+", "\"zeroReading\":0")
            .replaceAll("\"hoursSinceZeroCheck\":[0-9.E]+", "\"hoursSinceZeroCheck\":0");
  }

  @Test
  void eachKindMakesTheFactItMade() throws IOException {
    List<String> made = sent().stream().map(FormerEntriesTest::kept).toList();
    if (Boolean.getBoolean("elsko.approve")) {
      Files.write(MADE, made);
    }
    assertThat(made).isEqualTo(Files.readAllLines(MADE));
  }

  /** An id that was kept in November is recognized when it is sent again. */
  @Test
  void eachIsRecognizedWhenItComesAgain() throws IOException {
    List<String> printed = new ArrayList<>();
    List<String> lines = Files.readAllLines(SENT);
    for (int i = 0; i < lines.size(); i++) {
      NewEntry body = RunningElsko.JSON.readValue(inThisYard(lines.get(i)), NewEntry.class);
      printed.add(asFrozen(RunningElsko.bean(FactJson.class).printed(body), lines.get(i)));
    }
    if (Boolean.getBoolean("elsko.approve")) {
      Files.write(PRINTED, printed);
    }
    assertThat(printed).isEqualTo(Files.readAllLines(PRINTED));
  }

  /** With names in place of what is this yard's own. */
  private static String asFrozen(String printed, String line) {
    String frozen = printed;
    for (String own : List.of("$lot", "$instrument", "$coolantGlass", "$berth")) {
      if (line.contains("\"" + own + "\"")) {
        frozen = frozen.replace(inThisYard("\"" + own + "\""), "\"" + own + "\"");
      }
    }
    return frozen;
  }

  @Test
  void noKindIsMissing() throws IOException {
    Set<EntryKind> kinds = EnumSet.allOf(EntryKind.class);
    sent().forEach(body -> kinds.remove(EntryKind.valueOf(body.kind())));
    assertThat(kinds).isEqualTo(NOT_SENT_SO);
  }
}
