package elsko.server.archive;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Before a newer version changes its tables, the yard as it was is kept beside them: whoever has to
 * go back to the earlier version restores it with that. Where it cannot be kept nothing is changed.
 */
@Component
class BeforeMigrating implements FlywayMigrationStrategy {
  private static final Logger LOG = LoggerFactory.getLogger(BeforeMigrating.class);

  private final BackupFolder folder;
  private final Clock clock;
  private final boolean onDisk;

  BeforeMigrating(
      Clock clock,
      @Value("${elsko.data}") Path data,
      @Value("${spring.datasource.url}") String url) {
    this.folder = new BackupFolder(data.resolve("backups"));
    this.clock = clock;
    this.onDisk = url.startsWith("jdbc:h2:file:");
  }

  @Override
  public void migrate(Flyway flyway) {
    MigrationInfoService known = flyway.info();
    if (settled(known)) {
      return;
    }
    MigrationInfo now = known.current();
    if (onDisk && now != null && known.pending().length > 0) {
      keep(flyway.getConfiguration().getDataSource(), now.getVersion().toString());
    }
    flyway.migrate();
  }

  /** Nothing to do and nothing odd: migrating would only find that out again, at every start. */
  private static boolean settled(MigrationInfoService known) {
    return known.pending().length == 0
        && Arrays.stream(known.all())
            .allMatch(
                each -> each.getState() == MigrationState.SUCCESS && each.isChecksumMatching());
  }

  private void keep(DataSource database, String schema) {
    try {
      Path scratch = folder.scratch(database, clock.instant());
      Path kept = folder.beforeChangeOf(schema);
      Files.move(scratch, kept, StandardCopyOption.REPLACE_EXISTING);
      LOG.info("The yard as it was before this version is kept in {}", kept);
    } catch (SQLException | IOException broken) {
      throw new IllegalStateException(
          "The yard could not be kept as it was before this version changes its tables; nothing was"
              + " changed. Is the disk full?",
          broken);
    }
  }
}
