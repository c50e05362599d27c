package elsko.server.due;

import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.trend.EngineTrends;
import elsko.core.trend.Narrowing;
import elsko.core.trend.TrendKind;
import elsko.core.trend.TrendPoint;
import java.util.List;
import java.util.stream.Stream;

/**
 * How an engine went over the years.
 *
 * @param narrowing what speaks for a raw-water path that narrows; empty while nothing does
 * @param toDo what there is to do about it; empty while nothing is
 */
public record EngineTrendView(
    Position engine,
    String words,
    List<TrendLine> lines,
    List<NarrowingView> narrowing,
    String toDo) {

  /** One thing that was read again and again. */
  public record TrendLine(TrendKind kind, String words, String unit, List<TrendPoint> points) {}

  /** Evidence, in a sentence and as the readings it rests on. */
  public record NarrowingView(TrendKind kind, Text words, List<TrendPoint> evidence) {
    static NarrowingView of(Narrowing narrowing) {
      return new NarrowingView(narrowing.kind(), narrowing.words(), narrowing.evidence());
    }
  }

  static EngineTrendView of(EngineTrends trends) {
    return new EngineTrendView(
        trends.engine(),
        trends.engine().words(),
        Stream.of(TrendKind.values())
            .filter(kind -> !trends.of(kind).isEmpty())
            .map(kind -> new TrendLine(kind, kind.words(), kind.unit(), trends.of(kind)))
            .toList(),
        trends.narrowing().stream().map(NarrowingView::of).toList(),
        trends.narrows() ? Narrowing.WHAT_TO_DO : "");
  }
}
