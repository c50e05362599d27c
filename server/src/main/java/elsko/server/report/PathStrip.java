package elsko.server.report;

import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A water path drawn as a line across a page from the intake on, branches beside each other, with
 * numbers at the segments they stand for. Lengths are points.
 */
final class PathStrip {
  /** A number at a segment, by its key. */
  record Mark(int number, String segment) {}

  private record At(float column, float lane) {}

  static final PathStrip NONE = new PathStrip();

  private static final float LANE = 21;
  private static final float AROUND = 13;

  private final List<At[]> pipes = new ArrayList<>();
  private final Map<String, At> placed = new HashMap<>();
  private List<Mark> marks = List.of();
  private float columns;
  private float lanes;
  private float width;

  private PathStrip() {}

  static PathStrip of(List<PathPart> path, List<Mark> marks, float width) {
    PathStrip strip = new PathStrip();
    strip.marks = marks;
    strip.width = width;
    strip.lanes = lanesOf(path);
    strip.columns = columnsOf(path) + 1;
    At end = strip.lay(path, new At(0, (strip.lanes - 1) / 2), strip.lanes);
    strip.pipe(end, new At(strip.columns, end.lane()));
    return strip;
  }

  private static float lanesOf(List<PathPart> path) {
    float most = 1;
    for (PathPart part : path) {
      if (part instanceof Parallel side) {
        float all = 0;
        for (List<PathPart> branch : side.branches()) {
          all += lanesOf(branch);
        }
        most = Math.max(most, all);
      }
    }
    return most;
  }

  private static float columnsOf(List<PathPart> path) {
    float all = 0;
    for (PathPart part : path) {
      all +=
          switch (part) {
            case Segment segment -> 1;
            case Parallel side ->
                (float) side.branches().stream().mapToDouble(PathStrip::columnsOf).max().orElse(0)
                    + 1;
          };
    }
    return all;
  }

  private At lay(List<PathPart> path, At from, float room) {
    At at = from;
    for (PathPart part : path) {
      switch (part) {
        case Segment segment -> {
          At next = new At(at.column() + 1, at.lane());
          pipe(at, next);
          placed.put(segment.key(), next);
          at = next;
        }
        case Parallel side -> {
          float end = at.column() + columnsOf(List.of(part));
          float lane = at.lane() - (lanesOf(List.of(part)) - 1) / 2;
          At behind = new At(end, at.lane());
          for (List<PathPart> branch : side.branches()) {
            float own = lanesOf(branch);
            At begin = new At(at.column() + 0.5f, lane + (own - 1) / 2);
            pipes.add(new At[] {at, new At(begin.column(), at.lane()), begin});
            At last = lay(branch, begin, own);
            float turn = end - 0.5f;
            pipes.add(
                new At[] {last, new At(turn, last.lane()), new At(turn, behind.lane()), behind});
            lane += own;
          }
          at = behind;
        }
      }
    }
    return at;
  }

  private void pipe(At from, At to) {
    pipes.add(new At[] {from, to});
  }

  float height() {
    return marks.isEmpty() ? 0 : (lanes - 1) * LANE + 2 * AROUND;
  }

  /** Draws it where the sheet is and goes below it. */
  void draw(Sheet sheet) throws IOException {
    if (marks.isEmpty()) {
      return;
    }
    for (At[] pipe : pipes) {
      float[] points = new float[2 * pipe.length];
      for (int i = 0; i < pipe.length; i++) {
        points[2 * i] = x(pipe[i]);
        points[2 * i + 1] = y(pipe[i]);
      }
      sheet.here().pipe(points);
    }
    Map<String, Integer> beside = new HashMap<>();
    for (Mark mark : marks) {
      At at = placed.get(mark.segment());
      int before = beside.merge(mark.segment(), 1, Integer::sum) - 1;
      sheet.here().mark(x(at) + before * 2 * Drawing.MARK, y(at), Integer.toString(mark.number()));
    }
    sheet.down(height());
  }

  private float x(At at) {
    return at.column() * width / columns;
  }

  private float y(At at) {
    return AROUND + at.lane() * LANE;
  }
}
