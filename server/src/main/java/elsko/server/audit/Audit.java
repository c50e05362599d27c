package elsko.server.audit;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps who changed what; with the change, or not at all. */
@Service
public class Audit {
  private static final int LONGEST = 400;
  private static final String ITSELF = "Elsko itself";

  private final AuditRepository lines;
  private final Clock clock;

  Audit(AuditRepository lines, Clock clock) {
    this.lines = lines;
    this.clock = clock;
  }

  /** Whoever is signed in did it. */
  @Transactional
  public void note(About about, String words) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    note(who == null ? ITSELF : who.getName(), about, words);
  }

  @Transactional
  public void note(String person, About about, String words) {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    lines.save(
        new AuditLine(
            now,
            person,
            about,
            words.length() > LONGEST ? words.substring(0, LONGEST - 1) + "…" : words));
  }

  /** The newest first. */
  @Transactional(readOnly = true)
  public List<AuditView> before(Instant before, int most) {
    return lines.findByNotedAtBeforeOrderBySeqDesc(before, Limit.of(most)).stream()
        .map(AuditLine::line)
        .toList();
  }

  /** One change. */
  public record AuditView(Instant at, String person, About about, String words) {}
}
