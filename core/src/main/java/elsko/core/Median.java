package elsko.core;

import java.util.List;

/** The middle of the last few numbers: one reading that is far off does not move it. */
public final class Median {
  /** Of so many of the last it is taken. */
  public static final int OF_LAST = 5;

  private Median() {}

  /** The last ones of a list, oldest first: up to {@link #OF_LAST}. */
  public static <T> List<T> last(List<T> all) {
    return all.subList(Math.max(0, all.size() - OF_LAST), all.size());
  }

  /**
   * The middle one; of an even number the mean of both in the middle.
   *
   * @param numbers at least one, in any order and unit
   */
  public static double of(List<Double> numbers) {
    List<Double> sorted = numbers.stream().sorted().toList();
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
  }
}
