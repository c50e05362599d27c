package elsko.core.plan.play;

import java.util.Comparator;
import java.util.stream.IntStream;

/** Which boats stand near which. */
public final class Near {
  private static final int MOST = 16;

  private Near() {}

  /** For each visit those nearest on foot, itself left out. */
  public static int[][] visits(Board board) {
    int[] place = new int[board.visits];
    for (int v = 0; v < board.visits; v++) {
      place[v] = board.place[board.firstTask[v]];
    }
    int[][] near = new int[board.visits][];
    for (int v = 0; v < board.visits; v++) {
      int here = v;
      near[v] =
          IntStream.range(0, board.visits)
              .filter(other -> other != here)
              .boxed()
              .sorted(
                  Comparator.comparingInt((Integer o) -> board.walk[place[here]][place[o]])
                      .thenComparingInt(o -> Math.abs(place[here] - place[o])))
              .limit(MOST)
              .mapToInt(Integer::intValue)
              .toArray();
    }
    return near;
  }
}
