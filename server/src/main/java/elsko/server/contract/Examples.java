package elsko.server.contract;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Shows each calculator with a question and its answer. A test asks every one of them. */
@Configuration(proxyBeanMethods = false)
class Examples {
  private static final List<String> CALCULATORS = List.of("/api/bench/", "/api/frost/");

  @Bean
  OpenApiCustomizer examplesOfCalculators(JsonMapper json) {
    return document ->
        document
            .getPaths()
            .forEach(
                (path, item) -> {
                  for (String calculators : CALCULATORS) {
                    if (path.startsWith(calculators) && item.getPost() != null) {
                      show(item.getPost(), path.substring(calculators.length()), json);
                    }
                  }
                });
  }

  private static void show(Operation calculator, String name, JsonMapper json) {
    try (InputStream file = Examples.class.getResourceAsStream("/examples/" + name + ".json")) {
      if (file == null) {
        return;
      }
      Map<String, Object> example =
          json.readValue(file, new TypeReference<Map<String, Object>>() {});
      put(calculator.getRequestBody().getContent(), example.get("request"));
      put(calculator.getResponses().get("200").getContent(), example.get("response"));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static void put(Content content, Object example) {
    content.values().forEach(type -> type.setExample(example));
  }
}
