package elsko.core.ledger.fact;

import elsko.core.Text;
import elsko.core.boat.Boat;
import org.jspecify.annotations.Nullable;

/** Says what an entry that came in late does not go with. */
public final class LateWords {
  private LateWords() {}

  /** One sentence or two, of an entry somebody has to say something about. */
  public static Text of(Boat boat, Entry entry) {
    Text what = EntryWords.of(boat, entry.fact());
    Late late = entry.late();
    if (late.broke() != null) {
      return Text.of("%s, entered late. A rule forbade it then: %s", what, late.broke());
    }
    int upset = late.upsets().size();
    return Text.of(
        "%s, entered late: %s later %s not have been made had it been known.",
        what, upset, upset == 1 ? "entry could" : "entries could");
  }

  /** How an entry is marked in the log; null when it came in its turn. */
  public static @Nullable Text mark(Late late) {
    if (late == null) {
      return null;
    }
    if (late.broke() != null) {
      return Text.of("A rule forbade it then: %s", late.broke());
    }
    if (!late.upsets().isEmpty()) {
      return Text.of("Entered late: contradicts what was entered before it came.");
    }
    return late.afterwards() ? Text.of("Entered afterwards: proves nothing.") : null;
  }
}
