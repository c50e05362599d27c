package elsko.server.work.fold;

import elsko.server.fleet.Fleet;
import elsko.server.jobs.JobKind;
import elsko.server.jobs.Jobs;
import elsko.server.jobs.Portions;
import elsko.server.jobs.Task;
import elsko.server.live.Changed;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.log.Projection;
import elsko.server.yard.Yards;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * When the yard decides something else, every boat is judged anew: apart from whoever decided it, a
 * few boats at a time, and never for more than half of the time, so that nobody who enters
 * something waits for it. Until a boat's turn has come, lists show it as it was judged before.
 */
@Component
class Reassessing implements Task {
  private static final int AT_ONCE = 20;

  private final Log log;
  private final Projection projection;
  private final Fleet fleet;
  private final FoldCaches caches;
  private final JudgingAnew judging;
  private final ObjectProvider<Jobs> jobs;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transaction;

  Reassessing(
      Log log,
      Projection projection,
      Fleet fleet,
      FoldCaches caches,
      JudgingAnew judging,
      ObjectProvider<Jobs> jobs,
      ApplicationEventPublisher events,
      TransactionTemplate transaction) {
    this.log = log;
    this.projection = projection;
    this.fleet = fleet;
    this.caches = caches;
    this.judging = judging;
    this.jobs = jobs;
    this.events = events;
    this.transaction = transaction;
  }

  /** With the decision itself, so that neither is kept without the other. */
  @EventListener
  void begin(Yards.NeedChanged changed) {
    jobs.getObject().begin(JobKind.REASSESS, "", changed.by());
  }

  @Override
  public JobKind kind() {
    return JobKind.REASSESS;
  }

  @Override
  public String run(Portions portions, String about, String person) {
    List<UUID> all = fleet.ids();
    portions.of(all.size());
    int otherwise = 0;
    for (int from = 0; from < all.size(); from += AT_ONCE) {
      long began = System.nanoTime();
      List<UUID> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
      otherwise += judge(some);
      portions.reached(from + some.size());
      rest(System.nanoTime() - began);
    }
    transaction.executeWithoutResult(done -> events.publishEvent(Changed.yard()));
    return "%,d boats, of which %,d stand otherwise now.".formatted(all.size(), otherwise);
  }

  private int judge(List<UUID> some) {
    Map<UUID, FoldCaches.Ahead> ahead = new HashMap<>();
    some.forEach(boat -> ahead.put(boat, caches.ahead(boat)));
    int otherwise = 0;
    for (Folded folded : log.folded(some)) {
      UUID boat = folded.row().id();
      ahead.get(boat).workOut(folded);
      if (!fleet.isAsProjected(boat, folded.state())) {
        judging.note(folded);
        projection.reassess(boat);
        otherwise++;
      }
    }
    return otherwise;
  }

  private static void rest(long nanos) {
    try {
      TimeUnit.NANOSECONDS.sleep(nanos);
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
      throw new Portions.Stopped();
    }
  }
}
