package elsko.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Answers;
import elsko.core.procedure.card.Ask;
import elsko.core.trial.AnyBoat;
import elsko.server.RunningElsko;
import elsko.server.SharedVectors;
import elsko.server.said.NewEntry;
import elsko.server.said.SaidReader;
import elsko.server.work.view.AnswerWanted;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whether an entry answers what is asked: core by its records, a device by the data on the ask. */
@ExtendWith(RunningElsko.class)
class AnswerVectorsTest {
  private static final Path SENT = Path.of("src/test/resources/frozen/former-entries.jsonl");

  /** Kinds there were not when those were written. */
  private static final List<String> LATER =
      List.of(
          "{\"kind\":\"CYLINDERS_OILED\"}",
          "{\"kind\":\"COMPLAINED\",\"complaint\":\"RAN_HOT\"}",
          "{\"kind\":\"TAG_REMEDIED\",\"cause\":\"RAN_DRY\",\"remedy\":\"impeller-looked\"}",
          "{\"kind\":\"PHOTO_TAKEN\",\"photo\":\"00000000-0000-0000-0000-000000000007\"}",
          "{\"kind\":\"PROOF_GIVEN_UP\",\"circuit\":\"engine\",\"reason\":\"it has to run\"}");

  private final SaidReader reader = RunningElsko.bean(SaidReader.class);
  private final Map<String, ObjectNode> usual = usual();

  /** An entry, what it is held against, and what core says. */
  private record Vector(JsonNode answers, JsonNode entry, boolean given) {}

  /** One entry of each kind with all it needs. */
  private static Map<String, ObjectNode> usual() {
    try {
      Map<String, ObjectNode> usual = new HashMap<>();
      for (String line : Files.readAllLines(SENT)) {
        ObjectNode entry =
            (ObjectNode) RunningElsko.JSON.readTree(FormerEntriesTest.inThisYard(line));
        usual.putIfAbsent(entry.path("kind").asString(), entry);
      }
      for (String later : LATER) {
        ObjectNode entry = (ObjectNode) RunningElsko.JSON.readTree(later);
        usual.put(entry.path("kind").asString(), entry);
      }
      return usual;
    } catch (IOException broken) {
      throw new AssertionError(broken);
    }
  }

  private record Asked(Boat boat, Ask ask, JsonNode answers) {
    static Asked of(Boat boat, Ask ask) {
      return new Asked(
          boat, ask, RunningElsko.JSON.valueToTree(AnswerWanted.of(Answers.of(boat, ask))));
    }
  }

  /** Some of every kind, on a boat with one engine and on one with two. */
  private static List<Asked> asked() {
    List<Asked> all = new ArrayList<>();
    for (int engines = 1; engines <= 2; engines++) {
      Boat boat = withEngines(engines);
      Position engine = boat.engineCircuits().get(0).engine();
      asks(engine).forEach(ask -> all.add(Asked.of(boat, ask)));
    }
    return all;
  }

  private static Boat withEngines(int engines) {
    for (long seed = 0; ; seed++) {
      Boat boat = Boat.of(AnyBoat.of(seed));
      if (boat.engineCircuits().size() == engines) {
        return boat;
      }
    }
  }

  private static List<Ask> asks(Position engine) {
    return List.of(
        new Ask.Set("", "seacock", FittingState.OPEN, false),
        new Ask.Set("", "block-drain", FittingState.OUT_BAGGED, true),
        new Ask.Open("", "block", "block-drain", FittingState.OUT_BAGGED, 2),
        new Ask.Engine("", engine, StartBasis.FED),
        new Ask.Engine("", engine, null),
        new Ask.Kick("", engine, 2),
        Ask.Read.of(engine, Limits.WARM_PLATEAU),
        Ask.Read.of(null, Limits.FUEL_LEVEL),
        new Ask.Read("", engine, "oil-out", "L", null, null, "oil-level"),
        Ask.See.of(engine, Conditions.of("coolant-level")),
        new Ask.Pieces("", engine, 2),
        new Ask.Fill("", "engine", "thermostat-hose", 4, ""),
        new Ask.Fill("", "engine", null, 12, ""),
        new Ask.Catch("", "engine", 12),
        new Ask.Disinfect("", "domestic-water", null, 50, 100),
        new Ask.Pick("", engine, "impeller"),
        new Ask.Pick("", null, "fuel-filter"),
        new Ask.Descale("", "engine", List.of(), 8),
        new Ask.Count(""),
        new Ask.Jug("", "engine"),
        new Ask.Sample("", "block", "block-drain"),
        new Ask.Coolant("", "engine-coolant"),
        new Ask.Frost("", "engine"),
        new Ask.Service("", engine, "impeller"),
        new Ask.Service("", null, "fuel-filter"),
        new Ask.Oil("", engine),
        new Ask.Remedy("", engine, TagCause.WATER_IN_CYLINDERS, "plugs-out"),
        new Ask.Photo(""),
        new Ask.Complaints(""),
        new Ask.GiveUp("", "engine"),
        new Ask.Aboard("", Accessory.WASHDOWN),
        new Ask.Look("", List.of("engine", "heads"), false),
        new Ask.Look("", List.of("heads"), true),
        new Ask.Note(""),
        new Ask.Afloat(""));
  }

