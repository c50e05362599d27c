package elsko.core.boat.path;

import java.util.List;

/**
 * A hose that can be opened to pour antifreeze in from the top.
 *
 * @param hose key of the hose end that is opened
 * @param fills keys of the segments it fills
 * @param liters what they take when drained
 * @param watch what to see before stopping
 */
public record PourPoint(
    String hose, String name, List<String> fills, double liters, String watch) {}
