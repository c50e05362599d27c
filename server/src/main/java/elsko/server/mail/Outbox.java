package elsko.server.mail;

import elsko.server.mail.MailRepository.MailLine;
import elsko.server.problems.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Letters that wait, and those the simulated post has taken. */
@Service
public class Outbox {
  private static final int MOST_SHOWN = 500;
  private static final int AT_ONCE = 20;
  private static final long POST_COMES_EVERY_MS = 4_000;

  private final MailRepository mails;
  private final Clock clock;

  Outbox(MailRepository mails, Clock clock) {
    this.mails = mails;
    this.clock = clock;
  }

  /** Puts a letter out for the post. */
  @Transactional
  public void put(Letter letter, String by) {
    mails.save(new MailRow(letter, by, clock.instant()));
  }

  @Transactional(readOnly = true)
  List<MailLine> lines() {
    return mails.lines(Limit.of(MOST_SHOWN));
  }

  /** What is attached to a letter. */
  @Transactional(readOnly = true)
  byte[] attachment(UUID id) {
    return mails
        .findById(id)
        .map(MailRow::attachment)
        .orElseThrow(() -> new NotFound("mail", "There is no such letter."));
  }

  /** The simulated post: takes what waits. Nothing leaves this machine. */
  @Scheduled(fixedDelay = POST_COMES_EVERY_MS)
  @Transactional
  public void postComes() {
    mails
        .findBySentAtIsNullOrderByMadeAt(Limit.of(AT_ONCE))
        .forEach(mail -> mail.sent(clock.instant()));
  }
}