  /** The entry each answer wants, and the same with each field as it is not wanted. */
  private List<ObjectNode> entries(JsonNode answers) {
    List<ObjectNode> entries = new ArrayList<>();
    for (JsonNode way : answers) {
      for (JsonNode answer : way) {
        ObjectNode wanted = usual.get(answer.path("kind").asString()).deepCopy();
        wanted.remove(List.of("id", "deviceTime"));
        for (JsonNode match : answer.path("matches")) {
          set(wanted, match);
        }
        entries.add(wanted);
        for (JsonNode match : answer.path("matches")) {
          entries.addAll(otherwise(wanted, match));
        }
      }
    }
    return entries;
  }

  private static void set(ObjectNode entry, JsonNode match) {
    String field = match.path("field").asString();
    if (match.path("atLeast").isNumber()) {
      entry.put(field, match.path("atLeast").asInt());
    } else if (match.path("among").isEmpty()) {
      entry.remove(field);
    } else {
      put(entry, field, match.path("among").get(0).asString());
    }
  }

  private static void put(ObjectNode entry, String field, String value) {
    if (value.equals("true") || value.equals("false")) {
      entry.put(field, value.equals("true"));
    } else {
      entry.put(field, value);
    }
  }

  private static List<ObjectNode> otherwise(ObjectNode wanted, JsonNode match) {
    List<ObjectNode> all = new ArrayList<>();
    String field = match.path("field").asString();
    ObjectNode without = wanted.deepCopy();
    without.remove(field);
    all.add(without);
    if (match.path("atLeast").isNumber()) {
      all.add(wanted.deepCopy().put(field, match.path("atLeast").asInt() + 1));
      all.add(wanted.deepCopy().put(field, match.path("atLeast").asInt() - 1));
      return all;
    }
    for (String other : OTHERS.getOrDefault(field, List.of("elsewhere"))) {
      ObjectNode changed = wanted.deepCopy();
      put(changed, field, other);
      all.add(changed);
    }
    for (JsonNode among : match.path("among")) {
      ObjectNode changed = wanted.deepCopy();
      put(changed, field, among.asString());
      all.add(changed);
    }
    return all;
  }

  private static final Map<String, List<String>> OTHERS =
      Map.of(
          "engine", List.of("CENTER", "PORT", "GENERATOR"),
          "basis", List.of("KICK", "FED"),
          "state", List.of("IN", "OPEN"),
          "accessory", List.of("HEADS", "WASHDOWN"),
          "inService", List.of("true", "false"),
          "item", List.of("fuel-filter", "impeller"));

  @Test
  void deviceComesToTheSame() throws IOException {
    Map<String, Vector> vectors = new LinkedHashMap<>();
    Set<Class<?>> answered = new HashSet<>();
    for (Asked asked : asked()) {
      for (ObjectNode entry : entries(asked.answers())) {
        Fact fact = fact(entry);
        if (fact == null) {
          continue; // no such entry could be kept
        }
        boolean given = given(asked, fact);
        if (given) {
          answered.add(asked.ask().getClass());
        }
        Vector vector = new Vector(asked.answers(), named(entry), given);
        vectors.putIfAbsent(asked.answers() + " " + vector.entry(), vector);
      }
    }
    assertThat(answered).containsExactlyInAnyOrderElementsOf(everyKindButAfloat());
    SharedVectors.areKept("answers", List.copyOf(vectors.values()));
  }

  /** Whoever moves the boat answers that. */
  private static Set<Class<?>> everyKindButAfloat() {
    Set<Class<?>> kinds = new HashSet<>();
    for (Class<?> kind : Ask.class.getPermittedSubclasses()) {
      if (kind.isSealed()) {
        kinds.addAll(List.of(kind.getPermittedSubclasses()));
      } else {
        kinds.add(kind);
      }
    }
    kinds.remove(Ask.Afloat.class);
    return kinds;
  }

  /** Whether the entry is the answer, or one of the parts of it. */
  private static boolean given(Asked asked, Fact fact) {
    return Answers.of(asked.boat(), asked.ask()).ways().stream()
        .flatMap(Collection::stream)
        .anyMatch(answer -> answer.isGivenBy(fact));
  }

  private Fact fact(ObjectNode entry) {
    try {
      return reader.fact(RunningElsko.JSON.treeToValue(entry, NewEntry.class), RunningElsko.now());
    } catch (Refused | JacksonException refused) {
      return null;
    }
  }

  /** Without what is this yard's own. */
  private static JsonNode named(ObjectNode entry) {
    ObjectNode named = entry.deepCopy();
    for (String own : List.of("instrument", "lot")) {
      if (named.has(own)) {
        named.put(own, own);
      }
    }
    return named;
  }
}
