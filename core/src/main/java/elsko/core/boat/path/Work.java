package elsko.core.boat.path;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a piece of work on a circuit goes, where the usual words do not fit what it is.
 *
 * @param title null, as each of the others: as usual
 * @param hazards what can hurt somebody at it; empty: as usual
 */
public record Work(
    @Nullable String title, @Nullable String how, @Nullable String why, List<String> hazards) {

  /** What is done to a circuit when it is laid up and brought back. */
  public enum Piece {
    /** Its drains opened. */
    DRAIN,
    /** What has no drain emptied: hoses held low, bowls and sumps dipped. */
    HOSES,
    /** Antifreeze poured or pumped in at a hose. */
    POUR,
    /** Antifreeze drawn through by its own pump. */
    DRAW,
    /** The antifreeze rinsed out again in spring. */
    RINSE
  }

  public static final Work AS_USUAL = new Work(null, null, null, List.of());

  public Work {
    hazards = List.copyOf(hazards);
  }

  public String title(String usual) {
    return title == null ? usual : title;
  }

  public String how(String usual) {
    return how == null ? usual : how;
  }

  public String why(String usual) {
    return why == null ? usual : why;
  }
}
