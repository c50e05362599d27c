package elsko.server.due;

import elsko.server.due.EngineTrendView.NarrowingView;
import java.util.List;
import java.util.UUID;

/**
 * What falls due on one boat.
 *
 * @param lines most pressing first
 * @param narrowing what speaks for a raw-water path that narrows, of all its engines
 */
public record DueOfBoat(
    UUID boat,
    String name,
    String berthName,
    boolean severalEngines,
    List<DueLine> lines,
    List<NarrowingView> narrowing) {}
