package elsko.server.jobs;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Does what takes long: of each kind one at a time, of different kinds side by side. */
@Service
public class Jobs implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);
  private static final int MOST_SHOWN = 30;
  private static final Duration REMEMBERED = Duration.ofDays(60);

  private final JobRepository rows;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final Map<JobKind, Task> tasks = new EnumMap<>(JobKind.class);
  private final Map<JobKind, ExecutorService> threads = new EnumMap<>(JobKind.class);
  private final Map<UUID, Running> running = new ConcurrentHashMap<>();
  private volatile boolean ending;

  Jobs(
      JobRepository rows,
      List<Task> tasks,
      TransactionTemplate transaction,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rows = rows;
    this.transaction = transaction;
    this.events = events;
    this.clock = clock;
    for (Task task : tasks) {
      this.tasks.put(task.kind(), task);
      threads.put(
          task.kind(),
          Executors.newSingleThreadExecutor(
              Thread.ofPlatform().daemon().name(task.kind().words()).factory()));
    }
  }

  /**
   * Begins a piece of work, after the transaction that asks for it where there is one.
   *
   * @param about what it is about, in whatever form its task reads
   */
  public UUID begin(JobKind kind, String about, String person) {
    return begin(UUID.randomUUID(), kind, about, person);
  }

  /** The same under an id that is known already. */
  public UUID begin(UUID id, JobKind kind, String about, String person) {
    transaction.executeWithoutResult(
        begun -> {
          rows.save(new Job(id, kind, about, person, clock.instant()));
          events.publishEvent(Changed.jobs());
          afterwards(() -> put(id, kind, 0));
        });
    return id;
  }

  public boolean isUnderWay(JobKind kind) {
    return running.values().stream().anyMatch(one -> one.kind == kind);
  }

  /** How many pieces of work wait or are done at this moment. */
  public int underWay() {
    return running.size();
  }

  /** Ends what is under way of a kind. */
  public void stopAll(JobKind kind) {
    running.values().stream().filter(one -> one.kind == kind).forEach(Running::stop);
  }

  /** Asks a piece of work to end; it does so behind the portion it is at. */
  public void stop(UUID id) {
    Running one = running.get(id);
    if (one == null) {
      view(id);
      return;
    }
    if (one.kind == JobKind.REASSESS) {
      throw Refused.state("job", "It has to end: lists would show boats by two rules.");
    }
    one.stop();
  }

  /** The newest first. */
  public List<JobStanding> all() {
    return rows.findByOrderByBegunAtDesc(Limit.of(MOST_SHOWN)).stream()
        .map(Job::view)
        .map(this::asItIs)
        .toList();
  }

  /** The one of a kind that was begun last; null where there was none. */
  public @Nullable JobStanding last(JobKind kind) {
    return rows.findFirstByKindOrderByBegunAtDesc(kind)
        .map(Job::view)
        .map(this::asItIs)
        .orElse(null);
  }

  public JobStanding view(UUID id) {
    return rows.findById(id)
        .map(Job::view)
        .map(this::asItIs)
        .orElseThrow(() -> new NotFound("job", "There is no such piece of work any more."));
  }

  private JobStanding asItIs(JobStanding kept) {
    Running one = running.get(kept.id());
    return one == null ? kept : kept.at(one.done, one.total);
  }

  /** What was under way when this process ended is gone on with, or was in vain. */
  @EventListener(ApplicationReadyEvent.class)
  void goOn() {
    transaction.executeWithoutResult(
        begun -> {
          rows.deleteByEndedAtBefore(clock.instant().minus(REMEMBERED));
          for (Job job :
              rows.findByStateInOrderByBegunAt(EnumSet.of(JobState.WAITS, JobState.RUNS))) {
            if (running.containsKey(job.id())) {
              continue;
            }
            if (job.kind().goesOn() && tasks.containsKey(job.kind())) {
              afterwards(() -> put(job.id(), job.kind(), job.done()));
            } else {
              job.ends(
                  JobState.STOPPED,
                  Text.of(
                      "Elsko ended in the middle of it; nothing of it was kept. Begin it again."),
                  clock.instant());
            }
          }
        });
  }

  private static void afterwards(Runnable then) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            then.run();
          }
        });
  }

  private void put(UUID id, JobKind kind, int doneBefore) {
    Running one = new Running(id, kind, doneBefore);
    if (kind == JobKind.REASSESS) {
      stopAll(kind);
    }
    running.put(id, one);
    ExecutorService thread = threads.get(kind);
    if (thread == null) {
      throw new IllegalStateException("Nobody does " + kind);
    }
    thread.execute(() -> run(one));
  }

  private void run(Running one) {
    JobState how = JobState.FAILED;
    Text words = Text.of("Something went wrong. It is in the server's log.");
    try {
      Job job = changed(one.id, Job::runs);
      Task task = tasks.get(one.kind);
      if (job == null || task == null) {
        return;
      }
      if (one.isStopping()) {
        throw new Portions.Stopped();
      }
      words = Text.of(task.run(one, job.about(), job.person()));
      how = JobState.DONE;
    } catch (Portions.Stopped stopped) {
      how = JobState.STOPPED;
      words = Text.of("Somebody stopped it.");
    } catch (Refused refused) {
      words = refused.reason();
    } catch (RuntimeException broken) {
      LOG.error("{} failed", one.kind, broken);
    } finally {
      end(one, how, words);
    }
  }

  private void end(Running one, JobState how, Text words) {
    try {
      // One that ends with the process is gone on with at the next start.
      if (!ending) {
        changed(
            one.id,
            job -> {
              job.isAt(one.done, one.total);
              job.ends(how, words, clock.instant());
            });
      }
    } catch (RuntimeException away) {
      LOG.error("What became of {} could not be kept", one.kind, away);
    } finally {
      running.remove(one.id);
    }
  }

  private @Nullable Job changed(UUID id, Consumer<Job> how) {
    return transaction.execute(
        begun -> {
          Job job = rows.findById(id).orElseThrow();
          how.accept(job);
          events.publishEvent(Changed.jobs());
          return job;
        });
  }

  @Override
  public void destroy() {
    ending = true;
    running.values().forEach(Running::stop);
    threads.values().forEach(ExecutorService::shutdownNow);
  }

  private final class Running implements Portions {
    private final UUID id;
    private final JobKind kind;
    private final int doneBefore;
    private volatile boolean stopping;
    private volatile int done;
    private volatile int total;
    private Instant kept = Instant.EPOCH;

    public Running(UUID id, JobKind kind, int doneBefore) {
      this.id = id;
      this.kind = kind;
      this.doneBefore = doneBefore;
      this.done = doneBefore;
    }

    public void stop() {
      stopping = true;
    }

    @Override
    public void of(int all) {
      total = all;
    }

    @Override
    public void reached(int now) {
      if (stopping) {
        throw new Stopped();
      }
      done = now;
      Instant time = clock.instant();
      if (TransactionSynchronizationManager.isActualTransactionActive()) {
        rows.findById(id).ifPresent(job -> job.isAt(now, total));
      } else if (Duration.between(kept, time).compareTo(Duration.ofSeconds(1)) > 0) {
        kept = time;
        changed(id, job -> job.isAt(now, total));
      }
    }

    @Override
    public boolean isStopping() {
      return stopping;
    }

    @Override
    public int doneBefore() {
      return doneBefore;
    }
  }
}
