package elsko.core.jobsheet;

import elsko.core.Text;
import java.time.Instant;

/**
 * One line of a job sheet.
 *
 * @param quantity in {@code unit}: min, L or pieces; 0 where nothing is counted
 * @param detail the lot of a fluid, what was found while a part went in; may be empty
 * @param by who; empty where it is nobody's alone
 * @param at when it was done last
 */
public record JobLine(
    Kind kind, Text what, double quantity, String unit, String detail, String by, Instant at) {
  JobLine(
      Kind kind, String what, double quantity, String unit, String detail, String by, Instant at) {
    this(kind, Text.of(what), quantity, unit, detail, by, at);
  }

  /** What a line is about. */
  public enum Kind {
    /** Minutes between what somebody entered. */
    WORKED("worked"),
    /** Minutes the steps that were done are counted with. */
    RECKONED("reckoned"),
    FLUID("fluid"),
    PART("part"),
    FINDING("finding");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
