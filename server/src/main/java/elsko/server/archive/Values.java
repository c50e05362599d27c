package elsko.server.archive;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Base64;
import java.util.UUID;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;

/** Values of columns as JSON writes them: times as ISO in UTC, bytes as Base64. */
final class Values {
  private Values() {}

  /** The database says of a UUID that it is binary; here it is a kind of its own. */
  static final int UUID_TYPE = Types.OTHER;

  /** The kind of a column. */
  static int typeOf(ResultSetMetaData about, int column) throws SQLException {
    return about.getColumnTypeName(column).equals("UUID") ? UUID_TYPE : about.getColumnType(column);
  }

  static void write(JsonGenerator json, ResultSet row, int column, int type) throws SQLException {
    switch (type) {
      case UUID_TYPE -> {
        UUID value = row.getObject(column, UUID.class);
        writeOr(json, row, () -> json.writeString(value.toString()));
      }
      case Types.BOOLEAN -> {
        boolean value = row.getBoolean(column);
        writeOr(json, row, () -> json.writeBoolean(value));
      }
      case Types.INTEGER, Types.SMALLINT, Types.BIGINT -> {
        long value = row.getLong(column);
        writeOr(json, row, () -> json.writeNumber(value));
      }
      case Types.DOUBLE, Types.REAL, Types.FLOAT -> {
        double value = row.getDouble(column);
        writeOr(json, row, () -> json.writeNumber(value));
      }
      case Types.TIMESTAMP_WITH_TIMEZONE -> {
        OffsetDateTime value = row.getObject(column, OffsetDateTime.class);
        writeOr(json, row, () -> json.writeString(value.toInstant().toString()));
      }
      case Types.DATE -> {
        LocalDate value = row.getObject(column, LocalDate.class);
        writeOr(json, row, () -> json.writeString(value.toString()));
      }
      case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY -> {
        byte[] value = row.getBytes(column);
        writeOr(json, row, () -> json.writeString(Base64.getEncoder().encodeToString(value)));
      }
      default -> {
        String value = row.getString(column);
        writeOr(json, row, () -> json.writeString(value));
      }
    }
  }

  private static void writeOr(JsonGenerator json, ResultSet row, Runnable write)
      throws SQLException {
    if (row.wasNull()) {
      json.writeNull();
    } else {
      write.run();
    }
  }

  /** Sets a parameter from what an archive says; refuses what is not of its kind. */
  static void set(PreparedStatement insert, int at, int type, JsonNode value) throws SQLException {
    if (value == null || value.isNull()) {
      insert.setNull(at, type == UUID_TYPE ? Types.BINARY : type);
      return;
    }
    try {
      switch (type) {
        case Types.BOOLEAN -> insert.setBoolean(at, bool(value));
        case Types.INTEGER, Types.SMALLINT, Types.BIGINT -> insert.setLong(at, whole(value));
        case Types.DOUBLE, Types.REAL, Types.FLOAT -> insert.setDouble(at, number(value));
        case Types.TIMESTAMP_WITH_TIMEZONE ->
            insert.setObject(
                at, java.time.Instant.parse(value.stringValue()).atOffset(ZoneOffset.UTC));
        case Types.DATE -> insert.setObject(at, LocalDate.parse(value.stringValue()));
        case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY ->
            insert.setBytes(at, Base64.getDecoder().decode(value.stringValue()));
        case UUID_TYPE -> insert.setObject(at, UUID.fromString(value.stringValue()));
        default -> insert.setString(at, value.stringValue());
      }
    } catch (DateTimeParseException
        | IllegalArgumentException
        | tools.jackson.core.JacksonException wrong) {
      throw new ArchiveRefused(
          "A value in the archive is not of its kind: %s.".formatted(wrong.getMessage()));
    }
  }

  private static boolean bool(JsonNode value) {
    if (!value.isBoolean()) {
      throw new IllegalArgumentException(value + " is not true or false");
    }
    return value.booleanValue();
  }

  private static long whole(JsonNode value) {
    if (!value.isIntegralNumber()) {
      throw new IllegalArgumentException(value + " is not a whole number");
    }
    return value.longValue();
  }

  private static double number(JsonNode value) {
    if (!value.isNumber()) {
      throw new IllegalArgumentException(value + " is not a number");
    }
    return value.doubleValue();
  }
}
