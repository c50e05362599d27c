package elsko.server.due;

import elsko.server.csv.CsvText;
import java.util.ArrayList;
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

  /** The same as a file. */
  @GetMapping(path = "/api/due/list.csv", produces = "text/csv")
  String csv() {
    List<List<String>> rows = new ArrayList<>();
    for (DueOfBoat boat : dues.all()) {
      for (DueLine line : boat.lines()) {
        rows.add(
            List.of(
                boat.name(),
                boat.berthName(),
                line.engine() == null ? "" : line.engine().words(),
                line.words(),
                line.standingWords(),
                line.on() == null ? "" : line.on().toString(),
                line.hoursLeft() == null ? "" : line.hoursLeft().toString(),
                line.lastAt() == null ? "" : line.lastAt().toString(),
                line.plannedBy() == null ? "" : line.plannedBy()));
      }
    }
    return CsvText.of(
        List.of(
            "boat", "berth", "engine", "what", "standing", "on", "hours left", "last", "wanted by"),
        rows);
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
