package elsko.core.boat.description;

import elsko.core.Refused;

/**
 * A segment of this hull that is not as its template has it.
 *
 * @param liters what it holds here; null to leave it
 * @param gone this hull has no such segment
 */
public record SegmentChange(String circuit, String segment, Double liters, boolean gone) {
  public SegmentChange {
    if (liters != null) {
      Refused.within("liters", liters, 0.05, 2_000, " L");
    }
  }
}
