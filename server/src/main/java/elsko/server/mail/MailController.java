package elsko.server.mail;

import elsko.server.mail.MailRepository.MailLine;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The simulated outbox, to be looked at. */
@RestController
@RequestMapping("/api/mail")
class MailController {
  private final Outbox outbox;

  MailController(Outbox outbox) {
    this.outbox = outbox;
  }

  /** Letters, newest first; those without a time of sending still wait. */
  @GetMapping
  List<MailLine> all() {
    return outbox.lines();
  }

  @GetMapping(path = "/{id}/attachment.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> attachment(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"attachment.pdf\"")
        .body(outbox.attachment(id));
  }
}
