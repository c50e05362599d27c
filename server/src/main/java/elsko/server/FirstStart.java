package elsko.server;

import elsko.server.bench.Shelf;
import elsko.server.clock.YardClock;
import elsko.server.demo.FennholmYard;
import elsko.server.people.FirstCoordinator;
import elsko.server.work.fold.JudgingAnew;
import elsko.server.work.log.Log;
import elsko.server.yard.FirstYard;
import elsko.server.yard.Yards;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Fills an empty data folder before the first request is answered. */
@Component
class FirstStart implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(FirstStart.class);

  private final Yards yards;
  private final Log log;
  private final Shelf shelf;
  private final YardClock clock;
  private final FirstCoordinator coordinator;
  private final FirstYard yard;
  private final ObjectProvider<FennholmYard> demo;
  private final JudgingAnew judging;

  FirstStart(
      Yards yards,
      Log log,
      Shelf shelf,
      YardClock clock,
      FirstCoordinator coordinator,
      FirstYard yard,
      ObjectProvider<FennholmYard> demo,
      JudgingAnew judging) {
    this.yards = yards;
    this.log = log;
    this.shelf = shelf;
    this.clock = clock;
    this.coordinator = coordinator;
    this.yard = yard;
    this.demo = demo;
    this.judging = judging;
  }

  /** Whoever started it waits for this line. */
  @EventListener
  void answers(WebServerInitializedEvent ready) {
    int port = ready.getWebServer().getPort();
    if (ready.getApplicationContext().getServerNamespace() == null) {
      LOG.info("Elsko answers on port {}", port);
    } else {
      LOG.info("Watched at http://127.0.0.1:{}/health and /metrics, from this machine", port);
    }
  }

  /** Nobody's yard is kept behind passwords that everybody knows. */
  private void refuseOthers() {
    if (demo.getIfAvailable() == null && !yards.none() && yards.isDemonstration()) {
      throw new DemonstrationsFolder();
    }
  }

  @Override
  public void afterSingletonsInstantiated() {
    refuseOthers();
    yards.setTheClock();
    clock.isNotBefore(log.newest());
    // Later than any entry where a slow machine took long over setting up the rest.
    clock.isNotBefore(shelf.newestCheck());
    coordinator.prepare();
    yard.prepare();
    demo.ifAvailable(FennholmYard::prepare);
    judging.atStart();
  }
}
