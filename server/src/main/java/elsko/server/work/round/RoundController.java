package elsko.server.work.round;

import elsko.server.yard.Yards;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The proof round: an afternoon of sampling across boats. */
@RestController
@RequestMapping("/api/bench/round")
class RoundController {
  private final ProofRound round;
  private final Yards yards;

  RoundController(ProofRound round, Yards yards) {
    this.round = round;
    this.yards = yards;
  }

  /** Every circuit that is filled and not proven, in walking order. */
  @GetMapping
  List<ProofRound.Stop> stops() {
    return round.stops();
  }

  /** Labels for its bottles. */
  @GetMapping(path = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> labels() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"bottle-labels.pdf\"")
        .body(LabelSheet.pdf(round.stops(), yards.view().name()));
  }
}
