package elsko.core.boat.description;

import elsko.core.boat.path.FittingKind;
import org.jspecify.annotations.Nullable;

/**
 * A fitting of this hull that is not as its template has it: another name, place or tool, a remote
 * hose instead of a plug, or none at all.
 *
 * @param name null to leave it
 * @param kind null to leave it
 * @param where null to leave it
 * @param tool null to leave it
 * @param gone this hull has no such fitting
 */
public record FittingChange(
    String fitting,
    @Nullable String name,
    @Nullable FittingKind kind,
    @Nullable String where,
    @Nullable String tool,
    boolean gone) {
  public FittingChange {
    name = name == null ? null : BoatDescription.required("name", name, 60, "Give it a name.");
    where = where == null ? null : BoatDescription.optional("where", where, 120);
    tool = tool == null ? null : BoatDescription.optional("tool", tool, 60);
  }
}
