package elsko.server.yard;

import elsko.server.problems.StaleEdit;
import elsko.server.yard.Berths.NewLine;
import elsko.server.yard.Yards.YardChange;
import elsko.server.yard.Yards.YardView;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/yard")
class YardController {
  private final Yards yards;
  private final Berths berths;

  YardController(Yards yards, Berths berths) {
    this.yards = yards;
    this.berths = berths;
  }

  @GetMapping
  ResponseEntity<YardView> yard() {
    return tagged(yards.view());
  }

  @PutMapping
  ResponseEntity<YardView> change(
      @RequestBody YardChange change,
      @RequestHeader(name = "If-Match", required = false) String ifMatch,
      Authentication who) {
    return tagged(yards.change(change, ifMatch, who.getName()));
  }

  @GetMapping("/plan")
  YardPlan plan() {
    return berths.plan();
  }

  @PostMapping("/lines")
  @ResponseStatus(HttpStatus.CREATED)
  YardPlan addLine(@RequestBody NewLine line) {
    return berths.addLine(line);
  }

  private static ResponseEntity<YardView> tagged(YardView view) {
    return ResponseEntity.ok().eTag(StaleEdit.etag(view.version())).body(view);
  }
}
