package elsko.server.archive;

import elsko.server.archive.Manifest.Table;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.attribute.FileTime;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

/** Writes the whole yard into one file, as it stands at one moment, while others go on working. */
public final class ArchiveWriter {
  private static final int AT_ONCE = 1000;

  /** The same rows make the same file, whenever it is written. */
  private static final FileTime NO_TIME = FileTime.fromMillis(946_684_800_000L);

  private static final JsonMapper JSON =
      JsonMapper.builder(JsonFactory.builder().rootValueSeparator((String) null).build())
          .disable(StreamWriteFeature.AUTO_CLOSE_TARGET)
          .build();

  private final Connection connection;
  private final ZipOutputStream zip;

  private ArchiveWriter(Connection connection, ZipOutputStream zip) {
    this.connection = connection;
    this.zip = zip;
  }

  /**
   * Writes an archive and leaves the stream open.
   *
   * @param connection nothing else may use it meanwhile; it is rolled back at the end
   * @return what is in it
   */
  public static Manifest write(Connection connection, OutputStream out, Instant now)
      throws SQLException, IOException {
    boolean autoCommit = connection.getAutoCommit();
    int isolation = connection.getTransactionIsolation();
    connection.setTransactionIsolation(Connection.TRANSACTION_SERIALIZABLE);
    connection.setAutoCommit(false);
    try {
      ZipOutputStream zip = new ZipOutputStream(out);
      zip.setLevel(Deflater.BEST_SPEED);
      Manifest manifest = new ArchiveWriter(connection, zip).all(now);
      zip.finish();
      return manifest;
    } finally {
      connection.rollback();
      connection.setAutoCommit(autoCommit);
      connection.setTransactionIsolation(isolation);
    }
  }

  private Manifest all(Instant now) throws SQLException, IOException {
    List<Table> tables = new ArrayList<>();
    // The first read fixes the moment all others see.
    String yard = yardName();
    for (String table : Tables.of(connection)) {
      tables.add(table(table));
    }
    Manifest manifest =
        new Manifest(
            Manifest.FORMAT, Manifest.VERSION, Tables.schemaOf(connection), yard, now, tables);
    begin(Manifest.FILE);
    zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
    zip.closeEntry();
    return manifest;
  }

  private String yardName() throws SQLException {
    try (Statement sql = connection.createStatement();
        ResultSet found = sql.executeQuery("select name from yard")) {
      return found.next() ? found.getString(1) : "";
    }
  }

  private void begin(String name) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setLastModifiedTime(NO_TIME);
    zip.putNextEntry(entry);
  }

  private Table table(String name) throws SQLException, IOException {
    begin(Manifest.fileOf(name));
    MessageDigest digest = sha256();
    Counted counted = new Counted(new DigestOutputStream(zip, digest));
    List<String> columns = new ArrayList<>();
    long rows;
    String order = String.join(", ", Tables.keyOf(connection, name));
    try (Statement sql = connection.createStatement()) {
      sql.setFetchSize(AT_ONCE);
      try (ResultSet found = sql.executeQuery("select * from " + name + " order by " + order)) {
        ResultSetMetaData about = found.getMetaData();
        int[] types = new int[about.getColumnCount()];
        for (int i = 0; i < types.length; i++) {
          columns.add(about.getColumnName(i + 1).toLowerCase(Locale.ROOT));
          types[i] = Values.typeOf(about, i + 1);
        }
        rows = rows(found, columns, types, counted);
      }
    }
    zip.closeEntry();
    return new Table(name, columns, rows, counted.bytes, HexFormat.of().formatHex(digest.digest()));
  }

  private static long rows(ResultSet found, List<String> columns, int[] types, OutputStream out)
      throws SQLException, IOException {
    long rows = 0;
    try (JsonGenerator json = JSON.createGenerator(out)) {
      while (found.next()) {
        json.writeStartObject();
        for (int i = 0; i < types.length; i++) {
          json.writeName(columns.get(i));
          Values.write(json, found, i + 1, types[i]);
        }
        json.writeEndObject();
        json.writeRaw('\n');
        rows++;
      }
    }
    return rows;
  }

  static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }

  /** Counts what goes through; closing it leaves the archive open. */
  private static final class Counted extends FilterOutputStream {
    private long bytes;

    Counted(OutputStream out) {
      super(out);
    }

    @Override
    public void write(int one) throws IOException {
      out.write(one);
      bytes++;
    }

    @Override
    public void write(byte[] some, int from, int length) throws IOException {
      out.write(some, from, length);
      bytes += length;
    }

    @Override
    public void close() throws IOException {
      flush();
    }
  }
}
