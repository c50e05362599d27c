package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.plan.Effort;
import elsko.core.plan.Plan;
import elsko.core.plan.Planning;
import elsko.server.live.Changed;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** One search at a time, in the background; the best so far is seen, and it can be stopped. */
@Service
class PlanJob implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(PlanJob.class);
  private static final double LONGEST_SECONDS = 120;

  private final Walks walks;
  private final long movesASecond;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transactions;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread made = new Thread(task, "planning");
            made.setDaemon(true);
            return made;
          });
  private final AtomicReference<Running> running = new AtomicReference<>();

  /**
   * @param movesASecond a search tries so many moves for each second asked for, however long they
   *     take; 0 to go by the time
   */
  PlanJob(
      Walks walks,
      ApplicationEventPublisher events,
      TransactionTemplate transactions,
      @Value("${elsko.plan.moves-a-second:0}") long movesASecond) {
    this.movesASecond = movesASecond;
    this.walks = walks;
    this.events = events;
    this.transactions = transactions;
  }

  /** Begins to plan from now; refused while it is being planned already. */
  void begin(@Nullable Double seconds) {
    if (seconds == null) {
      throw Refused.value("seconds", "Say for how many seconds it may search.");
    }
    double asked = Refused.within("seconds", seconds, 1, LONGEST_SECONDS, " s");
    Planning planning = walks.planning();
    Running begun = new Running(asked);
    if (!running.compareAndSet(null, begun)) {
      throw Refused.state("seconds", "It is being planned already.");
    }
    thread.execute(() -> run(planning, begun));
  }

  private void run(Planning planning, Running begun) {
    try {
      Effort effort =
          movesASecond > 0
              ? new Effort.Moves(Math.round(movesASecond * begun.seconds))
              : new Effort.Seconds(begun.seconds);
      Plan plan = planning.solve(effort, begun);
      walks.keepDraft(planning, plan);
    } catch (RuntimeException failed) {
      LOG.error("planning failed", failed);
    } finally {
      running.set(null);
      transactions.executeWithoutResult(done -> events.publishEvent(Changed.plan()));
    }
  }

  void stop() {
    Running now = running.get();
    if (now != null) {
      now.stopping = true;
    }
  }

  @Nullable JobView view() {
    Running now = running.get();
    return now == null ? null : now.view();
  }

  @Override
  public void destroy() {
    stop();
    thread.shutdownNow();
  }

  private static final class Running implements Planning.Watcher {
    private final double seconds;
    private final long began = System.nanoTime();
    private volatile boolean stopping;
    private volatile Planning.@Nullable Progress last;

    Running(double seconds) {
      this.seconds = seconds;
    }

    @Override
    public void better(Planning.Progress progress) {
      last = progress;
    }

    @Override
    public boolean stop() {
      return stopping;
    }

    JobView view() {
      Planning.Progress best = last;
      return new JobView(
          (System.nanoTime() - began) / 1e9,
          seconds,
          best == null ? null : best.best().figures(),
          best == null ? null : (Integer) best.best().undone().size());
    }
  }

  /** How far a search is. */
  record JobView(
      double seconds, double ofSeconds, Plan.@Nullable Figures best, @Nullable Integer undone) {}
}
