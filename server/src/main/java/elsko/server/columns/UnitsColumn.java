package elsko.server.columns;

import elsko.core.Units;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;

/** The units somebody reads in, in one column. */
@Converter(autoApply = true)
public final class UnitsColumn implements AttributeConverter<Units, String> {
  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable Units units) {
    return units == null ? null : units.kept();
  }

  @Override
  public @Nullable Units convertToEntityAttribute(@Nullable String column) {
    return column == null ? null : Units.of(column);
  }
}
