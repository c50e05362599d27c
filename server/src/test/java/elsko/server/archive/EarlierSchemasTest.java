package elsko.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The same small yard as each schema kept it: every archive of them still comes in, and is the same
 * yard. A new schema gets its archive with: mvn -pl server test -Dtest=EarlierSchemasTest
 * -Delsko.fixtures.write=true
 */
class EarlierSchemasTest {
  private static final Path KEPT = Path.of("src/test/resources/archives");
  private static final Path FROZEN = Path.of("src/test/resources/frozen/old-yard.txt");
  private static final Instant THEN = Instant.parse("2031-11-02T08:00:00Z");
  private static final List<String> FIRST_YARD =
      List.of(
          "insert into yard values (1, 'Old Yard', -20, 5, 'BURST', true, 0)",
          "insert into person values ('00000000-0000-0000-0000-00000000000a', 'Orrin',"
              + " 'COORDINATOR', 'hash', 0)",
          "insert into area values ('00000000-0000-0000-0000-00000000000b', 'Shed', 'SHED', 2, 2,"
              + " 20, 10)",
          "insert into berth values ('00000000-0000-0000-0000-00000000000c',"
              + " '00000000-0000-0000-0000-00000000000b', 'A1', 'A', 4, 5)",
          "insert into boat values ('00000000-0000-0000-0000-000000000001', 'Old \"Salt\"', 7.4,"
              + " 'STERNDRIVE', 'ONE_CENTRAL_DRAIN', 'BRACKISH', 612.0, 'A. Owner', 'leaks', 3)",
          "insert into entry (id, boat_id, person, kind, fact, fingerprint, device_time,"
              + " server_time) values ('00000000-0000-0000-0000-000000000002',"
              + " '00000000-0000-0000-0000-000000000001', 'Orrin', 'NOTED', '{\"text\":\"first\"}',"
              + " 'f', timestamp with time zone '2030-10-01 08:00:00+00',"
              + " timestamp with time zone '2030-10-01 08:00:01+00')");

  @TempDir Path folder;

  static Stream<Integer> schemas() {
    return IntStream.rangeClosed(1, Integer.parseInt(Restore.newestSchema())).boxed();
  }

  private static Path kept(int schema) {
    return KEPT.resolve("schema-%02d.zip".formatted(schema));
  }

  @ParameterizedTest
  @MethodSource("schemas")
  void anArchiveOfEachSchemaComesInAndIsTheSameYard(int schema) throws Exception {
    assertThat(kept(schema)).as("the archive of schema %d", schema).exists();
    Path data = folder.resolve("data");
    assertThat(Restore.into(data, kept(schema)).schema()).isEqualTo(String.valueOf(schema));
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + data.resolve("elsko"), "elsko", "");
        Statement sql = connection.createStatement()) {
      try (ResultSet boat = sql.executeQuery("select description from boat")) {
        boat.next();
        assertThat(boat.getString(1)).contains("Old \\\"Salt\\\"").contains("A. Owner");
      }
      try (ResultSet entry = sql.executeQuery("select fact, lot from entry")) {
        entry.next();
        assertThat(entry.getString(1)).isEqualTo("{\"text\":\"first\"}");
        assertThat(entry.getString(2)).isNull();
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      assertThat(ArchiveWriter.write(connection, out, THEN).schema())
          .isEqualTo(Restore.newestSchema());
      assertThat(tables(out.toByteArray())).isEqualTo(frozen(tables(out.toByteArray())));
    }
  }

  /** What it comes to, row by row: the same from the archive of every schema. */
  private static String frozen(String tables) throws IOException {
    if (Boolean.getBoolean("elsko.approve")) {
      Files.writeString(FROZEN, tables);
    }
    return Files.readString(FROZEN);
  }

  private static String tables(byte[] archive) throws IOException {
    Map<String, String> tables = new TreeMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().endsWith(".jsonl")) {
          tables.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
        }
      }
    }
    StringBuilder text = new StringBuilder();
    tables.forEach((name, rows) -> text.append(name).append('\n').append(rows));
    return text.toString();
  }

  @Test
  @EnabledIfSystemProperty(named = "elsko.fixtures.write", matches = "true")
  void writesTheArchivesThatAreMissing() throws Exception {
    Files.createDirectories(KEPT);
    for (int schema : schemas().toList()) {
      if (!Files.exists(kept(schema))) {
        String url = "jdbc:h2:mem:schema" + schema + ";DB_CLOSE_DELAY=-1";
        migrate(url, 1);
        try (Connection connection = DriverManager.getConnection(url, "elsko", "");
            Statement sql = connection.createStatement()) {
          for (String insert : FIRST_YARD) {
            sql.execute(insert);
          }
          migrate(url, schema);
          try (OutputStream out = Files.newOutputStream(kept(schema))) {
            ArchiveWriter.write(connection, out, THEN);
          }
        }
      }
    }
  }

  private static void migrate(String url, int schema) {
    Flyway.configure()
        .dataSource(url, "elsko", "")
        .target(MigrationVersion.fromVersion(String.valueOf(schema)))
        .load()
        .migrate();
  }
}
