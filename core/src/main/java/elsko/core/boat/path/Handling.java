package elsko.core.boat.path;

import java.util.Map;

/**
 * What is particular to a circuit beside its path.
 *
 * @param overboard its water comes in and leaves through the hull
 * @param pockets what its segments count as in the cold, by key; others as their kind says
 * @param works how work on it goes; pieces that are not there go as usual
 */
public record Handling(
    boolean overboard, Map<String, PocketKind> pockets, Map<Work.Piece, Work> works) {
  public Handling {
    pockets = Map.copyOf(pockets);
    works = Map.copyOf(works);
  }
}
