package elsko.server.text;

import elsko.core.Text;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdScalarSerializer;

/** Every sentence goes out said, in the units of whoever asks. */
@Configuration(proxyBeanMethods = false)
public class TextInJson {
  /** Says every sentence in the units of whoever asks. */
  public static SimpleModule module() {
    return new SimpleModule("said text").addSerializer(Text.class, new Said());
  }

  @Bean
  JsonMapperBuilderCustomizer textIsSaid() {
    return builder -> builder.addModule(module());
  }

  private static final class Said extends StdScalarSerializer<Text> {
    Said() {
      super(Text.class);
    }

    @Override
    public void serialize(Text text, JsonGenerator out, SerializationContext context) {
      out.writeString(ReadIn.words(text));
    }
  }
}
