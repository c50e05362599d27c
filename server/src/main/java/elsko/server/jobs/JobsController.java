package elsko.server.jobs;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs")
class JobsController {
  private final Jobs jobs;

  JobsController(Jobs jobs) {
    this.jobs = jobs;
  }

  /** What takes long, the newest first. */
  @GetMapping
  List<JobStanding> all() {
    return jobs.all();
  }

  /** How one of them stands. */
  @GetMapping("/{id}")
  JobStanding one(@PathVariable UUID id) {
    return jobs.view(id);
  }

  /** Stops it behind the portion it is at. */
  @DeleteMapping("/{id}")
  JobStanding stop(@PathVariable UUID id) {
    jobs.stop(id);
    return jobs.view(id);
  }
}
