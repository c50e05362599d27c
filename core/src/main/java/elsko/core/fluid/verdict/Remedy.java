package elsko.core.fluid.verdict;

/**
 * What makes a short low point good.
 *
 * @param litersThroughSegment product that must pass through the segment
 * @param litersFromTank product taken for that, with what goes another way
 */
public record Remedy(RemedyKind kind, double litersThroughSegment, double litersFromTank) {}
