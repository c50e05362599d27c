package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Plan;
import elsko.core.plan.search.Planning;
import elsko.server.jobs.JobKind;
import elsko.server.jobs.Jobs;
import elsko.server.jobs.Portions;
import elsko.server.jobs.Task;
import elsko.server.live.Changed;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** One search at a time, in the background; the best so far is seen, and it can be stopped. */
@Service
class PlanJob implements Task {
  private static final double LONGEST_SECONDS = 120;

  private final Walks walks;
  private final Drafts drafts;
  private final ObjectProvider<Jobs> jobs;
  private final long movesASecond;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transactions;
  private final AtomicReference<@Nullable Running> running = new AtomicReference<>();

  /**
   * @param movesASecond a search tries so many moves for each second asked for, however long they
   *     take; 0 to go by the time
   */
  PlanJob(
      Walks walks,
      Drafts drafts,
      ObjectProvider<Jobs> jobs,
      ApplicationEventPublisher events,
      TransactionTemplate transactions,
      @Value("${elsko.plan.moves-a-second:0}") long movesASecond) {
    this.movesASecond = movesASecond;
    this.walks = walks;
    this.drafts = drafts;
    this.jobs = jobs;
    this.events = events;
    this.transactions = transactions;
  }

  /** Begins to plan from now; refused while it is being planned already. */
  void begin(@Nullable Double seconds, String by) {
    if (seconds == null) {
      throw Refused.value("seconds", "Say for how many seconds it may search.");
    }
    double asked = Refused.within("seconds", seconds, 1, LONGEST_SECONDS, " s");
    Running begun = new Running(asked, walks.ground());
    if (!running.compareAndSet(null, begun)) {
      throw Refused.state("seconds", "It is being planned already.");
    }
    try {
      jobs.getObject().begin(JobKind.PLANNING, "", by);
    } catch (RuntimeException notBegun) {
      running.set(null);
      throw notBegun;
    }
  }

  @Override
  public JobKind kind() {
    return JobKind.PLANNING;
  }

  @Override
  public String run(Portions portions, String about, String person) {
    Running begun = running.get();
    if (begun == null) {
      throw new Portions.Stopped();
    }
    try {
      begun.portions = portions;
      Effort effort =
          movesASecond > 0
              ? new Effort.Moves(Math.round(movesASecond * begun.seconds))
              : new Effort.Seconds(begun.seconds);
      Plan plan = begun.ground.planning().solve(effort, begun);
      if (!drafts.keep(begun.ground.known(), begun.ground.planning(), plan)) {
        throw Refused.state(
            "draft", "The plan was changed while it was being planned; that stays. Plan again.");
      }
      return "The best that was found is the draft.";
    } finally {
      running.set(null);
      transactions.executeWithoutResult(done -> events.publishEvent(Changed.plan()));
    }
  }

  public void stop() {
    Running now = running.get();
    if (now != null) {
      now.stopping = true;
    }
  }

  @Nullable JobView view() {
    Running now = running.get();
    return now == null ? null : now.view();
  }

  private static final class Running implements Planning.Watcher {
    private final double seconds;
    private final long began = System.nanoTime();
    private final Walks.Ground ground;
    private volatile boolean stopping;
    private volatile @Nullable Portions portions;
    private volatile Planning.@Nullable Progress last;

    public Running(double seconds, Walks.Ground ground) {
      this.ground = ground;
      this.seconds = seconds;
    }

    @Override
    public void better(Planning.Progress progress) {
      last = progress;
    }

    @Override
    public boolean stop() {
      Portions asked = portions;
      return stopping || asked != null && asked.isStopping();
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
