package elsko.server.work;

import elsko.server.work.view.TimerView;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is due back at which boat, and when. */
@RestController
class TimersController {
  private final Timers timers;
  private final Clock clock;

  TimersController(Timers timers, Clock clock) {
    this.timers = timers;
    this.clock = clock;
  }

  @GetMapping("/api/timers")
  TimersView timers() {
    return new TimersView(clock.instant(), timers.all());
  }

  /**
   * The clocks that run.
   *
   * @param now by the server's clock, which they go by
   */
  record TimersView(Instant now, List<TimerView> timers) {}
}
