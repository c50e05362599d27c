package elsko.core.ledger;

import java.time.Instant;
import java.util.UUID;

/**
 * One line of the append-only log of a boat.
 *
 * @param id made by whoever sends it, so that sending twice stores once
 * @param person who did it
 * @param deviceTime when, by the device it was entered on
 * @param serverTime when it was kept
 * @param card the card it belongs to, or null
 * @param step key of the step on that card, or null
 * @param corrects the entry it replaces, or null
 */
public record Entry(
    UUID id,
    String person,
    Instant deviceTime,
    Instant serverTime,
    UUID card,
    String step,
    UUID corrects,
    Fact fact) {}
