package elsko.server.columns;

import jakarta.persistence.AttributeConverter;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Several values in one column: the word of each, a space between. */
public abstract class InOneColumn<T> implements AttributeConverter<List<T>, String> {
  private final Function<T, String> word;
  private final Function<String, T> value;

  /**
   * @param word of a value, without a space in it; {@code value} of a word
   */
  protected InOneColumn(Function<T, String> word, Function<String, T> value) {
    this.word = word;
    this.value = value;
  }

  @Override
  public final @Nullable String convertToDatabaseColumn(@Nullable List<T> values) {
    return values == null ? null : values.stream().map(word).collect(Collectors.joining(" "));
  }

  @Override
  public final @Nullable List<T> convertToEntityAttribute(@Nullable String column) {
    return column == null
        ? null
        : Arrays.stream(column.split(" ")).filter(word -> !word.isEmpty()).map(value).toList();
  }
}
