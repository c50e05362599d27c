package elsko.core.ledger;

import elsko.core.Text;
import elsko.core.ledger.fact.RoundKind;
import java.time.Instant;
import java.util.List;

/** The last round before casting off, as it came out. */
public record RoundStanding(
    RoundKind kind, boolean go, List<Text> reasons, String by, Instant at) {}
