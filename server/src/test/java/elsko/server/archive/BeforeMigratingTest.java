package elsko.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Clock;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BeforeMigratingTest {
  private static final String EARLIER = "14";

  @TempDir Path data;

  private String url() {
    return "jdbc:h2:file:" + data.resolve("elsko");
  }

  private Flyway to(String schema) {
    return Flyway.configure()
        .dataSource(url(), "elsko", "")
        .target(MigrationVersion.fromVersion(schema))
        .load();
  }

  private void starts() {
    new BeforeMigrating(Clock.systemUTC(), data, url()).migrate(to(Restore.newestSchema()));
  }

  private void anEarlierYard() throws Exception {
    to(EARLIER).migrate();
    try (Connection connection = DriverManager.getConnection(url(), "elsko", "");
        Statement sql = connection.createStatement()) {
      sql.execute(
          "insert into person (id, name, role, password_hash, version) values"
              + " ('00000000-0000-0000-0000-00000000000a', 'Orrin', 'COORDINATOR', 'hash', 0)");
    }
  }

  private Path kept() {
    return data.resolve("backups").resolve("elsko-as-schema-14.zip");
  }

  @Test
  void theYardAsItWasIsKeptAndCanBeRestored() throws Exception {
    anEarlierYard();
    starts();
    Path again = data.resolve("again");
    Path killed = Files.createDirectories(data.resolve(".restoring-again-7").resolve("inside"));
    assertThat(Restore.into(again, kept()).schema()).isEqualTo(EARLIER);
    assertThat(killed.getParent()).as("what a restore that was killed left").doesNotExist();
    String restored = "jdbc:h2:file:" + again.resolve("elsko");
    try (Connection connection = DriverManager.getConnection(restored, "elsko", "");
        Statement sql = connection.createStatement();
        ResultSet names = sql.executeQuery("select name from person")) {
      names.next();
      assertThat(names.getString(1)).isEqualTo("Orrin");
    }
  }

  @Test
  void whereNothingChangesNothingIsWritten() {
    starts();
    assertThat(data.resolve("backups")).doesNotExist();
    starts();
    assertThat(data.resolve("backups")).doesNotExist();
  }

  @Test
  void aTableChangeThatIsNotWhatWasDoneHereIsRefusedAtALaterStartToo() throws Exception {
    starts();
    try (Connection connection = DriverManager.getConnection(url(), "elsko", "");
        Statement sql = connection.createStatement()) {
      sql.execute(
          "update \"flyway_schema_history\" set \"checksum\" = 1 where \"installed_rank\" = 2");
    }
    assertThatThrownBy(this::starts).hasMessageContaining("checksum");
  }

  @Test
  void whereItCannotBeKeptNothingIsChanged() throws Exception {
    anEarlierYard();
    Files.writeString(data.resolve("backups"), "in the way");
    assertThatThrownBy(this::starts).hasMessageContaining("nothing was changed");
    assertThat(to(Restore.newestSchema()).info().current().getVersion().toString())
        .isEqualTo(EARLIER);
  }
}
