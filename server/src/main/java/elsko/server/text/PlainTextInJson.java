package elsko.server.text;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** All text of every request is plain. */
@Configuration(proxyBeanMethods = false)
class PlainTextInJson {
  @Bean
  JsonMapperBuilderCustomizer textIsPlain() {
    return builder ->
        builder.addModule(
            new SimpleModule("plain text").addDeserializer(String.class, new Plain()));
  }

  private static final class Plain extends StdScalarDeserializer<String> {
    Plain() {
      super(String.class);
    }

    @Override
    public @Nullable String deserialize(JsonParser parser, DeserializationContext context) {
      String text = StringDeserializer.instance.deserialize(parser, context);
      return text == null ? null : PlainText.of(text);
    }
  }
}
