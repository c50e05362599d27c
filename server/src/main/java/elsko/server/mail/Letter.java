package elsko.server.mail;

import java.util.UUID;

/** What is to be sent, with a PDF to it. */
public record Letter(
    String recipient,
    String subject,
    String body,
    String attachmentName,
    byte[] attachment,
    UUID boat) {}
