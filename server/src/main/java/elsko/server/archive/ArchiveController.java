package elsko.server.archive;

import elsko.server.problems.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The whole yard as one file, and the backups of it. */
@RestController
@RequestMapping("/api/archive")
class ArchiveController {
  private static final String ZIP = "application/zip";

  private final Backups backups;
  private final Control control;
  private final Clock clock;

  ArchiveController(Backups backups, Control control, Clock clock) {
    this.backups = backups;
    this.control = control;
    this.clock = clock;
  }

  /** The yard as it stands now. */
  @GetMapping(path = "/yard.zip", produces = ZIP)
  ResponseEntity<Resource> archive() {
    LocalDate today = LocalDate.now(clock);
    return sent(backups.scratch(), "elsko-%s.zip".formatted(today));
  }

  @GetMapping("/backups")
  Backups.BackupsView backups() {
    return backups.view();
  }

  /** Makes one more backup, apart from whoever asks. */
  @PostMapping("/backups")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Backups.BackupsView backUp(Authentication who) {
    return backups.ask(who.getName());
  }

  /** The same as the archive, for the launcher on this machine. */
  @PostMapping(path = "/copy", produces = ZIP)
  ResponseEntity<Resource> copy(
      @RequestHeader(name = Control.HEADER, required = false) @Nullable String key,
      HttpServletRequest request) {
    if (!control.isOurs(key, request.getRemoteAddr())) {
      throw new NotFound("path", "There is nothing here.");
    }
    return sent(backups.scratch(), "elsko.zip");
  }

  private static ResponseEntity<Resource> sent(Path scratch, String name) {
    try {
      return ResponseEntity.ok()
          .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s\"".formatted(name))
          .contentLength(Files.size(scratch))
          .body(
              new InputStreamResource(
                  Files.newInputStream(scratch, StandardOpenOption.DELETE_ON_CLOSE)));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
