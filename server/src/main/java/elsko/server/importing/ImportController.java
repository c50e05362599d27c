package elsko.server.importing;

import elsko.server.people.SignedIn;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The fleet as CSV, in and out. */
@RestController
@RequestMapping("/api/imports")
class ImportController {
  private final FleetImport imports;
  private final FleetWriter writer;

  ImportController(FleetImport imports, FleetWriter writer) {
    this.imports = imports;
    this.writer = writer;
  }

  /** Begins to read a fleet file; {@code keep=false} only looks at it. */
  @PostMapping(consumes = "text/csv")
  @ResponseStatus(HttpStatus.ACCEPTED)
  ImportJob.View begin(
      @RequestBody(required = false) String csv,
      @RequestParam(defaultValue = "false") boolean keep,
      Authentication who) {
    return imports.begin(csv, keep, SignedIn.by(who).name()).view();
  }

  /** How an import stands. */
  @GetMapping("/{id}")
  ImportJob.View job(@PathVariable UUID id) {
    return imports.job(id).view();
  }

  /** Stops it; nothing is kept. */
  @DeleteMapping("/{id}")
  ImportJob.View stop(@PathVariable UUID id) {
    ImportJob job = imports.job(id);
    job.stop();
    return job.view();
  }

  /** The whole fleet in the same columns. */
  @GetMapping(path = "/fleet.csv", produces = "text/csv")
  ResponseEntity<String> fleet() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"fleet.csv\"")
        .body(writer.fleet());
  }
}
