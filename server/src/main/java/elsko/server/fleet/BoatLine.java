package elsko.server.fleet;

import elsko.core.Text;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Layout;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One boat in the list of all. */
public record BoatLine(
    UUID id,
    String name,
    String hullId,
    BoatKind kind,
    double hullLengthM,
    Layout layout,
    Protection protection,
    @Nullable UUID berth,
    boolean afloat,
    int looseEnds,
    Decision.@Nullable Kind decisionKind,
    @Nullable Text decisionWords,
    @Nullable Text decisionAction,
    @Nullable UUID openCard,
    @Nullable Instant changedAt) {}
