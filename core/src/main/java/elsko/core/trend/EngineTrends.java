package elsko.core.trend;

import elsko.core.boat.path.Position;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What an engine's log comes to over years.
 *
 * @param points of each kind that was ever read, oldest first
 * @param narrowing what speaks for a raw-water path that narrows; empty while nothing does
 */
public record EngineTrends(
    @Nullable Position engine, Map<TrendKind, List<TrendPoint>> points, List<Narrowing> narrowing) {

  public List<TrendPoint> of(TrendKind kind) {
    return points.getOrDefault(kind, List.of());
  }

  /** Whether the raw-water path narrows by what was read. */
  public boolean narrows() {
    return !narrowing.isEmpty();
  }
}
