package elsko.server.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.sql.DataSource;

/** The backups beside a database, and which of them are kept. */
final class BackupFolder {
  /** The first of each month is kept for so long. */
  private static final int MONTHS = 12;

  /** Of those somebody asked for, the newest so many. */
  static final int ASKED_KEPT = 5;

  private static final Pattern NAME =
      Pattern.compile("elsko-(\\d{4}-\\d{2}-\\d{2})-(\\d{6})(-asked)?\\.zip");
  private static final DateTimeFormatter NIGHTLY =
      DateTimeFormatter.ofPattern("'elsko-'uuuu-MM-dd-HHmmss'.zip'");
  private static final DateTimeFormatter ASKED =
      DateTimeFormatter.ofPattern("'elsko-'uuuu-MM-dd-HHmmss'-asked.zip'");

  private final Path folder;

  BackupFolder(Path folder) {
    this.folder = folder;
  }

  /**
   * A backup on disk.
   *
   * @param asked somebody asked for it; else it was made by the clock
   */
  record Backup(String name, boolean asked, LocalDate day, Instant madeAt, long bytes) {}

  /** Newest first. */
  List<Backup> all() throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    List<Backup> found = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        if (name.matches()) {
          found.add(
              new Backup(
                  name.group(),
                  name.group(3) != null,
                  LocalDate.parse(name.group(1)),
                  Files.getLastModifiedTime(file).toInstant(),
                  Files.size(file)));
        }
      }
    }
    found.sort(Comparator.comparing(Backup::name).reversed());
    return found;
  }

  Path next(LocalDateTime now, boolean asked) throws IOException {
    Files.createDirectories(folder);
    return folder.resolve(now.format(asked ? ASKED : NIGHTLY));
  }

  /** Bytes of everything in it, those of before a change of tables too. */
  long bytes() throws IOException {
    if (!Files.isDirectory(folder)) {
      return 0;
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.mapToLong(file -> file.toFile().length()).sum();
    }
  }

  /** Never rotated away: it is the way back to the version that had that schema. */
  Path beforeChangeOf(String schema) {
    return folder.resolve("elsko-as-schema-%s.zip".formatted(schema));
  }

  /** An archive of a yard as it stands now, not a backup yet; whoever asks moves or deletes it. */
  Path scratch(DataSource database, Instant now) throws IOException, SQLException {
    Files.createDirectories(folder);
    Path scratch = Files.createTempFile(folder, "writing", ".part");
    try (Connection connection = database.getConnection();
        OutputStream out = Files.newOutputStream(scratch)) {
      ArchiveWriter.write(connection, out, now);
    } catch (SQLException | IOException | RuntimeException broken) {
      Files.deleteIfExists(scratch);
      throw broken;
    }
    return scratch;
  }

  /**
   * Deletes what is not kept: of the nightly ones the newest so many, and the first of each of the
   * last 12 months; of those somebody asked for the newest few. Neither pushes the other out.
   */
  void rotate(int keep, LocalDate today) throws IOException {
    for (Backup one : tooOld(all(), keep, today)) {
      Files.deleteIfExists(folder.resolve(one.name()));
    }
  }

  static List<Backup> tooOld(List<Backup> newestFirst, int keep, LocalDate today) {
    List<Backup> nightly = newestFirst.stream().filter(one -> !one.asked()).toList();
    Set<String> kept = new HashSet<>();
    nightly.stream().limit(keep).forEach(one -> kept.add(one.name()));
    newestFirst.stream()
        .filter(Backup::asked)
        .limit(ASKED_KEPT)
        .forEach(one -> kept.add(one.name()));
    YearMonth oldest = YearMonth.from(today).minusMonths(MONTHS);
    Set<YearMonth> months = new HashSet<>();
    for (int i = nightly.size() - 1; i >= 0; i--) {
      Backup one = nightly.get(i);
      YearMonth month = YearMonth.from(one.day());
      if (month.isAfter(oldest) && months.add(month)) {
        kept.add(one.name());
      }
    }
    return newestFirst.stream().filter(one -> !kept.contains(one.name())).toList();
  }
}
