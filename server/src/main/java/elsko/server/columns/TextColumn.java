package elsko.server.columns;

import elsko.core.Text;
import elsko.server.text.KeptText;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;

/** A sentence in one column, with its quantities as values. */
@Converter(autoApply = true)
public final class TextColumn implements AttributeConverter<Text, String> {
  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable Text text) {
    return text == null ? null : KeptText.write(text);
  }

  @Override
  public @Nullable Text convertToEntityAttribute(@Nullable String column) {
    return column == null ? null : KeptText.read(column);
  }

  /** Where a column is too short for a sentence with its quantities, only what it says is kept. */
  public static Text within(int length, Text text) {
    if (KeptText.write(text).length() <= length) {
      return text;
    }
    String words = text.toString();
    return Text.of(words.substring(0, Math.min(words.length(), length)));
  }
}
