package elsko.core.plan.minutes;

import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import org.jspecify.annotations.Nullable;

/**
 * Work that takes about as long on one boat as on another.
 *
 * @param task key of the task of a visit
 * @param method how its first engine is winterized; null where it has none
 * @param layout of that engine
 * @param twin whether the boat has more than one engine
 */
public record WorkKind(String task, @Nullable Method method, Layout layout, boolean twin) {
  /** The same boat, another task. */
  public WorkKind of(String other) {
    return new WorkKind(other, method, layout, twin);
  }
}
