package elsko.core.ledger.engine;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What an engine has run.
 *
 * @param hours as last read, at {@code at}, over all the meters it had
 * @param onMeter what its meter showed then, h
 * @param lastSeason how many of them since it was read about a year before; null when it was not
 */
public record EngineHours(double hours, double onMeter, Instant at, @Nullable Double lastSeason) {}
