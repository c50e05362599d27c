package elsko.core.fill;

import elsko.core.Refused;
import java.util.List;

/**
 * Branches side by side. Each takes its share of what flows in, always; one that is still filling
 * passes nothing on.
 *
 * @param shares one for each branch, above 0, summing to 1
 */
public record FillBranches(List<List<FillPart>> branches, List<Double> shares) implements FillPart {
  private static final double ROUNDING = 1e-6;

  public FillBranches {
    if (branches == null || branches.isEmpty()) {
      throw Refused.value("parallel", "Give at least one branch.");
    }
    branches = branches.stream().map(List::copyOf).toList();
    if (branches.stream().anyMatch(List::isEmpty)) {
      throw Refused.value("parallel", "Every branch holds at least one segment.");
    }
    if (shares == null || shares.size() != branches.size()) {
      throw Refused.value("shares", "Give one share for each branch.");
    }
    double sum = 0;
    for (Double share : shares) {
      if (share == null || !Double.isFinite(share) || share <= 0 || share > 1) {
        throw Refused.value("shares", "Each share must be above 0, at most 1.");
      }
      sum += share;
    }
    if (Math.abs(sum - 1) > ROUNDING) {
      throw Refused.value("shares", "The shares must sum to 1; they sum to %s.".formatted(sum));
    }
    double all = sum;
    shares = shares.stream().map(share -> share / all).toList();
  }
}
