package elsko.core.ledger.engine;

import elsko.core.ledger.fact.Trouble;
import java.time.Instant;

/** Why something is due before its date: what its engine went through, and when. */
public record DueAtOnce(Trouble trouble, Instant at) {}
