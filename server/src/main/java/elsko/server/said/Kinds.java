package elsko.server.said;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import elsko.server.names.Names;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/** Tells the records of what is said apart by the listed names of their kinds. */
public final class Kinds extends TypeIdResolverBase {
  private static final Map<String, Class<?>> RECORDS = records();
  private static final Map<Class<?>, String> NAMES =
      RECORDS.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));

  /** The record of each kind that is sent, by its listed name. */
  public static Map<String, Class<?>> all() {
    return RECORDS;
  }

  private static Map<String, Class<?>> records() {
    Map<String, Class<?>> byJava = new HashMap<>();
    Stream.of(Said.class.getPermittedSubclasses())
        .flatMap(group -> Stream.of(group.getPermittedSubclasses()))
        .forEach(said -> byJava.put(said.getSimpleName(), said));
    Map<String, Class<?>> records = new HashMap<>();
    for (Names.Kind kind : Names.listed().kinds().values()) {
      if (kind.sent() != null) {
        records.put(kind.name(), byJava.get(kind.java()));
      }
    }
    return records;
  }

  @Override
  public @Nullable JavaType typeFromId(DatabindContext context, String kind) {
    Class<?> said = RECORDS.get(kind);
    return said == null ? null : context.constructType(said);
  }

  @Override
  public @Nullable String idFromValue(DatabindContext context, Object said) {
    return NAMES.get(said.getClass());
  }

  @Override
  public @Nullable String idFromValueAndType(DatabindContext context, Object said, Class<?> type) {
    return NAMES.get(type);
  }

  @Override
  public JsonTypeInfo.Id getMechanism() {
    return JsonTypeInfo.Id.CUSTOM;
  }
}
