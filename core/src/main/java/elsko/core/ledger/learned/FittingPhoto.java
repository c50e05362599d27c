package elsko.core.ledger.learned;

import java.time.Instant;
import java.util.UUID;

/**
 * The picture by which a fitting is found.
 *
 * @param fitting key
 * @param taken when
 * @param words how it is found, like "needs a lamp"; may be empty
 */
public record FittingPhoto(String fitting, UUID photo, Instant taken, String words) {}
