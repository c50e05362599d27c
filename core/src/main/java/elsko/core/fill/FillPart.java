package elsko.core.fill;

/** One stretch of a path that is filled: a segment, or branches side by side. */
public sealed interface FillPart permits FillSegment, FillBranches {}
