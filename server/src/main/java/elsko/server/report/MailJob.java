package elsko.server.report;

import elsko.core.Refused;
import elsko.server.jobs.JobKind;
import elsko.server.jobs.JobStanding;
import elsko.server.jobs.JobState;
import elsko.server.jobs.Jobs;
import elsko.server.jobs.Portions;
import elsko.server.jobs.Task;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes and mails the lay-up reports of many boats in the background; can be stopped. Each letter
 * is put out together with how far it is, so that after a restart nobody gets a second one.
 */
@Component
class MailJob implements Task {
  private final Reports reports;
  private final ObjectProvider<Jobs> jobs;
  private final TransactionTemplate transaction;

  MailJob(Reports reports, ObjectProvider<Jobs> jobs, TransactionTemplate transaction) {
    this.reports = reports;
    this.jobs = jobs;
    this.transaction = transaction;
  }

  /** How far it is. */
  record Progress(int done, int of, boolean running, boolean stopped, @Nullable String trouble) {
    static @Nullable Progress of(@Nullable JobStanding job) {
      return job == null
          ? null
          : new Progress(
              job.done(),
              job.total(),
              !job.isOver(),
              job.state() == JobState.STOPPED,
              job.state() == JobState.FAILED
                  ? "Something went wrong. What is in the outbox stays."
                  : null);
    }
  }

  synchronized Progress begin(String by) {
    if (jobs.getObject().isUnderWay(JobKind.LETTERS)) {
      throw Refused.state("reports", "They are being written already.");
    }
    List<UUID> boats = reports.laidUp();
    if (boats.isEmpty()) {
      return new Progress(0, 0, false, false, null);
    }
    jobs.getObject()
        .begin(
            JobKind.LETTERS,
            boats.stream().map(UUID::toString).collect(Collectors.joining(" ")),
            by);
    return new Progress(0, boats.size(), true, false, null);
  }

  @Override
  public JobKind kind() {
    return JobKind.LETTERS;
  }

  @Override
  public String run(Portions portions, String about, String person) {
    List<UUID> boats = Stream.of(about.split(" ")).map(UUID::fromString).toList();
    portions.of(boats.size());
    for (int i = portions.doneBefore(); i < boats.size(); i++) {
      UUID boat = boats.get(i);
      int done = i + 1;
      transaction.executeWithoutResult(
          begun -> {
            reports.mailLayUp(boat, person);
            portions.reached(done);
          });
    }
    return "%,d letters are in the outbox.".formatted(boats.size());
  }

  void stop() {
    jobs.getObject().stopAll(JobKind.LETTERS);
  }

  @Nullable Progress view() {
    return Progress.of(jobs.getObject().last(JobKind.LETTERS));
  }
}
