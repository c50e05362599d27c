package elsko.server.kit;

import elsko.core.kit.Carried;
import elsko.core.kit.KitKind;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A piece of the yard's own kit.
 *
 * @param size as it is stamped or measured: thread, lid, diameter; may be empty
 * @param carriedBy who said what went through it last; empty while nobody did
 * @param holder who has it; empty while it hangs on its hook
 * @param fits where somebody tried it
 */
record PieceView(
    UUID id,
    String name,
    KitKind kind,
    String kindWords,
    boolean carriesFluid,
    String size,
    Carried carried,
    String carriedWords,
    @Nullable Instant carriedAt,
    String carriedBy,
    String holder,
    List<FitView> fits,
    long version) {

  /** Where somebody tried it. */
  record FitView(UUID boat, String boatName, String circuit, boolean fits, String by, Instant at) {}

  static PieceView of(KitPieceRow row, List<FitView> fits) {
    return new PieceView(
        row.id(),
        row.name(),
        row.kind(),
        row.kind().words(),
        row.kind().carriesFluid(),
        row.size(),
        row.carried(),
        row.carried().words(),
        row.carriedAt(),
        row.carriedBy(),
        row.holder(),
        fits,
        row.version());
  }
}
