package elsko.server.mail;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A letter with what is attached to it. */
@Entity
@Table(name = "mail")
class MailRow {
  @Id private UUID id;
  private String recipient;
  private String subject;
  private String body;
  private String attachmentName;

  @Lob private byte[] attachment;

  private UUID boatId;
  private String madeBy;
  private Instant madeAt;
  private Instant sentAt;

  protected MailRow() {}

  MailRow(Letter letter, String madeBy, Instant madeAt) {
    this.id = UUID.randomUUID();
    this.recipient = letter.recipient();
    this.subject = letter.subject();
    this.body = letter.body();
    this.attachmentName = letter.attachmentName();
    this.attachment = letter.attachment();
    this.boatId = letter.boat();
    this.madeBy = madeBy;
    this.madeAt = madeAt;
  }

  UUID id() {
    return id;
  }

  String recipient() {
    return recipient;
  }

  String subject() {
    return subject;
  }

  String body() {
    return body;
  }

  @Nullable String attachmentName() {
    return attachmentName;
  }

  byte @Nullable [] attachment() {
    return attachment;
  }

  @Nullable UUID boatId() {
    return boatId;
  }

  String madeBy() {
    return madeBy;
  }

  Instant madeAt() {
    return madeAt;
  }

  @Nullable Instant sentAt() {
    return sentAt;
  }

  void sent(Instant at) {
    sentAt = at;
  }
}
