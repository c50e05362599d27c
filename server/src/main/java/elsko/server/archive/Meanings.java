package elsko.server.archive;

import elsko.core.Refused;
import elsko.core.Units;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Policy;
import elsko.server.names.NamesInJson;
import elsko.server.people.Role;
import elsko.server.people.Standing;
import elsko.server.text.KeptText;
import elsko.server.work.log.EntryKind;
import elsko.server.yard.AreaKind;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Whether what was restored means something here: kinds and roles this version knows, entries that
 * can be read, boats that can be written out. What fits in bytes alone would fail in the yard.
 */
final class Meanings {
  /** A column whose words are those of a choice. */
  private record Choice(String table, String column, Class<? extends Enum<?>> words) {}

  private static final List<Choice> CHOICES =
      List.of(
          new Choice("person", "role", Role.class),
          new Choice("person", "standing", Standing.class),
          new Choice("entry", "kind", EntryKind.class),
          new Choice("boat", "kind", BoatKind.class),
          new Choice("boat", "layout", Layout.class),
          new Choice("area", "kind", AreaKind.class),
          new Choice("yard", "policy", Policy.class),
          new Choice("yard_method", "method", Method.class));

  private static final JsonMapper PLAIN = JsonMapper.builder().build();
  private static final JsonMapper FACTS =
      JsonMapper.builder()
          .propertyNamingStrategy(NamesInJson.stored())
          .addModule(KeptText.module())
          .build();

  private Meanings() {}

  /**
   * @throws ArchiveRefused for what means nothing, and says what it is
   */
  static void check(Connection connection) throws SQLException {
    try (Statement sql = connection.createStatement()) {
      for (Choice choice : CHOICES) {
        words(sql, choice);
      }
      if (count(sql, "select count(*) from yard") > 1) {
        throw new ArchiveRefused("There are several yards in it.");
      }
      units(sql);
      facts(sql);
      boats(sql);
    }
  }

  private static void words(Statement sql, Choice choice) throws SQLException {
    String query =
        "select distinct %s from %s where %s is not null"
            .formatted(choice.column(), choice.table(), choice.column());
    try (ResultSet found = sql.executeQuery(query)) {
      while (found.next()) {
        String word = found.getString(1);
        if (List.of(choice.words().getEnumConstants()).stream()
            .noneMatch(known -> known.name().equals(word))) {
          throw new ArchiveRefused(
              "In the table %s there is a %s \"%s\" that means nothing here."
                  .formatted(choice.table(), choice.column(), word));
        }
      }
    }
  }

  private static void units(Statement sql) throws SQLException {
    String query = "select units from yard union select units from person where units is not null";
    try (ResultSet found = sql.executeQuery(query)) {
      while (found.next()) {
        try {
          Units.of(found.getString(1));
        } catch (IllegalArgumentException unknown) {
          throw new ArchiveRefused(
              "There are units \"%s\" in it that mean nothing here.".formatted(found.getString(1)));
        }
      }
    }
  }

  private static void facts(Statement sql) throws SQLException {
    try (ResultSet rows = sql.executeQuery("select id, kind, fact from entry")) {
      while (rows.next()) {
        try {
          FACTS.readValue(rows.getString(3), EntryKind.valueOf(rows.getString(2)).fact());
        } catch (JacksonException | Refused unreadable) {
          throw new ArchiveRefused(
              "The entry %s cannot be read as %s.".formatted(rows.getString(1), rows.getString(2)));
        }
      }
    }
  }

  private static void boats(Statement sql) throws SQLException {
    try (ResultSet rows = sql.executeQuery("select name, description from boat")) {
      while (rows.next()) {
        try {
          Boat.of(PLAIN.readValue(rows.getString(2), BoatDescription.class));
        } catch (JacksonException | Refused unreadable) {
          throw new ArchiveRefused(
              "The boat %s cannot be written out as it is described.".formatted(rows.getString(1)));
        }
      }
    }
  }

  private static int count(Statement sql, String query) throws SQLException {
    try (ResultSet found = sql.executeQuery(query)) {
      found.next();
      return found.getInt(1);
    }
  }
}
