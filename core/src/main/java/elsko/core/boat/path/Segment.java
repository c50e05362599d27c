package elsko.core.boat.path;

/**
 * A piece of a circuit that holds water.
 *
 * @param key unique within its circuit, stable
 * @param liters what it holds when full
 * @param gated lies behind the thermostat: almost nothing flows while that is closed
 */
public record Segment(String key, String name, SegmentKind kind, double liters, boolean gated)
    implements PathPart {}
