package elsko.server.work.search;

import elsko.core.ledger.BoatState;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Log;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whose boat is it: asked for when somebody who phones has only given a name. */
@RestController
class OwnersController {
  private final Fleet fleet;
  private final Log log;

  OwnersController(Fleet fleet, Log log) {
    this.fleet = fleet;
    this.log = log;
  }

  /** Of all boats whose owner is written down. */
  @GetMapping("/api/boats/owners")
  List<Owned> owners() {
    return log.folded(fleet.ids()).stream()
        .map(folded -> Owned.of(folded.row().id(), folded.state()))
        .filter(owned -> !owned.owner().isBlank())
        .toList();
  }

  /** A boat and whose it is. */
  record Owned(UUID boat, String owner) {
    static Owned of(UUID boat, BoatState state) {
      return new Owned(boat, state.boat().description().owner());
    }
  }
}
