package elsko.server.archive;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a table is searched by and held to, taken off while it is filled: kept up row by row it
 * costs more than the rows, made afterwards little. What does not fit together is found then.
 */
final class TakenOff {
  private static final Pattern MADE =
      Pattern.compile(
          "(?s)(?:CREATE (?:NULLS DISTINCT )?INDEX (\\S+) ON .*"
              + "|ALTER TABLE (\\S+) ADD CONSTRAINT (\\S+) (?:UNIQUE|FOREIGN KEY).*)");

  /** As the database writes it for itself: it would not look at the rows again. */
  private static final String UNSEEN = " NOCHECK";

  private final List<String> madeBy = new ArrayList<>();

  private TakenOff() {}

  static TakenOff of(Connection connection, String table) throws SQLException {
    TakenOff off = new TakenOff();
    List<String> drops = new ArrayList<>();
    try (Statement sql = connection.createStatement();
        ResultSet script = sql.executeQuery("script nodata nosettings table " + table)) {
      while (script.next()) {
        String statement = script.getString(1).strip();
        Matcher made = MADE.matcher(statement);
        if (made.matches()) {
          off.madeBy.add(statement.replace(UNSEEN, ""));
          if (made.group(1) == null) {
            // First of all: a constraint may rest on an index.
            drops.add(
                0, "alter table %s drop constraint %s".formatted(made.group(2), made.group(3)));
          } else {
            drops.add("drop index " + made.group(1));
          }
        }
      }
    }
    run(connection, drops);
    return off;
  }

  void putBack(Connection connection) throws SQLException {
    run(connection, madeBy);
  }

  private static void run(Connection connection, List<String> statements) throws SQLException {
    try (Statement sql = connection.createStatement()) {
      for (String statement : statements) {
        sql.execute(statement);
      }
    }
  }
}
