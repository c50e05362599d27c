package elsko.server.columns;

import jakarta.persistence.AttributeConverter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Several values in one column: the word of each, a space between. */
public abstract class InOneColumn<T> implements AttributeConverter<List<T>, String> {
  /** Without a space in it. */
  protected abstract String word(T value);

  protected abstract T value(String word);

  @Override
  public final @Nullable String convertToDatabaseColumn(@Nullable List<T> values) {
    return values == null ? null : values.stream().map(this::word).collect(Collectors.joining(" "));
  }

  @Override
  public final @Nullable List<T> convertToEntityAttribute(@Nullable String column) {
    return column == null
        ? null
        : Arrays.stream(column.split(" "))
            .filter(word -> !word.isEmpty())
            .map(this::value)
            .toList();
  }
}
