package elsko.server.archive;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The tables of a database, those others refer to first. */
final class Tables {
  /** What the migrations themselves keep; it is made anew by migrating. */
  private static final String HISTORY = "flyway_schema_history";

  /** What this machine is at, which is nothing of the yard's. */
  private static final String JOBS = "job";

  private Tables() {}

  /** Names of all tables, in an order in which they can be filled. */
  static List<String> of(Connection connection) throws SQLException {
    Map<String, Set<String>> refersTo = new LinkedHashMap<>();
    String schema = connection.getSchema();
    try (ResultSet tables =
        connection
            .getMetaData()
            .getTables(null, schema, "%", new String[] {"TABLE", "BASE TABLE"})) {
      while (tables.next()) {
        String name = tables.getString("TABLE_NAME");
        if (!name.equalsIgnoreCase(HISTORY) && !name.equalsIgnoreCase(JOBS)) {
          refersTo.put(name, new LinkedHashSet<>());
        }
      }
    }
    for (Map.Entry<String, Set<String>> table : refersTo.entrySet()) {
      try (ResultSet keys =
          connection.getMetaData().getImportedKeys(null, schema, table.getKey())) {
        while (keys.next()) {
          table.getValue().add(keys.getString("PKTABLE_NAME"));
        }
      }
      table.getValue().remove(table.getKey());
    }
    return ordered(refersTo);
  }

  private static List<String> ordered(Map<String, Set<String>> refersTo) {
    List<String> ordered = new ArrayList<>();
    while (ordered.size() < refersTo.size()) {
      int before = ordered.size();
      refersTo.forEach(
          (table, others) -> {
            if (!ordered.contains(table) && ordered.containsAll(others)) {
              ordered.add(table);
            }
          });
      if (ordered.size() == before) {
        throw new IllegalStateException("tables refer to each other in a circle");
      }
    }
    return ordered.stream().map(name -> name.toLowerCase(java.util.Locale.ROOT)).toList();
  }

  /** Columns of the primary key, in its order. */
  static List<String> keyOf(Connection connection, String table) throws SQLException {
    Map<Short, String> columns = new java.util.TreeMap<>();
    try (ResultSet keys =
        connection
            .getMetaData()
            .getPrimaryKeys(
                null, connection.getSchema(), table.toUpperCase(java.util.Locale.ROOT))) {
      while (keys.next()) {
        columns.put(keys.getShort("KEY_SEQ"), keys.getString("COLUMN_NAME"));
      }
    }
    return List.copyOf(columns.values());
  }

  /** The newest migration a database has been through. */
  static String schemaOf(Connection connection) throws SQLException {
    String newest =
        "select \"version\" from \"flyway_schema_history\" where \"success\" and \"version\" is not null"
            + " order by \"installed_rank\" desc limit 1";
    try (Statement sql = connection.createStatement();
        ResultSet found = sql.executeQuery(newest)) {
      if (!found.next()) {
        throw new IllegalStateException("the database has no schema");
      }
      return found.getString(1);
    }
  }
}
