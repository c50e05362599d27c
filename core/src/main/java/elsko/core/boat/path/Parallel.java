package elsko.core.boat.path;

import java.util.List;

/**
 * Branches side by side that split the flow.
 *
 * @param shares the part of the flow each branch takes; same length as branches, summing to 1
 */
public record Parallel(List<List<PathPart>> branches, List<Double> shares) implements PathPart {
  public Parallel {
    branches = List.copyOf(branches);
    shares = List.copyOf(shares);
    if (branches.size() != shares.size()) {
      throw new IllegalArgumentException("every branch has one share");
    }
  }
}
