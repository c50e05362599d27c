package elsko.server.castoff;

import elsko.core.ledger.RoundStanding;
import elsko.core.ledger.fact.RoundKind;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The same for an owner without an account. The key of the link comes as a header, never in an
 * address, so that no log and no referrer carries it; it says which boat.
 */
@RestController
@RequestMapping("/api/owner")
class OwnerController {
  private static final String KEY = "X-Elsko-Link";

  /** An owner sees to the helm and the seacocks, as a yard hand does. */
  private static final SignedIn OWNER = new SignedIn("owner, by link", Role.YARD_HAND);

  private final CastOffs castOffs;
  private final OwnerLinks links;

  OwnerController(CastOffs castOffs, OwnerLinks links) {
    this.castOffs = castOffs;
    this.links = links;
  }

  /** The round of the boat the link opens. */
  @GetMapping("/round")
  RoundView round(
      @RequestHeader(name = KEY, required = false) @Nullable String key,
      @RequestParam(defaultValue = "SHORT") RoundKind kind,
      HttpServletRequest request) {
    return castOffs.round(boat(key, request), kind);
  }

  /** Ends a round: go or no-go, and why. */
  @PostMapping("/rounds")
  RoundStanding ended(
      @RequestHeader(name = KEY, required = false) @Nullable String key,
      @RequestBody RoundIn in,
      HttpServletRequest request) {
    return castOffs.ended(toWrite(key, request), in, OWNER);
  }

  /** It came back, or an engine ran dry or hot. */
  @PostMapping("/after")
  void after(
      @RequestHeader(name = KEY, required = false) @Nullable String key,
      @RequestBody AfterIn in,
      HttpServletRequest request) {
    castOffs.after(toWrite(key, request), in, OWNER);
  }

  private UUID boat(@Nullable String key, HttpServletRequest request) {
    return links.opened(key, request.getRemoteAddr());
  }

  private UUID toWrite(@Nullable String key, HttpServletRequest request) {
    return links.openedToWrite(key, request.getRemoteAddr());
  }
}
