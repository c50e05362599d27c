package elsko.core.fluid.verdict;

import elsko.core.Refused;

/**
 * The segment a sample speaks for.
 *
 * @param liters its volume, above 0
 * @param flowShare the part of what is taken from the tank that passes through it, above 0 to 1
 * @param gated it lies behind a thermostat that is closed now
 */
public record SampledSegment(double liters, double flowShare, boolean gated) {
  public SampledSegment {
    if (!Double.isFinite(liters) || liters <= 0 || liters > 10_000) {
      throw Refused.value("segment.liters", "Must be a volume above 0.");
    }
    if (!Double.isFinite(flowShare) || flowShare <= 0 || flowShare > 1) {
      throw Refused.value("segment.flowShare", "Must be a share above 0, at most 1.");
    }
  }
}
