package elsko.server.castoff;

import elsko.core.ledger.RoundStanding;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.trip.FuelFitted;
import elsko.server.people.SignedIn;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** May we go? For those of the yard. */
@RestController
@RequestMapping("/api/cast-off")
class CastOffController {
  private final CastOffs castOffs;
  private final OwnerLinks links;

  CastOffController(CastOffs castOffs, OwnerLinks links) {
    this.castOffs = castOffs;
    this.links = links;
  }

  /** The round of a boat, written as it stands now. */
  @GetMapping("/boats/{id}")
  RoundView round(@PathVariable UUID id, @RequestParam(defaultValue = "SHORT") RoundKind kind) {
    return castOffs.round(id, kind);
  }

  /** Ends a round: go or no-go, and why. */
  @PostMapping("/boats/{id}/rounds")
  RoundStanding ended(@PathVariable UUID id, @RequestBody RoundIn in, Authentication who) {
    return castOffs.ended(id, in, SignedIn.by(who));
  }

  /** It came back, or an engine ran dry or hot. */
  @PostMapping("/boats/{id}/after")
  void after(@PathVariable UUID id, @RequestBody AfterIn in, Authentication who) {
    castOffs.after(id, in, SignedIn.by(who));
  }

  /** What it burns and out of which tanks. */
  @PutMapping("/boats/{id}/fuel")
  void fuel(
      @PathVariable UUID id,
      @RequestBody FuelFitted fitted,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    castOffs.changeFuel(id, fitted, ifMatch);
  }

  /** The links owners have to a boat, the newest first. */
  @GetMapping("/boats/{id}/links")
  List<OwnerLinks.LinkView> links(@PathVariable UUID id) {
    return links.of(id);
  }

  /** A new link; its key is told this once. */
  @PostMapping("/boats/{id}/links")
  OwnerLinks.MadeLink make(@PathVariable UUID id, @RequestBody LinkIn in, Authentication who) {
    return links.make(id, in.days(), SignedIn.by(who));
  }

  /** From now on the link opens nothing. */
  @DeleteMapping("/links/{link}")
  void withdraw(@PathVariable UUID link) {
    links.withdraw(link);
  }

  record LinkIn(Integer days) {}
}
