package elsko.server.text;

import elsko.core.Judged;
import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdScalarSerializer;

/**
 * A sentence as it is kept: its words and its quantities, so that it can still be said in anybody's
 * units. One without a quantity is kept as its words alone, as every sentence once was.
 */
public final class KeptText {
  private static final JsonMapper JSON = JsonMapper.builder().addModule(module()).build();
  private static final String PIECES = "[";

  private KeptText() {}

  /** Keeps and reads sentences so in JSON. */
  public static SimpleModule module() {
    return new SimpleModule("kept text")
        .addSerializer(Text.class, new Kept())
        .addDeserializer(Text.class, new Read());
  }

  /** For a column of words. */
  public static String write(Text text) {
    return isPlain(text) ? text.toString() : JSON.writeValueAsString(text);
  }

  /** From a column of words. */
  public static Text read(String kept) {
    if (!kept.startsWith(PIECES)) {
      return Text.of(kept);
    }
    try {
      return JSON.readValue(kept, Text.class);
    } catch (JacksonException | IllegalArgumentException words) {
      return Text.of(kept);
    }
  }

  /** Words that nobody takes for pieces. */
  private static boolean isPlain(Text text) {
    return text.pieces().stream().noneMatch(Quantity.class::isInstance)
        && !text.toString().startsWith(PIECES);
  }

  private static final class Kept extends StdScalarSerializer<Text> {
    Kept() {
      super(Text.class);
    }

    @Override
    public void serialize(Text text, JsonGenerator out, SerializationContext context) {
      if (isPlain(text)) {
        out.writeString(text.toString());
        return;
      }
      out.writeStartArray();
      for (Object piece : text.pieces()) {
        if (piece instanceof Quantity quantity) {
          write(quantity, out);
        } else {
          out.writeString(piece.toString());
        }
      }
      out.writeEndArray();
    }

    private static void write(Quantity quantity, JsonGenerator out) {
      out.writeStartObject();
      out.writeNumberProperty("value", quantity.value());
      out.writeStringProperty("measure", quantity.measure().name());
      if (quantity.more() > 0) {
        out.writeNumberProperty("more", quantity.more());
      }
      if (quantity.alone()) {
        out.writeBooleanProperty("alone", true);
      }
      Judged judged = quantity.judged();
      if (judged != null) {
        out.writeBooleanProperty("isLimit", quantity.value() == judged.limit());
        out.writeBooleanProperty("atMost", judged.atMost());
        // A limit may be said without a value.
        double other = quantity.value() == judged.limit() ? judged.value() : judged.limit();
        if (!Double.isNaN(other)) {
          out.writeNumberProperty("beside", other);
        }
      }
      out.writeEndObject();
    }
  }

  private static final class Read extends StdScalarDeserializer<Text> {
    Read() {
      super(Text.class);
    }

    @Override
    public Text deserialize(JsonParser parser, DeserializationContext context) {
      JsonNode kept = context.readTree(parser);
      if (!kept.isArray()) {
        return Text.of(kept.asString());
      }
      Text text = Text.NONE;
      for (JsonNode piece : kept) {
        text = text.then(piece.isObject() ? quantity(piece) : piece.asString());
      }
      return text;
    }

    private static Quantity quantity(JsonNode kept) {
      return new Quantity(
          kept.required("value").asDouble(),
          Measure.valueOf(kept.required("measure").asString()),
          kept.path("more").asInt(0),
          kept.path("alone").asBoolean(false),
          judged(kept));
    }

    private static @Nullable Judged judged(JsonNode kept) {
      if (!kept.has("isLimit")) {
        return null;
      }
      double itself = kept.required("value").asDouble();
      double beside = kept.path("beside").asDouble(Double.NaN);
      boolean isLimit = kept.path("isLimit").asBoolean();
      return new Judged(
          isLimit ? beside : itself, isLimit ? itself : beside, kept.path("atMost").asBoolean());
    }
  }
}
