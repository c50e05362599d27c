package elsko.core.ledger.fact;

import elsko.core.boat.Boat;

/** Says what an entry that came in late does not go with. */
public final class LateWords {
  private LateWords() {}

  /** One sentence or two, of an entry somebody has to say something about. */
  public static String of(Boat boat, Entry entry) {
    String what = EntryWords.of(boat, entry.fact());
    Late late = entry.late();
    if (late.broke() != null) {
      return "%s, entered late. A rule forbade it then: %s".formatted(what, late.broke());
    }
    int upset = late.upsets().size();
    return "%s, entered late: %d later %s not have been made had it been known."
        .formatted(what, upset, upset == 1 ? "entry could" : "entries could");
  }

  /** How an entry is marked in the log; null when it came in its turn. */
  public static String mark(Late late) {
    if (late == null) {
      return null;
    }
    if (late.broke() != null) {
      return "A rule forbade it then: " + late.broke();
    }
    if (!late.upsets().isEmpty()) {
      return "Entered late: contradicts what was entered before it came.";
    }
    return late.afterwards() ? "Entered afterwards: proves nothing." : null;
  }
}
