package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.TagCause;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stop that stands: what was found, what lifts it, and what can be recorded against it.
 *
 * @param engine whose; null for the boat
 * @param lifts in words: what comes first, and what ends it
 * @param remediedBy who recorded what comes first; null while nobody did
 * @param liftable a coordinator may lift it with a reason
 */
public record RedTagView(
    TagCause cause,
    @Nullable Position engine,
    String words,
    Text found,
    String by,
    Instant at,
    String lifts,
    @Nullable String remedied,
    @Nullable String remediedBy,
    boolean liftable,
    List<RemedyView> remedies) {

  /** Something that is done about it, by its name. */
  public record RemedyView(String key, String words) {}

  public static List<RedTagView> of(BoatState state) {
    return state.tags().stream().map(RedTagView::of).toList();
  }

  private static RedTagView of(RedTag tag) {
    return new RedTagView(
        tag.cause(),
        tag.engine(),
        tag.words(),
        tag.found(),
        tag.by(),
        tag.at(),
        tag.lifts(),
        tag.remedy() == null ? null : tag.remedy().words(),
        tag.remediedBy(),
        tag.cause().liftable(),
        tag.cause().remedies().stream()
            .filter(remedy -> !remedy.equals(tag.remedy()))
            .map(remedy -> new RemedyView(remedy.key(), remedy.words()))
            .toList());
  }
}
