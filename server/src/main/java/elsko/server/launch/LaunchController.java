package elsko.server.launch;

import elsko.server.csv.CsvText;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who may go into the water. */
@RestController
@RequestMapping("/api/launch")
class LaunchController {
  private final Launches launches;
  private final Springs springs;

  LaunchController(Launches launches, Springs springs) {
    this.launches = launches;
    this.springs = springs;
  }

  /** How often what autumn claimed was right. */
  @GetMapping("/spring")
  SpringView spring() {
    return springs.all();
  }

  /** The boats that wait for the water, in the order the lift takes them. */
  @GetMapping
  LaunchView all() {
    return launches.all();
  }

  /** One boat: yes or no, and why. */
  @GetMapping("/boats/{id}")
  LaunchView.LaunchLine one(@PathVariable UUID id) {
    return launches.one(id);
  }

  /** The list as a file. */
  @GetMapping(path = "/list.csv", produces = "text/csv")
  String csv() {
    return CsvText.of(
        List.of("boat", "berth", "promised", "may launch", "lift", "place", "stands between"),
        launches.all().boats().stream()
            .map(
                line ->
                    List.of(
                        line.name(),
                        line.berthName(),
                        line.promisedOn() == null ? "" : line.promisedOn().toString(),
                        line.may() ? "yes" : "no",
                        line.lifted() == null ? "" : line.lifted().toString(),
                        line.lifted() == null ? "" : String.valueOf(line.place()),
                        String.join(
                            " ", line.inTheWay().stream().map(one -> one.words()).toList())))
            .toList());
  }
}
