package elsko.server.mail;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MailRepository extends JpaRepository<MailRow, UUID> {
  List<MailRow> findBySentAtIsNullOrderByMadeAt(Limit most);

  /** Newest first, without what is attached. */
  @Query(
      "select new elsko.server.mail.MailRepository$MailLine(m.id, m.recipient, m.subject, m.body,"
          + " m.attachmentName, m.boatId, m.madeBy, m.madeAt, m.sentAt) from MailRow m"
          + " order by m.madeAt desc, m.id")
  List<MailLine> lines(Limit most);

  /** A letter as a list has it. */
  record MailLine(
      UUID id,
      String recipient,
      String subject,
      String body,
      @Nullable String attachmentName,
      @Nullable UUID boat,
      String madeBy,
      Instant madeAt,
      @Nullable Instant sentAt) {}
}
