package elsko.server.contract;

import elsko.core.Text;
import io.swagger.v3.core.util.PrimitiveType;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Says in the document which fields of an answer are always there and which may be null. */
@Configuration(proxyBeanMethods = false)
class Contract {

  @Bean
  OpenAPI document() {
    // A sentence goes out said.
    PrimitiveType.customClasses().put(Text.class.getName(), PrimitiveType.STRING);
    return new OpenAPI()
        .info(
            new Info()
                .title("Elsko")
                .version("1")
                .description(
                    "Units are SI and stand in the names. Errors are RFC 9457 problem documents with"
                        + " field and reason."))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  OpenApiCustomizer requiredFields(RequestMappingHandlerMapping requestMappingHandlerMapping) {
    return document -> {
      Unions.describe(document);
      Map<String, Class<?>> answers = AnswerTypes.of(requestMappingHandlerMapping);
      document
          .getComponents()
          .getSchemas()
          .forEach(
              (name, schema) -> {
                Class<?> type = answers.get(name);
                if (type != null && type.isRecord()) {
                  require(type, schema);
                }
              });
    };
  }

  private static void require(Class<?> type, Schema<?> schema) {
    List<String> always = new ArrayList<>();
    for (RecordComponent component : type.getRecordComponents()) {
      Schema<?> property =
          schema.getProperties() == null ? null : schema.getProperties().get(component.getName());
      if (property == null) {
        continue;
      }
      always.add(component.getName());
      if (AnswerTypes.mayBeNull(component)) {
        schema.getProperties().put(component.getName(), orNull(property));
      }
    }
    schema.setRequired(always);
  }

  static Schema<?> orNull(Schema<?> property) {
    if (property.get$ref() == null && property.getTypes() != null) {
      property.setTypes(new TreeSet<>(property.getTypes()));
      property.addType("null");
      if (property.getEnum() != null) {
        @SuppressWarnings("unchecked")
        Schema<Object> withEnum = (Schema<Object>) property;
        withEnum.addEnumItemObject(null);
      }
      return property;
    }
    Schema<Object> nothing = new Schema<>();
    nothing.addType("null");
    Schema<Object> either = new Schema<>();
    either.setAnyOf(List.of(property, nothing));
    return either;
  }
}
