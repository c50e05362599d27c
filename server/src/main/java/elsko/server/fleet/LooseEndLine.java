package elsko.server.fleet;

import elsko.core.boat.path.FittingState;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One loose end in the yard, with who left it so, when and why. */
public record LooseEndLine(
    UUID boat,
    String boatName,
    @Nullable UUID berth,
    String fitting,
    String name,
    FittingState state,
    String stateWords,
    boolean keepsAshore,
    @Nullable String person,
    @Nullable Instant at,
    String reason) {}
