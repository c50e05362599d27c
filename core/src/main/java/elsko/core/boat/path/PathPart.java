package elsko.core.boat.path;

/** One stretch of a water path: a segment, or branches side by side. */
public sealed interface PathPart permits Segment, Parallel {}
