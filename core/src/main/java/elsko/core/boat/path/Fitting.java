package elsko.core.boat.path;

import org.jspecify.annotations.Nullable;

/**
 * Anything on a boat that a person sets.
 *
 * @param key unique on the boat, stable
 * @param circuit key of the circuit it belongs to; null when it belongs to the boat as a whole
 * @param where how to find it; may be empty
 * @param tool what it takes; may be empty
 * @param belowWaterline opening it afloat lets the sea in
 */
public record Fitting(
    String key,
    String name,
    FittingKind kind,
    @Nullable String circuit,
    String where,
    String tool,
    boolean belowWaterline) {}
