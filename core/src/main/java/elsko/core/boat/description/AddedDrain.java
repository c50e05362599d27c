package elsko.core.boat.description;

import elsko.core.Refused;
import elsko.core.boat.path.FittingKind;

/**
 * A drain this hull has and its template does not.
 *
 * @param segment the segment it empties
 */
public record AddedDrain(
    String circuit, String segment, String name, FittingKind kind, String where, String tool) {
  public AddedDrain {
    name = BoatDescription.required("name", name, 60, "Give the drain a name.");
    where = BoatDescription.optional("where", where, 120);
    tool = BoatDescription.optional("tool", tool, 60);
    kind = kind == null ? FittingKind.DRAIN_PLUG : kind;
    if (!kind.isDrain()) {
      throw Refused.value("kind", "A drain is a plug, a petcock or a threaded sensor.");
    }
  }

  /** Key of its fitting and of its low point. */
  public String key() {
    String made = name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    return circuit + "-added-" + made;
  }
}
