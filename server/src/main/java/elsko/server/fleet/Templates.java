package elsko.server.fleet;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.server.problems.NotFound;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Descriptions the yard saves, so that the next boat of the kind starts from them. */
@Service
public class Templates {
  private static final int MOST = 60;
  private final BoatTemplateRepository templates;

  Templates(BoatTemplateRepository templates) {
    this.templates = templates;
  }

  @Transactional(readOnly = true)
  public List<TemplateView> all() {
    return templates.findAllByOrderByName().stream().map(BoatTemplate::view).toList();
  }

  /** Saves one. Refuses a name that is taken, and a description that contradicts itself. */
  @Transactional
  public TemplateView save(NewTemplate made) {
    String name = made.name() == null ? "" : made.name().strip();
    if (name.isEmpty() || name.length() > MOST) {
      throw Refused.value("name", "A template's name has 1 to 60 characters.");
    }
    if (made.description() == null) {
      throw Refused.value("description", "There is nothing to save.");
    }
    if (templates.existsByNameIgnoreCase(name)) {
      throw Refused.state("name", "There is a template called \"%s\" already.".formatted(name));
    }
    Boat.of(made.description());
    return templates.save(new BoatTemplate(name, made.description())).view();
  }

  @Transactional
  public void forget(UUID id) {
    if (!templates.existsById(id)) {
      throw new NotFound("template", "There is no such template.");
    }
    templates.deleteById(id);
  }

  /** A saved description. */
  public record TemplateView(UUID id, String name, BoatDescription description) {}

  /** One to save. */
  public record NewTemplate(String name, BoatDescription description) {}
}
