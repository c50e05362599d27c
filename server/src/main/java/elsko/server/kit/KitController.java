package elsko.server.kit;

import elsko.core.kit.KitKind;
import elsko.server.people.SignedIn;
import elsko.server.work.log.Log;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The yard's own pieces: what they fit, what went through them last, who has them. */
@RestController
class KitController {
  private final Kit kit;
  private final Log log;

  KitController(Kit kit, Log log) {
    this.kit = kit;
    this.log = log;
  }

  /** Every piece, by name. */
  @GetMapping("/api/kit")
  KitView all() {
    return new KitView(
        kit.all(),
        Arrays.stream(KitKind.values()).map(kind -> new KindView(kind, kind.words())).toList());
  }

  @PostMapping("/api/kit")
  KitView add(@RequestBody PieceIn in) {
    kit.add(in.name(), in.kind(), in.size());
    return all();
  }

  /** Calls it otherwise; its kind stays. If-Match says on which version that is based. */
  @PutMapping("/api/kit/{id}")
  KitView change(
      @PathVariable UUID id,
      @RequestBody PieceIn in,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
    kit.change(id, in.name(), in.size(), ifMatch);
    return all();
  }

  @DeleteMapping("/api/kit/{id}")
  KitView remove(@PathVariable UUID id) {
    kit.remove(id);
    return all();
  }

  /** Whoever asks takes it, or hangs it up again. */
  @PostMapping("/api/kit/{id}/taken")
  KitView taken(@PathVariable UUID id, @RequestBody TakenIn in, Authentication who) {
    kit.taken(id, in.taken(), SignedIn.by(who).name());
    return all();
  }

  @PostMapping("/api/kit/{id}/rinsed")
  KitView rinsed(@PathVariable UUID id, Authentication who) {
    kit.rinsed(id, SignedIn.by(who).name());
    return all();
  }

  /** It was tried on a circuit of a boat. */
  @PostMapping("/api/kit/{id}/fits")
  KitView fits(@PathVariable UUID id, @RequestBody FitIn in, Authentication who) {
    kit.tried(id, in.boat(), in.circuit(), in.fits(), SignedIn.by(who).name());
    return all();
  }

  /** The pieces each step of a card wants. */
  @GetMapping("/api/boats/{id}/cards/{card}/kit")
  List<StepKitView> ofCard(@PathVariable UUID id, @PathVariable UUID card) {
    return kit.ofCard(id, log.folded(id), card);
  }

  /** All pieces, and what pieces can be. */
  record KitView(List<PieceView> pieces, List<KindView> kinds) {}

  record KindView(KitKind kind, String words) {}

  record PieceIn(@Nullable String name, @Nullable KitKind kind, @Nullable String size) {}

  record TakenIn(boolean taken) {}

  record FitIn(UUID boat, @Nullable String circuit, boolean fits) {}
}
