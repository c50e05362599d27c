package elsko.core.plan.search;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import java.util.Collection;
import java.util.List;

/**
 * What is planned from when on, and what of it is settled already.
 *
 * @param told what people were told before; empty at first
 * @param pinned what is begun, done or held fast; it stays where it is
 * @param firstOpenDay days before it are past
 * @param changePenalty what it costs to tell somebody otherwise about one task, in hoses
 * @param seed the same seed and as many moves give the same plan
 */
public record Planning(
    Season season,
    Collection<Assignment> told,
    Collection<Assignment> pinned,
    int firstOpenDay,
    double changePenalty,
    long seed) {
  /** Enough that nobody is told otherwise for little. */
  public static final double TOLD_WEIGHT = 0.1;

  public static Planning anew(Season season) {
    return new Planning(season, List.of(), List.of(), 0, 0, 1);
  }

  /** What a search has come to so far. */
  public record Progress(double seconds, Plan best, boolean done) {}

  /** Told of every better plan; asked now and then whether to stop. */
  public interface Watcher {
    void better(Progress progress);

    default boolean stop() {
      return false;
    }
  }

  /**
   * Finds a plan; the first one comes out at once, and the search for better ones goes on.
   *
   * @param watcher may be null
   */
  public Plan solve(Effort effort, Watcher watcher) {
    return new Search(this).run(effort, watcher);
  }

  /** The same within so many seconds. */
  public Plan solve(double seconds, Watcher watcher) {
    return solve(new Effort.Seconds(seconds), watcher);
  }

  /** A plan that breaks no rule, at once and without a search. */
  public Plan construct() {
    return new Search(this).start();
  }
}
