package elsko.server.importing;

import elsko.core.Refused;
import elsko.core.boat.description.BoatDescription;
import elsko.server.fleet.Fleet;
import elsko.server.jobs.JobKind;
import elsko.server.jobs.Jobs;
import elsko.server.jobs.Portions;
import elsko.server.jobs.Task;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Projection;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes fleet files in, one after another: looked at first, then kept all or not at all. */
@Service
class FleetImport implements Task {
  private static final int REMEMBERED = 20;
  private static final int AT_ONCE = 250;
  private static final int MOST_CHARACTERS = 20_000_000;

  private final FleetReader reader;
  private final Fleet fleet;
  private final Projection projection;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher events;
  private final ObjectProvider<Jobs> queue;
  private final Deque<ImportJob> jobs = new ArrayDeque<>();

  FleetImport(
      FleetReader reader,
      Fleet fleet,
      Projection projection,
      TransactionTemplate transaction,
      ApplicationEventPublisher events,
      ObjectProvider<Jobs> queue) {
    this.queue = queue;
    this.reader = reader;
    this.fleet = fleet;
    this.projection = projection;
    this.transaction = transaction;
    this.events = events;
  }

  /** Begins to read a file. */
  ImportJob begin(String csv, boolean keeps, String person) {
    if (csv == null || csv.isBlank()) {
      throw Refused.value("csv", "The file is empty.");
    }
    if (csv.length() > MOST_CHARACTERS) {
      throw Refused.value("csv", "The file is too large: at most 20 million characters.");
    }
    ImportJob job = new ImportJob(csv, keeps, (int) csv.lines().count() - 1);
    synchronized (jobs) {
      jobs.addFirst(job);
      while (jobs.size() > REMEMBERED) {
        jobs.removeLast();
      }
    }
    queue.getObject().begin(job.id, JobKind.IMPORT, job.id.toString(), person);
    return job;
  }

  ImportJob job(UUID id) {
    synchronized (jobs) {
      return jobs.stream()
          .filter(job -> job.id.equals(id))
          .findFirst()
          .orElseThrow(() -> new NotFound("import", "There is no such import any more."));
    }
  }

  @Override
  public JobKind kind() {
    return JobKind.IMPORT;
  }

  @Override
  public String run(Portions portions, String about, String person) {
    ImportJob job = job(UUID.fromString(about));
    String csv = job.begun(portions);
    try {
      FleetPlan plan = transaction.execute(status -> readAndKeep(job, csv, person));
      job.finished(plan);
      ImportJob.View view = job.view();
      return "%,d rows: %,d boats new, %,d changed, %,d to be looked at%s."
          .formatted(
              view.rows(),
              view.added(),
              view.changed(),
              view.problemCount(),
              job.keeps() && view.problemCount() == 0 ? "" : "; nothing was kept");
    } catch (Portions.Stopped stopped) {
      job.stopped();
      throw stopped;
    } catch (Refused refused) {
      job.refused(refused);
      throw refused;
    } catch (RuntimeException broken) {
      job.failed();
      throw broken;
    }
  }

  private FleetPlan readAndKeep(ImportJob job, String csv, String person) {
    FleetPlan plan = reader.read(csv, job::reached);
    if (job.keeps() && plan.problems.isEmpty()) {
      keep(job, plan, person);
      // Heard after the commit.
      events.publishEvent(new FoldCaches.Redescribed(Set.copyOf(plan.changed.keySet())));
      events.publishEvent(Changed.yard());
    }
    return plan;
  }

  private void keep(ImportJob job, FleetPlan plan, String person) {
    fleet.letGo();
    job.of(plan.added.size() + plan.changed.size());
    int count = 0;
    for (int from = 0; from < plan.added.size(); from += AT_ONCE) {
      List<BoatDescription> some =
          plan.added.subList(from, Math.min(plan.added.size(), from + AT_ONCE));
      List<UUID> ids = fleet.takeIn(some);
      for (int i = 0; i < some.size(); i++) {
        projection.takeIn(ids.get(i), some.get(i), plan.berths.get(from + i), person);
      }
      fleet.letGo();
      count += some.size();
      job.reached(count);
    }
    List<UUID> changed = List.copyOf(plan.changed.keySet());
    for (int from = 0; from < changed.size(); from += AT_ONCE) {
      Map<UUID, BoatDescription> some = new HashMap<>();
      changed
          .subList(from, Math.min(changed.size(), from + AT_ONCE))
          .forEach(id -> some.put(id, plan.changed.get(id)));
      projection.redescribe(some);
      fleet.letGo();
      count += some.size();
      job.reached(count);
    }
  }
}
