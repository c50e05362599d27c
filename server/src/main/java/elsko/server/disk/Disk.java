package elsko.server.disk;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether the yard can be read and kept. Before a disk is quite full nothing is written any more,
 * so that the database stays open and everything can still be read. Where it was closed under us,
 * it is opened again as soon as the disk allows; where that does not help, this process ends, so
 * that whatever watches over it starts it anew.
 */
@Component
public class Disk implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Disk.class);
  private static final long ASKED_EVERY_NS = 300_000_000;
  private static final long TRIES_EVERY_MS = 1_000;

  /** A disk that is well and a database that will not open: nothing here will mend that. */
  private static final int TRIES_ON_A_GOOD_DISK = 60;

  private final ObjectProvider<HikariDataSource> database;
  private final Ending ending;
  private final Path folder;
  private final long reserve;
  private final AtomicReference<@Nullable Trouble> trouble = new AtomicReference<>();
  private volatile long asked = System.nanoTime() - ASKED_EVERY_NS;
  private volatile boolean isShort;
  private volatile boolean stopping;

  /**
   * @param reserve MB that stay free: what the database needs to tidy up after itself
   */
  Disk(
      ObjectProvider<HikariDataSource> database,
      Ending ending,
      @Value("${elsko.data}") Path folder,
      @Value("${elsko.disk.reserve-mb:32}") long reserve) {
    this.database = database;
    this.ending = ending;
    this.folder = folder;
    this.reserve = reserve * 1_000_000;
  }

  /** Why nothing can be read; null while all is well. */
  public @Nullable Trouble trouble() {
    return trouble.get();
  }

  /** Why nothing can be kept; null while all is well. */
  public @Nullable Trouble whyNotKept() {
    Trouble now = trouble.get();
    return now == null && isShort() ? Trouble.FULL : now;
  }

  private boolean isShort() {
    long now = System.nanoTime();
    if (now - asked > ASKED_EVERY_NS) {
      asked = now;
      boolean was = isShort;
      isShort = free() < reserve;
      if (isShort && !was) {
        LOG.error(
            "Less than {} MB are free on {}: nothing is kept until there are more",
            reserve / 1_000_000,
            folder);
      } else if (was && !isShort) {
        LOG.info("There is room on {} again", folder);
      }
    }
    return isShort;
  }

  /** Bytes that can still be written. */
  public long free() {
    return folder.toFile().getUsableSpace();
  }

  /** Something went wrong; whether it was the disk, and then it is looked after. */
  @Nullable Trouble saw(Throwable thrown) {
    Trouble found = Trouble.of(thrown);
    if (found == null || found == Trouble.BUSY || DatabaseAway.isIn(thrown)) {
      return found;
    }
    if (trouble.compareAndSet(null, found)) {
      LOG.error("{} ({}: {})", found.words(), folder, deepest(thrown).toString());
      Thread again = new Thread(this::openAgain, "disk");
      again.setDaemon(true);
      again.start();
    }
    return found;
  }

  private static Throwable deepest(Throwable thrown) {
    Throwable cause = thrown;
    while (cause.getCause() != null && cause.getCause() != cause) {
      cause = cause.getCause();
    }
    return cause;
  }

  private void openAgain() {
    int tries = 0;
    while (!stopping) {
      Trouble still = stillThere();
      if (still == null) {
        trouble.set(null);
        LOG.info("The database is open again");
        return;
      }
      trouble.set(still);
      if (still == Trouble.DAMAGED) {
        ending.end(Trouble.ENDS_DAMAGED, ending.damaged());
        return;
      }
      if (still == Trouble.CLOSED && ++tries >= TRIES_ON_A_GOOD_DISK) {
        ending.end(Ending.AWAY, "The database cannot be opened again; Elsko ends. Start it anew.");
        return;
      }
      pause();
    }
  }

  private @Nullable Trouble stillThere() {
    try {
      writes();
      return reopened() ? null : Trouble.READ_ONLY;
    } catch (IOException | SQLException thrown) {
      Trouble found = Trouble.of(thrown);
      return found == null || found == Trouble.BUSY ? Trouble.CLOSED : found;
    }
  }

  /** Whether anything can be written beside the database. */
  private void writes() throws IOException {
    if (free() < reserve) {
      throw new IOException("No space left but the reserve");
    }
    Path tried = folder.resolve("tried.part");
    try (FileChannel file =
        FileChannel.open(tried, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      file.write(java.nio.ByteBuffer.wrap(new byte[4096]));
      file.force(true);
    } finally {
      Files.deleteIfExists(tried);
    }
  }

  /** Only when the last of the old connections is gone does the database open its file anew. */
  private boolean reopened() throws SQLException {
    HikariDataSource source = database.getObject();
    HikariPoolMXBean pool = source.getHikariPoolMXBean();
    pool.suspendPool();
    try {
      for (int i = 0; i < 30 && pool.getTotalConnections() > 0; i++) {
        pool.softEvictConnections();
        TimeUnit.MILLISECONDS.sleep(100);
      }
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
    } finally {
      pool.resumePool();
    }
    try (Connection connection = source.getConnection();
        Statement asks = connection.createStatement()) {
      asks.executeQuery("select count(*) from yard").close();
      if (connection.isReadOnly()) {
        return false;
      }
      asks.execute("checkpoint sync");
      return true;
    }
  }

  private void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(TRIES_EVERY_MS);
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
      stopping = true;
    }
  }

  @Override
  public void destroy() {
    stopping = true;
  }
}
