package elsko.server.archive;

import elsko.server.jobs.JobKind;
import elsko.server.jobs.JobStanding;
import elsko.server.jobs.Jobs;
import elsko.server.jobs.Portions;
import elsko.server.jobs.Task;
import elsko.server.problems.Busy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.concurrent.Semaphore;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Writes archives of the running yard: on request, and every night into the data folder. */
@Service
class Backups implements Task {
  private static final String ASKED = "asked";
  private static final String NIGHTLY = "nightly";
  private static final String ITSELF = "Elsko itself";
  private static final long LOOKS_EVERY_MS = 60_000;

  /** Starting is quick because nothing else is done then. */
  private static final long FIRST_LOOK_MS = 600_000;

  private final DataSource database;
  private final ObjectProvider<Jobs> jobs;
  private final Room room;
  private final Clock clock;
  private final BackupFolder folder;
  private final boolean onDisk;
  private final LocalTime at;
  private final int keep;

  /** Each holds a picture of the whole yard open while it is written. */
  private final Semaphore writing = new Semaphore(1);

  Backups(
      DataSource database,
      ObjectProvider<Jobs> jobs,
      Room room,
      Clock clock,
      @Value("${elsko.data}") Path data,
      @Value("${spring.datasource.url}") String url,
      @Value("${elsko.backup.at:03:00}") String at,
      @Value("${elsko.backup.keep:14}") int keep) {
    this.database = database;
    this.jobs = jobs;
    this.room = room;
    this.clock = clock;
    this.folder = new BackupFolder(data.resolve("backups"));
    this.onDisk = url.startsWith("jdbc:h2:file:");
    this.at = LocalTime.parse(at);
    this.keep = keep;
  }

  /**
   * Equipment, and when the next is made.
   *
   * @param keep nightly ones kept
   * @param keepAsked of those somebody asked for
   * @param lastJob how the one that was begun last stands; null when none was
   */
  record BackupsView(
      List<BackupFolder.Backup> backups,
      String dailyAt,
      int keep,
      int keepAsked,
      @Nullable JobStanding lastJob,
      Room.DiskTaken taken) {}

  BackupsView view() {
    try {
      List<BackupFolder.Backup> all = folder.all();
      return new BackupsView(
          all,
          at.toString(),
          keep,
          BackupFolder.ASKED_KEPT,
          jobs.getObject().last(JobKind.BACKUP),
          room.taken(folder.bytes(), all.isEmpty() ? 0 : all.get(0).bytes()));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** One more, as soon as its turn comes. */
  BackupsView ask(String by) {
    if (!jobs.getObject().isUnderWay(JobKind.BACKUP)) {
      jobs.getObject().begin(JobKind.BACKUP, ASKED, by);
    }
    return view();
  }

  @Override
  public JobKind kind() {
    return JobKind.BACKUP;
  }

  @Override
  public String run(Portions portions, String about, String person) {
    try {
      Path scratch = scratch();
      Path made = folder.next(LocalDateTime.now(clock), about.equals(ASKED));
      Files.move(scratch, made, StandardCopyOption.ATOMIC_MOVE);
      folder.rotate(keep, today());
      return "It is in %s.".formatted(made.getFileName());
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** An archive on disk as the yard stands now; whoever asks deletes it. One at a time. */
  Path scratch() {
    if (!writing.tryAcquire()) {
      throw new Busy("An archive is being written already. Try again when it is done.");
    }
    try {
      return folder.scratch(database, clock.instant());
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    } catch (SQLException broken) {
      throw new IllegalStateException(broken);
    } finally {
      writing.release();
    }
  }

  /** Once a day; a machine that was off at the hour does it when it is on again. */
  @Scheduled(initialDelay = FIRST_LOOK_MS, fixedDelay = LOOKS_EVERY_MS)
  void daily() throws IOException {
    if (!onDisk
        || LocalTime.now(clock).isBefore(at)
        || jobs.getObject().isUnderWay(JobKind.BACKUP)) {
      return;
    }
    boolean done = folder.all().stream().anyMatch(one -> !one.asked() && one.day().equals(today()));
    if (!done) {
      jobs.getObject().begin(JobKind.BACKUP, NIGHTLY, ITSELF);
    }
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }
}
