package elsko.core.ledger.rules;

import java.time.ZoneId;

/**
 * What the yard itself decides about the interlocks.
 *
 * @param kickAllowed it allows a short kick without water
 * @param zone where its days begin and end
 */
public record YardRules(boolean kickAllowed, ZoneId zone) {}
