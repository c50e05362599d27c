package elsko.server.archive;

import java.time.Instant;
import java.util.List;

/**
 * What is in an archive.
 *
 * @param format always {@link #FORMAT}
 * @param version of the container: how the files lie in it
 * @param schema version of the tables: the last migration they had been through
 * @param yard the yard's own name
 */
public record Manifest(
    String format, int version, String schema, String yard, Instant madeAt, List<Table> tables) {
  static final String FORMAT = "elsko-archive";
  static final int VERSION = 1;
  static final String FILE = "manifest.json";

  public Manifest {
    tables = tables == null ? List.of() : List.copyOf(tables);
  }

  /**
   * One table: a file with a line of JSON for each row.
   *
   * @param bytes of the file, not compressed
   * @param sha256 of the same, in hexadecimal
   */
  public record Table(String name, List<String> columns, long rows, long bytes, String sha256) {
    public Table {
      columns = columns == null ? List.of() : List.copyOf(columns);
    }

    String file() {
      return fileOf(name);
    }
  }

  static String fileOf(String table) {
    return "tables/" + table + ".jsonl";
  }

  /** How many rows there are in all. */
  public long rows() {
    return tables.stream().mapToLong(Table::rows).sum();
  }
}
