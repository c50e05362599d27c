package elsko.server.plan.crew;

import elsko.core.plan.hours.YardHours;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** The hours of a yard as the one JSON document they are kept as; they never change in place. */
@Converter
@Immutable
class YardHoursJson implements AttributeConverter<YardHours, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable YardHours hours) {
    return hours == null ? null : JSON.writeValueAsString(hours);
  }

  @Override
  public @Nullable YardHours convertToEntityAttribute(@Nullable String json) {
    return json == null ? null : JSON.readValue(json, YardHours.class);
  }
}
