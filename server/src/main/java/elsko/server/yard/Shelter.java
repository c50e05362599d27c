package elsko.server.yard;

import org.jspecify.annotations.Nullable;

/**
 * What an area does against the weather.
 *
 * @param setPointC what it is heated to at least; null where nothing is heated
 */
public record Shelter(AreaKind kind, @Nullable Double setPointC) {}
