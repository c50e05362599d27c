package elsko.server.archive;

import elsko.server.archive.Manifest.Table;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.flywaydb.core.api.MigrationVersion;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** An archive on disk, checked before anything of it counts. */
public final class ArchiveFile implements Closeable {
  /** More than this is not unpacked, bytes. */
  private static final long MOST_BYTES = 8L << 30;

  /** Rows of a yard do not shrink to less than a two-hundredth. */
  private static final long MOST_SHRINKAGE = 200;

  private static final int MOST_OF_MANIFEST = 1 << 20;
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final ZipFile zip;
  private final Manifest manifest;

  private ArchiveFile(ZipFile zip, Manifest manifest) {
    this.zip = zip;
    this.manifest = manifest;
  }

  /**
   * Opens an archive and reads it through once.
   *
   * @param newest the schema this version knows
   * @throws ArchiveRefused when it is truncated, foreign, newer, or not what its manifest says
   */
  public static ArchiveFile open(Path file, String newest) throws IOException {
    if (!Files.isRegularFile(file)) {
      throw new ArchiveRefused("There is no file %s.".formatted(file.getFileName()));
    }
    ZipFile zip;
    try {
      zip = new ZipFile(file.toFile());
    } catch (ZipException broken) {
      throw new ArchiveRefused(
          "This is not an archive, or only a part of one: it cannot be unpacked.");
    }
    try {
      ArchiveFile archive = new ArchiveFile(zip, manifest(zip));
      archive.check(newest, Files.size(file));
      return archive;
    } catch (ZipException broken) {
      zip.close();
      throw new ArchiveRefused("The archive is damaged: it cannot be unpacked to its end.");
    } catch (IOException | RuntimeException refused) {
      zip.close();
      throw refused;
    }
  }

  private static Manifest manifest(ZipFile zip) throws IOException {
    ZipEntry entry = zip.getEntry(Manifest.FILE);
    if (entry == null) {
      throw new ArchiveRefused("This is no archive of a yard: it has no manifest.");
    }
    try (InputStream in = zip.getInputStream(entry)) {
      byte[] read = in.readNBytes(MOST_OF_MANIFEST + 1);
      if (read.length > MOST_OF_MANIFEST) {
        throw new ArchiveRefused("Its manifest is far too long.");
      }
      return JSON.readValue(read, Manifest.class);
    } catch (JacksonException unreadable) {
      throw new ArchiveRefused("This is no archive of a yard: its manifest cannot be read.");
    }
  }

  public Manifest manifest() {
    return manifest;
  }

  private void check(String newest, long size) throws IOException {
    if (!Manifest.FORMAT.equals(manifest.format())) {
      throw new ArchiveRefused("This is no archive of a yard: its manifest says something else.");
    }
    if (manifest.version() > Manifest.VERSION || isNewer(manifest.schema(), newest)) {
      throw new ArchiveRefused(
          "The archive was written by a newer version: this one knows schema %s, it has %s."
              .formatted(newest, manifest.schema()));
    }
    long bytes = 0;
    Set<String> files = new HashSet<>(Set.of(Manifest.FILE));
    for (Table table : manifest.tables()) {
      if (table.name() == null || !table.name().matches("[a-z_]{1,60}")) {
        throw new ArchiveRefused("Its manifest names a table that cannot be.");
      }
      if (!files.add(table.file())) {
        throw new ArchiveRefused("The table %s is in it twice.".formatted(table.name()));
      }
      bytes += Math.max(0, table.bytes());
    }
    if (bytes > MOST_BYTES || bytes > MOST_SHRINKAGE * size) {
      throw new ArchiveRefused(
          "It would unpack to far more than a yard comes to. It is not unpacked.");
    }
    zip.stream()
        .map(ZipEntry::getName)
        .filter(name -> !files.contains(name))
        .findFirst()
        .ifPresent(
            name -> {
              throw new ArchiveRefused("There is something in it that does not belong there.");
            });
    for (Table table : manifest.tables()) {
      checkTable(table);
    }
  }

  private static boolean isNewer(String schema, String newest) {
    try {
      return MigrationVersion.fromVersion(schema).compareTo(MigrationVersion.fromVersion(newest))
          > 0;
    } catch (RuntimeException noVersion) {
      throw new ArchiveRefused("Its manifest does not say which schema it has.");
    }
  }

  private void checkTable(Table table) throws IOException {
    MessageDigest digest = ArchiveWriter.sha256();
    byte[] buffer = new byte[1 << 16];
    long left = table.bytes();
    long rows = 0;
    try (InputStream in = new DigestInputStream(read(table), digest)) {
      int got;
      while ((got = in.read(buffer)) > 0) {
        left -= got;
        if (left < 0) {
          throw new ArchiveRefused(
              "The table %s is longer than its manifest says.".formatted(table.name()));
        }
        for (int i = 0; i < got; i++) {
          if (buffer[i] == '\n') {
            rows++;
          }
        }
      }
    }
    String sum = HexFormat.of().formatHex(digest.digest());
    if (left != 0 || rows != table.rows() || !sum.equals(table.sha256())) {
      throw new ArchiveRefused(
          "The table %s is not what its manifest says: the archive is damaged."
              .formatted(table.name()));
    }
  }

  /** The rows of a table, a line of JSON each. */
  InputStream read(Table table) throws IOException {
    ZipEntry entry = zip.getEntry(table.file());
    if (entry == null) {
      throw new ArchiveRefused("The table %s is missing in it.".formatted(table.name()));
    }
    return zip.getInputStream(entry);
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
