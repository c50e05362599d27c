package elsko.server.fleet;

import elsko.core.boat.description.BoatDescription;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.hibernate.annotations.Immutable;
import tools.jackson.databind.json.JsonMapper;

/**
 * A description as the one JSON document it is kept as. A description never changes in place, so it
 * is compared as it is and not through its JSON.
 */
@Converter
@Immutable
class DescriptionJson implements AttributeConverter<BoatDescription, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public String convertToDatabaseColumn(BoatDescription description) {
    return JSON.writeValueAsString(description);
  }

  @Override
  public BoatDescription convertToEntityAttribute(String json) {
    return JSON.readValue(json, BoatDescription.class);
  }
}
