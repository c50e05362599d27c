package elsko.server.report;

import elsko.core.Refused;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Writes and mails the lay-up reports of many boats in the background; can be stopped. */
@Component
class MailJob {
  private static final Logger LOG = LoggerFactory.getLogger(MailJob.class);

  private final Reports reports;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread made = new Thread(work, "lay-up reports");
            made.setDaemon(true);
            return made;
          });
  private volatile @Nullable Progress progress;
  private volatile boolean stopping;

  MailJob(Reports reports) {
    this.reports = reports;
  }

  /** How far it is. */
  record Progress(int done, int of, boolean running, boolean stopped, @Nullable String trouble) {}

  synchronized Progress begin(String by) {
    Progress now = progress;
    if (now != null && now.running()) {
      throw Refused.state("reports", "They are being written already.");
    }
    List<UUID> boats = reports.laidUp();
    stopping = false;
    Progress begun = new Progress(0, boats.size(), !boats.isEmpty(), false, null);
    progress = begun;
    if (!boats.isEmpty()) {
      thread.submit(() -> write(boats, by));
    }
    return begun;
  }

  private void write(List<UUID> boats, String by) {
    int done = 0;
    try {
      for (UUID boat : boats) {
        if (stopping) {
          progress = new Progress(done, boats.size(), false, true, null);
          return;
        }
        reports.mailLayUp(boat, by);
        progress = new Progress(++done, boats.size(), true, false, null);
      }
      progress = new Progress(done, boats.size(), false, false, null);
    } catch (RuntimeException broken) {
      LOG.error("Lay-up reports could not be written", broken);
      progress =
          new Progress(
              done,
              boats.size(),
              false,
              false,
              "Something went wrong. What is in the outbox stays.");
    }
  }

  void stop() {
    stopping = true;
  }

  @Nullable Progress view() {
    return progress;
  }
}
