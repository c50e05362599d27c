package elsko.server.said;

import elsko.server.names.Names;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.node.ObjectNode;

/** An entry in JSON. What waits on a phone may still have the names of before. */
final class NewEntryJson {
  private NewEntryJson() {}

  /** What stands in every entry. */
  record Envelope(
      @Nullable UUID id,
      @Nullable Instant deviceTime,
      @Nullable UUID card,
      @Nullable String step,
      @Nullable UUID corrects,
      @Nullable Instant downloadedAt,
      @Nullable UUID tap,
      @Nullable Integer tapAfter) {}

  static final class Reader extends ValueDeserializer<NewEntry> {
    @Override
    public NewEntry deserialize(JsonParser parser, DeserializationContext context) {
      JsonNode tree = context.readTree(parser);
      if (!(tree instanceof ObjectNode sent)) {
        return context.reportInputMismatch(this, "An entry is an object.");
      }
      Envelope envelope = context.readTreeAsValue(sent, Envelope.class);
      JsonNode named = sent.get(Said.KIND);
      String kind = named == null || !named.isString() ? null : named.asString();
      Names.Kind known = kind == null ? null : Names.listed().kinds().get(kind);
      Said said =
          known == null || known.sent() == null
              ? null
              : context.readTreeAsValue(asCalledNow(sent, known.sent()), Said.class);
      return new NewEntry(
          envelope.id(),
          envelope.deviceTime(),
          envelope.card(),
          envelope.step(),
          envelope.corrects(),
          envelope.downloadedAt(),
          envelope.tap(),
          envelope.tapAfter(),
          kind,
          said);
    }

    private static ObjectNode asCalledNow(ObjectNode sent, List<Names.Field> fields) {
      ObjectNode now = sent.deepCopy();
      for (Names.Field field : fields) {
        if (field.former() != null && !now.has(field.name()) && now.has(field.former())) {
          now.set(field.name(), now.get(field.former()));
        }
      }
      return now;
    }
  }

  static final class Writer extends ValueSerializer<NewEntry> {
    @Override
    public void serialize(NewEntry entry, JsonGenerator json, SerializationContext context) {
      json.writeStartObject();
      json.writePOJOProperty("id", entry.id());
      json.writePOJOProperty("deviceTime", entry.deviceTime());
      json.writePOJOProperty("card", entry.card());
      json.writePOJOProperty("step", entry.step());
      json.writePOJOProperty("corrects", entry.corrects());
      json.writePOJOProperty("downloadedAt", entry.downloadedAt());
      json.writePOJOProperty("tap", entry.tap());
      json.writePOJOProperty("tapAfter", entry.tapAfter());
      if (entry.said() == null) {
        json.writeStringProperty(Said.KIND, entry.kind());
      } else {
        ObjectNode said = context.valueToTree(entry.said());
        said.properties()
            .forEach(field -> json.writePOJOProperty(field.getKey(), field.getValue()));
      }
      json.writeEndObject();
    }
  }
}
