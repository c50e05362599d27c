package elsko.core.plan.play;

import java.util.Comparator;
import java.util.stream.IntStream;

/** Which boats stand near which. */
public final class NearestBerths {
  private static final int MOST = 16;

  private NearestBerths() {}

  /** For each visit those nearest on foot, itself left out. */
  public static int[][] visits(SeasonArrays arrays) {
    int[] place = new int[arrays.visits];
    for (int v = 0; v < arrays.visits; v++) {
      place[v] = arrays.place[arrays.firstTask[v]];
    }
    int[][] near = new int[arrays.visits][];
    for (int v = 0; v < arrays.visits; v++) {
      int here = v;
      near[v] =
          IntStream.range(0, arrays.visits)
              .filter(other -> other != here)
              .boxed()
              .sorted(
                  Comparator.comparingInt((Integer o) -> arrays.walk[place[here]][place[o]])
                      .thenComparingInt(o -> Math.abs(place[here] - place[o])))
              .limit(MOST)
              .mapToInt(Integer::intValue)
              .toArray();
    }
    return near;
  }
}
