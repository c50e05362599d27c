package elsko.server.archive;

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
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Writes archives of the running yard: on request, and every night into the data folder. */
@Service
class Backups {
  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
  private static final long LOOKS_EVERY_MS = 60_000;

  /** Starting is quick because nothing else is done then. */
  private static final long FIRST_LOOK_MS = 600_000;

  private final DataSource database;
  private final Clock clock;
  private final BackupFolder folder;
  private final boolean onDisk;
  private final LocalTime at;
  private final int keep;

  Backups(
      DataSource database,
      Clock clock,
      @Value("${elsko.data}") Path data,
      @Value("${spring.datasource.url}") String url,
      @Value("${elsko.backup.at:03:00}") String at,
      @Value("${elsko.backup.keep:14}") int keep) {
    this.database = database;
    this.clock = clock;
    this.folder = new BackupFolder(data.resolve("backups"));
    this.onDisk = url.startsWith("jdbc:h2:file:");
    this.at = LocalTime.parse(at);
    this.keep = keep;
  }

  /** What there is, and when the next is made. */
  record BackupsView(List<BackupFolder.Backup> backups, String dailyAt, int keep) {}

  BackupsView view() {
    try {
      return new BackupsView(folder.all(), at.toString(), keep);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** One more, now. */
  BackupsView make() {
    try {
      Path scratch = scratch();
      Path made = folder.next(LocalDateTime.now(clock));
      Files.move(scratch, made, StandardCopyOption.ATOMIC_MOVE);
      folder.rotate(keep, today());
      return view();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** An archive on disk as the yard stands now; whoever asks deletes it. */
  Path scratch() {
    try {
      return folder.scratch(database, clock.instant());
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    } catch (SQLException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Once a day; a machine that was off at the hour does it when it is on again. */
  @Scheduled(initialDelay = FIRST_LOOK_MS, fixedDelay = LOOKS_EVERY_MS)
  void daily() {
    if (!onDisk || LocalTime.now(clock).isBefore(at)) {
      return;
    }
    boolean done = view().backups().stream().anyMatch(one -> one.day().equals(today()));
    if (!done) {
      try {
        make();
      } catch (RuntimeException broken) {
        LOG.error("The backup of today could not be written", broken);
      }
    }
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }
}
