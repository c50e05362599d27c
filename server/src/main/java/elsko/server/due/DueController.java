package elsko.server.due;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What falls due, and how engines went. */
@RestController
class DueController {
  private final Dues dues;

  DueController(Dues dues) {
    this.dues = dues;
  }

  /** What is due now or falls due before the next lay-up, boat by boat. */
  @GetMapping("/api/due")
  List<DueOfBoat> all() {
    return dues.all();
  }

  /** All that falls due on one boat, most pressing first. */
  @GetMapping("/api/boats/{id}/due")
  DueOfBoat ofBoat(@PathVariable UUID id) {
    return dues.of(id);
  }

  /** How its engines went over the years. */
  @GetMapping("/api/boats/{id}/trends")
  List<EngineTrendView> trends(@PathVariable UUID id) {
    return dues.trends(id);
  }
}
