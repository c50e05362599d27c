package elsko.server.work;

import com.fasterxml.jackson.annotation.JsonInclude;
import elsko.core.ledger.Entry;
import elsko.core.ledger.Fact;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Facts as the JSON that is kept. */
@Component
class FactJson {
  private final JsonMapper json;
  private final JsonMapper withoutNulls;

  FactJson(JsonMapper json) {
    this.json = json;
    this.withoutNulls =
        json.rebuild()
            .changeDefaultPropertyInclusion(
                inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();
  }

  String write(Fact fact) {
    return json.writeValueAsString(fact);
  }

  Entry read(EntryRow row) {
    return new Entry(
        row.id(),
        row.person(),
        row.deviceTime(),
        row.serverTime(),
        row.cardId(),
        row.stepKey(),
        row.correctsId(),
        json.readValue(row.fact(), row.kind().fact()),
        row.late());
  }

  Map<String, Object> fields(EntryRow row) {
    return json.readValue(row.fact(), new TypeReference<Map<String, Object>>() {});
  }

  /**
   * Tells whether the same id was sent with something else in it. Fields that are not there do not
   * count: a later version that knows more of them still recognizes what an earlier one kept.
   */
  String fingerprint(Object sent) {
    try {
      byte[] bytes = printed(sent).getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** What a fingerprint is taken of. */
  String printed(Object sent) {
    return withoutNulls.writeValueAsString(sent);
  }
}
