package elsko.core.fill;

import elsko.core.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A path from where the tank is put on to the exhaust. */
public record FillPath(List<FillPart> parts) {
  private static final int MOST_SEGMENTS = 500;

  public FillPath {
    if (parts == null || parts.isEmpty()) {
      throw Refused.value("path", "The path is empty: give at least one segment.");
    }
    parts = List.copyOf(parts);
    Set<String> names = new HashSet<>();
    List<FillSegment> segments = collect(parts, new ArrayList<>());
    if (segments.size() > MOST_SEGMENTS) {
      throw Refused.value("path", "A path has at most 500 segments.");
    }
    for (FillSegment segment : segments) {
      if (!names.add(segment.name())) {
        throw Refused.value(
            "path", "Two segments are both called \"%s\".".formatted(segment.name()));
      }
    }
  }

  /** Every segment, in the order the fluid meets them. */
  public List<FillSegment> segments() {
    return collect(parts, new ArrayList<>());
  }

  public double liters() {
    return segments().stream().mapToDouble(FillSegment::liters).sum();
  }

  private static List<FillSegment> collect(List<FillPart> parts, List<FillSegment> into) {
    for (FillPart part : parts) {
      if (part instanceof FillSegment segment) {
        into.add(segment);
      } else if (part instanceof FillBranches branches) {
        branches.branches().forEach(branch -> collect(branch, into));
      }
    }
    return into;
  }
}
