package elsko.server.contract;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import elsko.server.names.Names;
import elsko.server.said.Kinds;
import elsko.server.said.Said;
import elsko.server.work.view.AskView;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Says in the document what is one of several kinds, told apart by {@code kind}: what is said in an
 * entry, and what a step asks for.
 */
final class Unions {
  private final OpenAPI document;

  private Unions(OpenAPI document) {
    this.document = document;
  }

  static void describe(OpenAPI document) {
    Unions unions = new Unions(document);
    forget(document, Said.class);
    forget(document, AskView.class);
    unions.ofWhatIsSaid();
    unions.ofWhatIsAsked();
  }

  /** What the library made of them by Java's names. */
  private static void forget(OpenAPI document, Class<?> union) {
    for (Class<?> kind : union.getPermittedSubclasses()) {
      document.getComponents().getSchemas().remove(kind.getSimpleName());
      if (kind.isSealed()) {
        forget(document, kind);
      }
    }
  }

  private void ofWhatIsSaid() {
    Map<String, Schema<?>> kinds = new TreeMap<>();
    Kinds.all()
        .forEach(
            (name, said) -> {
              Schema<?> schema = kind(name);
              Map<String, String> named = new HashMap<>();
              for (Names.Field field : Names.listed().kinds().get(name).sent()) {
                named.put(field.java(), field.name());
              }
              for (RecordComponent component : said.getRecordComponents()) {
                boolean optional = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
                add(schema, named.get(component.getName()), component, optional, !optional);
              }
              kinds.put(name, schema);
            });
    put("Said", "Said", kinds);
    Schema<Object> entry = new Schema<>();
    entry.setAllOf(List.of(ref("EntryEnvelope"), ref("Said")));
    document.getComponents().addSchemas("NewEntry", entry);
    document.getComponents().addSchemas("EntryEnvelope", envelope());
  }

  private static Schema<?> envelope() {
    Schema<?> envelope = object();
    for (String name : Names.listed().envelope()) {
      boolean isTime = name.equals("deviceTime") || name.equals("downloadedAt");
      boolean isNumber = name.equals("tapAfter");
      Schema<?> field = isNumber ? ofType("integer") : string();
      field.setFormat(
          isNumber ? "int32" : name.equals("step") ? null : isTime ? "date-time" : "uuid");
      if (!name.equals("id") && !name.equals("deviceTime")) {
        field = Contract.orNull(field);
      }
      envelope.addProperty(name, field);
    }
    envelope.setRequired(List.of("id", "deviceTime"));
    return envelope;
  }

  private void ofWhatIsAsked() {
    Map<String, Schema<?>> kinds = new TreeMap<>();
    Map<String, Schema<?>> onRound = new TreeMap<>();
    for (JsonSubTypes.Type type : AskView.class.getAnnotation(JsonSubTypes.class).value()) {
      Schema<?> schema = kind(type.name());
      addAll(schema, type.value());
      kinds.put(type.name(), schema);
      if (AskView.RoundAsk.class.isAssignableFrom(type.value())) {
        onRound.put(type.name(), schema);
      }
    }
    put("AskView", "Ask", kinds);
    put("RoundAsk", "Ask", onRound);
  }

  private void addAll(Schema<?> schema, Class<?> type) {
    for (RecordComponent component : type.getRecordComponents()) {
      if (component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
        addAll(schema, component.getType());
      } else {
        add(schema, component.getName(), component, AnswerTypes.mayBeNull(component), true);
      }
    }
  }

  private void add(
      Schema<?> schema, String name, RecordComponent component, boolean nullable, boolean always) {
    ResolvedSchema resolved =
        ModelConverters.getInstance(true)
            .resolveAsResolvedSchema(
                new AnnotatedType(component.getGenericType()).resolveAsRef(true));
    resolved.referencedSchemas.forEach(
        (named, referenced) -> {
          if (!document.getComponents().getSchemas().containsKey(named)) {
            document.getComponents().addSchemas(named, referenced);
          }
        });
    Schema<?> field = resolved.schema;
    schema.addProperty(name, nullable ? Contract.orNull(field) : field);
    if (always) {
      schema.addRequiredItem(name);
    }
  }

  /** The union under its name, and each of its kinds under one of its own. */
  private void put(String union, String prefix, Map<String, Schema<?>> kinds) {
    Map<String, String> mapping = new LinkedHashMap<>();
    @SuppressWarnings("rawtypes") // as the library has it
    List<Schema> all = new ArrayList<>();
    kinds.forEach(
        (name, schema) -> {
          String named = prefix + "_" + name;
          document.getComponents().addSchemas(named, schema);
          all.add(ref(named));
          mapping.put(name, "#/components/schemas/" + named);
        });
    Schema<Object> either = new Schema<>();
    either.setOneOf(all);
    Discriminator discriminator = new Discriminator().propertyName(Said.KIND);
    discriminator.setMapping(mapping);
    either.setDiscriminator(discriminator);
    document.getComponents().addSchemas(union, either);
  }

  private static Schema<?> kind(String name) {
    Schema<?> schema = object();
    @SuppressWarnings("unchecked")
    Schema<Object> kind = (Schema<Object>) string();
    kind.addEnumItemObject(name);
    schema.addProperty(Said.KIND, kind);
    schema.addRequiredItem(Said.KIND);
    return schema;
  }

  private static Schema<?> object() {
    return ofType("object");
  }

  private static Schema<?> string() {
    return ofType("string");
  }

  private static Schema<?> ofType(String type) {
    Schema<Object> schema = new Schema<>();
    schema.addType(type);
    return schema;
  }

  private static Schema<?> ref(String name) {
    return new Schema<>().$ref("#/components/schemas/" + name);
  }
}
