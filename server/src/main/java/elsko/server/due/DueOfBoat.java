package elsko.server.due;

import elsko.server.due.EngineTrendView.NarrowingView;
import java.util.List;
import java.util.UUID;

/**
 * What falls due on one boat.
 *
 * @param lines most pressing first
 * @param done every service there is a record of, newest first; only where one boat is asked for
 * @param narrowing what speaks for a raw-water path that narrows, of all its engines
 */
public record DueOfBoat(
    UUID boat,
    String name,
    String berthName,
    boolean severalEngines,
    List<DueLine> lines,
    List<DoneLine> done,
    List<NarrowingView> narrowing) {}
