package elsko.server.names;

import elsko.core.ledger.fact.Fact;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.PropertyNamingStrategy;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedField;
import tools.jackson.databind.introspect.AnnotatedMethod;
import tools.jackson.databind.introspect.AnnotatedParameter;

/** Reads and writes records by their listed names, not by what Java calls their components. */
public final class NamesInJson extends PropertyNamingStrategy {
  private static final long serialVersionUID = 1L;

  private final Class<?> over;
  private final transient Map<String, Map<String, String>> byJava = new HashMap<>();

  private NamesInJson(Class<?> over) {
    this.over = over;
  }

  /** For facts as they are stored, and what they are made of. */
  public static NamesInJson stored() {
    NamesInJson names = new NamesInJson(Fact.class);
    Names.listed().kinds().values().forEach(kind -> names.add(kind.java(), kind.kept()));
    Names.listed().parts().forEach(names::add);
    return names;
  }

  /**
   * For what is sent in entries.
   *
   * @param said the type all of that has in common
   */
  public static NamesInJson sent(Class<?> said) {
    NamesInJson names = new NamesInJson(said);
    Names.listed().kinds().values().forEach(kind -> names.add(kind.java(), kind.sent()));
    return names;
  }

  private void add(String java, @Nullable List<Names.Field> fields) {
    if (fields != null) {
      Map<String, String> named = new HashMap<>();
      fields.forEach(field -> named.put(field.java(), field.name()));
      byJava.put(java, named);
    }
  }

  private String name(Class<?> owner, String usual) {
    boolean isKind = over.isAssignableFrom(owner);
    boolean isPart =
        over == Fact.class && Names.listed().parts().containsKey(owner.getSimpleName());
    return isKind || isPart
        ? byJava.getOrDefault(owner.getSimpleName(), Map.of()).getOrDefault(usual, usual)
        : usual;
  }

  @Override
  public String nameForField(MapperConfig<?> config, AnnotatedField field, String usual) {
    return name(field.getDeclaringClass(), usual);
  }

  @Override
  public String nameForGetterMethod(MapperConfig<?> config, AnnotatedMethod method, String usual) {
    return name(method.getDeclaringClass(), usual);
  }

  @Override
  public String nameForSetterMethod(MapperConfig<?> config, AnnotatedMethod method, String usual) {
    return name(method.getDeclaringClass(), usual);
  }

  @Override
  public String nameForConstructorParameter(
      MapperConfig<?> config, AnnotatedParameter parameter, String usual) {
    return name(parameter.getDeclaringClass(), usual);
  }
}
