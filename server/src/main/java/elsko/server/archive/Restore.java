package elsko.server.archive;

import elsko.server.archive.Manifest.Table;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Fills a new data folder from an archive: all of it, or nothing. */
public final class Restore {
  static final String DATABASE = "elsko";
  private static final String USER = "elsko";
  private static final int AT_ONCE = 2000;

  /** The one table that grows without end. */
  private static final String LOG = "entry";

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Restore() {}

  /**
   * Restores an archive. An older one goes through every migration since.
   *
   * @param data the folder; must be empty or not there yet
   * @return what was restored
   * @throws ArchiveRefused when it cannot be; the folder is then as it was
   */
  public static Manifest into(Path data, Path file) throws IOException {
    refuseUnlessEmpty(data);
    try (ArchiveFile archive = ArchiveFile.open(file, newestSchema())) {
      Path parent = data.toAbsolutePath().normalize().getParent();
      Files.createDirectories(parent);
      String begun = ".restoring-" + data.toAbsolutePath().normalize().getFileName() + "-";
      forget(parent, begun);
      Path made = Files.createTempDirectory(parent, begun);
      try {
        fill(made, archive);
        move(made, data);
      } catch (SQLException wrong) {
        throw new ArchiveRefused(
            "What is in the archive does not fit together: %s.".formatted(wrong.getMessage()));
      } finally {
        delete(made);
      }
      return archive.manifest();
    }
  }

  /** The newest migration this version has. */
  public static String newestSchema() {
    MigrationInfo[] all =
        Flyway.configure().dataSource("jdbc:h2:mem:", USER, "").load().info().all();
    return all[all.length - 1].getVersion().getVersion();
  }

  private static void refuseUnlessEmpty(Path data) throws IOException {
    if (!Files.exists(data)) {
      return;
    }
    try (Stream<Path> inside = Files.list(data)) {
      if (inside.findAny().isPresent()) {
        throw new ArchiveRefused(
            "The folder %s is not empty. Restore into a new one.".formatted(data.getFileName()));
      }
    }
  }

  private static void fill(Path folder, ArchiveFile archive) throws SQLException, IOException {
    // Nothing here has to survive a crash: until it is moved into its place it does not count.
    String url =
        "jdbc:h2:file:%s;WRITE_DELAY=10000;CACHE_SIZE=400000"
            .formatted(folder.toAbsolutePath().resolve(DATABASE));
    migrate(url, archive.manifest().schema());
    try (Connection connection = DriverManager.getConnection(url, USER, "")) {
      connection.setAutoCommit(false);
      List<String> known = Tables.of(connection);
      Map<String, Table> given = new HashMap<>();
      archive.manifest().tables().forEach(table -> given.put(table.name(), table));
      for (String name : given.keySet()) {
        if (!known.contains(name)) {
          throw new ArchiveRefused("There is a table %s in it that no yard has.".formatted(name));
        }
      }
      for (String name : known) {
        if (!given.containsKey(name)) {
          throw new ArchiveRefused("The table %s is missing in it.".formatted(name));
        }
        try (Statement sql = connection.createStatement()) {
          sql.execute("delete from " + name);
        }
      }
      for (String name : known) {
        TakenOff off = name.equals(LOG) ? TakenOff.of(connection, name) : null;
        fill(connection, archive, given.get(name));
        if (off != null) {
          off.putBack(connection);
        }
      }
      try (Statement sql = connection.createStatement()) {
        sql.execute(
            "alter table entry alter column seq restart with"
                + " (select coalesce(max(seq), 0) + 1 from entry)");
      }
      connection.commit();
    }
    migrate(url, newestSchema());
    try (Connection connection = DriverManager.getConnection(url, USER, "");
        Statement sql = connection.createStatement()) {
      Meanings.check(connection);
      sql.execute("shutdown compact");
    }
  }

  private static void migrate(String url, String version) {
    Flyway.configure()
        .dataSource(url, USER, "")
        .target(MigrationVersion.fromVersion(version))
        .load()
        .migrate();
  }

  private static void fill(Connection connection, ArchiveFile archive, Table table)
      throws SQLException, IOException {
    Map<String, Integer> types = new HashMap<>();
    try (Statement sql = connection.createStatement();
        ResultSet none = sql.executeQuery("select * from " + table.name() + " where false")) {
      ResultSetMetaData about = none.getMetaData();
      for (int i = 1; i <= about.getColumnCount(); i++) {
        String column = about.getColumnName(i).toLowerCase(Locale.ROOT);
        types.put(column, Values.typeOf(about, i));
      }
    }
    for (String column : table.columns()) {
      if (!types.containsKey(column)) {
        throw new ArchiveRefused(
            "The table %s has a column in it that no yard has.".formatted(table.name()));
      }
    }
    String marks = String.join(", ", table.columns().stream().map(column -> "?").toList());
    String insert =
        "insert into %s (%s) overriding system value values (%s)"
            .formatted(table.name(), String.join(", ", table.columns()), marks);
    try (PreparedStatement rows = connection.prepareStatement(insert);
        BufferedReader lines =
            new BufferedReader(
                new InputStreamReader(archive.read(table), StandardCharsets.UTF_8))) {
      int waiting = 0;
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        JsonNode row = row(table, line);
        for (int i = 0; i < table.columns().size(); i++) {
          String column = table.columns().get(i);
          Values.set(rows, i + 1, types.get(column), row.get(column));
        }
        rows.addBatch();
        if (++waiting % AT_ONCE == 0) {
          rows.executeBatch();
          // All of it counts or nothing, by the folder; one transaction would only be slow.
          connection.commit();
        }
      }
      rows.executeBatch();
      connection.commit();
    }
  }

  private static JsonNode row(Table table, String line) {
    try {
      JsonNode row = JSON.readTree(line);
      if (row.isObject()) {
        return row;
      }
    } catch (JacksonException unreadable) {
      // Said below, as every line that is no row.
    }
    throw new ArchiveRefused("A row of the table %s cannot be read.".formatted(table.name()));
  }

  /** What a restore that was killed left behind. */
  private static void forget(Path parent, String begun) throws IOException {
    List<Path> left;
    try (Stream<Path> files = Files.list(parent)) {
      left = files.filter(file -> file.getFileName().toString().startsWith(begun)).toList();
    }
    for (Path folder : left) {
      delete(folder);
    }
  }

  private static void move(Path made, Path data) throws IOException {
    Files.createDirectories(data);
    try (Stream<Path> files = Files.list(made)) {
      for (Path file : files.toList()) {
        Files.move(file, data.resolve(file.getFileName()));
      }
    }
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      files
          .sorted(java.util.Comparator.reverseOrder())
          .forEach(
              file -> {
                try {
                  Files.deleteIfExists(file);
                } catch (IOException stays) {
                  throw new UncheckedIOException(stays);
                }
              });
    }
  }
}
