package elsko.core.boat.path;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The lowest place of a segment, where water stays.
 *
 * @param opens the fitting that lets it out; null where nothing is opened: a faucet runs, a bowl or
 *     a sump is dipped
 * @param empties keys of the segments that are empty once it has run
 * @param segment key of the segment a sample taken here speaks for
 * @param required a sample from here is needed before the circuit can be proven
 */
public record LowPoint(
    String key,
    String name,
    @Nullable String opens,
    List<String> empties,
    String segment,
    boolean required) {
  public LowPoint {
    empties = List.copyOf(empties);
  }
}
