package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What was kept by an earlier version is still there, and means the same. */
class MigrationTest {
  private static final String URL = "jdbc:h2:mem:migrated;DB_CLOSE_DELAY=-1";

  private static void migrateTo(String version) {
    Flyway.configure()
        .dataSource(URL, "elsko", "")
        .target(MigrationVersion.fromVersion(version))
        .load()
        .migrate();
  }

  private static String one(Statement sql, String query) throws SQLException {
    try (ResultSet found = sql.executeQuery(query)) {
      assertThat(found.next()).isTrue();
      return found.getString(1);
    }
  }

  @Test
  void aSterndriveOfTheFirstYardIsDescribedByComposition() throws Exception {
    migrateTo("1");
    try (Connection connection = DriverManager.getConnection(URL, "elsko", "");
        Statement sql = connection.createStatement()) {
      sql.execute(
          "insert into boat values ('00000000-0000-0000-0000-000000000001', 'Old \"Salt\"', 7.4,"
              + " 'STERNDRIVE', 'ONE_CENTRAL_DRAIN', 'BRACKISH', 612.0, 'A. Owner', 'leaks\nhere', 3)");
      sql.execute(
          "insert into entry (id, boat_id, person, kind, fact, fingerprint, device_time, server_time)"
              + " values (random_uuid(), '00000000-0000-0000-0000-000000000001', 'technician',"
              + " 'CARD_OPENED', '{\"method\":\"POUR\"}', 'f', current_timestamp, current_timestamp)");
      migrateTo("2");
      BoatDescription boat =
          JsonMapper.builder()
              .build()
              .readValue(one(sql, "select description from boat"), BoatDescription.class);
      assertThat(boat.name()).isEqualTo("Old \"Salt\"");
      assertThat(boat.notes()).isEqualTo("leaks\nhere");
      assertThat(boat.engines().get(0).details().hours()).isEqualTo(612.0);
      assertThat(Boat.of(boat).circuit("engine").drains()).containsExactly("central-drain");
      assertThat(one(sql, "select fact from entry"))
          .isEqualTo("{\"procedure\":\"WINTERIZE\",\"choices\":{\"engine\":\"POUR\"}}");
      sql.execute(
          "insert into entry (id, boat_id, person, kind, fact, fingerprint, device_time, server_time)"
              + " values (random_uuid(), '00000000-0000-0000-0000-000000000001', 'technician',"
              + " 'FLUID_USED', '{\"circuit\":\"engine\",\"lot\":{\"number\":\"P38-1\",\"name\":\"Pink\"}}',"
              + " 'g', current_timestamp, current_timestamp)");
      migrateTo("10");
      String used = " from entry where kind = 'FLUID_USED'";
      assertThat(one(sql, "select lot" + used)).isEqualTo("P38-1");
      assertThat(one(sql, "select circuit" + used)).isEqualTo("engine");
      assertThat(one(sql, "select lot from entry where kind = 'CARD_OPENED'")).isNull();
    }
  }
}
