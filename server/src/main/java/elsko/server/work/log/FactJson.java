package elsko.server.work.log;

import com.fasterxml.jackson.annotation.JsonInclude;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.server.digest.Sha256;
import elsko.server.names.Names;
import elsko.server.names.NamesInJson;
import elsko.server.said.NewEntry;
import elsko.server.text.KeptText;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Facts as the JSON that is kept. */
@Component
public class FactJson {
  private final JsonMapper sent;
  private final JsonMapper shown;
  private final JsonMapper json;
  private final JsonMapper withoutNulls;

  FactJson(JsonMapper sent) {
    this.sent = sent;
    this.shown = sent.rebuild().propertyNamingStrategy(NamesInJson.stored()).build();
    this.json = shown.rebuild().addModule(KeptText.module()).build();
    this.withoutNulls =
        sent.rebuild()
            .changeDefaultPropertyInclusion(
                inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();
  }

  public String write(Fact fact) {
    return json.writeValueAsString(fact);
  }

  public Entry read(EntryRow row) {
    return new Entry(
        row.id(),
        row.person(),
        row.deviceTime(),
        row.serverTime(),
        row.cardId(),
        row.stepKey(),
        row.correctsId(),
        json.readValue(row.fact(), row.kind().fact()),
        row.late(),
        row.tap());
  }

  public Map<String, Object> fields(EntryRow row) {
    TypeReference<Map<String, Object>> fields = new TypeReference<>() {};
    // Only what a round came to has sentences in it, which are said like any others.
    return row.kind().fact() == Fact.RoundDone.class
        ? shown.convertValue(json.readValue(row.fact(), Fact.RoundDone.class), fields)
        : json.readValue(row.fact(), fields);
  }

  /**
   * Tells whether the same id was sent with something else in it. Fields that are not there do not
   * count: a later version that knows more of them still recognizes what an earlier one kept.
   */
  String fingerprint(NewEntry entry) {
    return Sha256.hex(printed(entry));
  }

  /** The same of one that was not sent as an entry. */
  String fingerprint(Entry entry) {
    return Sha256.hex(withoutNulls.writeValueAsString(entry));
  }

  /** What a fingerprint is taken of: an entry as entries were always written, whoever sent it. */
  public String printed(NewEntry entry) {
    ObjectNode fields = sent.valueToTree(entry);
    Names.Kind kind = Names.listed().kinds().get(entry.kind());
    List<Names.Field> own = kind == null || kind.sent() == null ? List.of() : kind.sent();
    own.stream()
        .filter(field -> field.former() != null)
        .forEach(field -> fields.set(field.former(), fields.remove(field.name())));
    ObjectNode inOrder = sent.createObjectNode();
    for (String name : Names.listed().order()) {
      if (fields.hasNonNull(name)) {
        inOrder.set(name, fields.get(name));
      }
    }
    return sent.writeValueAsString(inOrder);
  }
}
