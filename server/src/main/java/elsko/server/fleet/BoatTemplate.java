package elsko.server.fleet;

import elsko.core.boat.description.BoatDescription;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A description the yard keeps to start others from. */
@Entity
class BoatTemplate {
  @Id private UUID id;
  private String name;

  @Convert(converter = DescriptionJson.class)
  private BoatDescription description;

  protected BoatTemplate() {}

  BoatTemplate(String name, BoatDescription description) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.description = description;
  }

  Templates.TemplateView view() {
    return new Templates.TemplateView(id, name, description);
  }
}
