package elsko.server.archive;

import elsko.server.disk.Disk;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What the yard takes of its disk, said before it is too much. */
@Component
class Room {
  /** Pictures and log of a season, by experience of the demonstration; ours. */
  private static final long A_SEASON = 500_000_000;

  /** The database, the newest backup beside it and one being written. */
  private static final int BACKUPS_AHEAD = 3;

  private final JdbcTemplate sql;
  private final Disk disk;
  private final Path data;

  Room(JdbcTemplate sql, Disk disk, @Value("${elsko.data}") Path data) {
    this.sql = sql;
    this.disk = disk;
    this.data = data;
  }

  /**
   * In bytes.
   *
   * @param photos of the database
   * @param getsShort less is free than a season and the next backups take
   */
  record DiskTaken(long database, long photos, long backups, long free, boolean getsShort) {}

  DiskTaken taken(long backups, long newestBackup) {
    long free = disk.free();
    Long photos =
        sql.queryForObject("select coalesce(sum(octet_length(jpeg)), 0) from photo", Long.class);
    return new DiskTaken(
        data.resolve(Restore.DATABASE + ".mv.db").toFile().length(),
        photos == null ? 0 : photos,
        backups,
        free,
        free < A_SEASON + BACKUPS_AHEAD * newestBackup);
  }
}
