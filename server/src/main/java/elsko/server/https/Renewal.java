package elsko.server.https;

import elsko.server.audit.About;
import elsko.server.audit.Audit;
import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks whether the machine has another name by now, or its certificate ends soon. */
@Component
class Renewal {
  private static final Logger LOG = LoggerFactory.getLogger(Renewal.class);
  private static final long LOOKS_EVERY_MS = 600_000;

  private final Path data;
  private final boolean own;
  private final Audit audit;
  private final Clock clock;

  Renewal(
      @Value("${elsko.data}") Path data,
      @Value("${elsko.https:}") String https,
      Audit audit,
      Clock clock) {
    this.data = data;
    this.own = https.equals(Https.OWN);
    this.audit = audit;
    this.clock = clock;
  }

  @Scheduled(initialDelay = LOOKS_EVERY_MS, fixedDelay = LOOKS_EVERY_MS)
  void look() throws IOException, GeneralSecurityException {
    if (!own) {
      return;
    }
    MachineNames machine = MachineNames.now();
    if (OwnCertificate.in(data, clock.instant()).renew(machine, clock.instant())) {
      String words =
          "Made a new certificate; it names %s and %s"
              .formatted(
                  String.join(", ", machine.names()), String.join(", ", machine.addresses()));
      LOG.info(words);
      audit.note("Elsko itself", About.SETTINGS, words);
    }
  }
}
