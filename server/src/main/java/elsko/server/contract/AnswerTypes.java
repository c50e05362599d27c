package elsko.server.contract;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The records that controllers answer with, and those inside them, by simple name. */
final class AnswerTypes {
  private final Map<String, Class<?>> found = new HashMap<>();

  private AnswerTypes() {}

  static Map<String, Class<?>> of(RequestMappingHandlerMapping mapping) {
    AnswerTypes types = new AnswerTypes();
    mapping
        .getHandlerMethods()
        .values()
        .forEach(method -> types.collect(method.getMethod().getGenericReturnType()));
    return types.found;
  }

  /** Boxed numbers and whatever is marked so. */
  static boolean mayBeNull(RecordComponent component) {
    Class<?> type = component.getType();
    return Number.class.isAssignableFrom(type)
        || type == Boolean.class
        || component.isAnnotationPresent(Nullable.class)
        || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
  }

  private void collect(Type type) {
    if (type instanceof ParameterizedType generic) {
      for (Type argument : generic.getActualTypeArguments()) {
        collect(argument);
      }
    } else if (type instanceof Class<?> union && union.isSealed() && union.isInterface()) {
      for (Class<?> kind : union.getPermittedSubclasses()) {
        collect(kind);
      }
    } else if (type instanceof Class<?> plain
        && plain.isRecord()
        && found.put(plain.getSimpleName(), plain) == null) {
      for (RecordComponent component : plain.getRecordComponents()) {
        collect(component.getGenericType());
      }
    }
  }
}
