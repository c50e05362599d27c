package elsko.core.frost;

import java.time.Instant;

/** What was around a boat from then on, until the next. */
public record Sheltered(Instant from, Enclosure enclosure) {}
