package elsko.core.ledger;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What an engine has run.
 *
 * @param hours as last read, at {@code at}
 * @param lastSeason how many of them since it was read about a year before; null when it was not
 */
public record EngineHours(double hours, Instant at, @Nullable Double lastSeason) {}
