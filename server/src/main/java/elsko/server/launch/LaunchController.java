package elsko.server.launch;

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

  LaunchController(Launches launches) {
    this.launches = launches;
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
}
