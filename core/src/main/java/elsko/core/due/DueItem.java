package elsko.core.due;

import elsko.core.boat.path.Position;
import elsko.core.ledger.engine.ServiceRecord;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.limits.Every;
import elsko.core.limits.Interval;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that falls due on a boat, and when.
 *
 * @param engine whose; null for the boat as a whole
 * @param every how it is counted here
 * @param last when it was done last; null when there is no record
 * @param on when it falls due; null while nobody can tell
 * @param estimated whether that day is reckoned from the hours of a season
 * @param hoursLeft until it falls due by hours; null when they do not count or were never read
 * @param why in a sentence
 * @param planned who wants it done on the next visit; null when nobody does
 */
public record DueItem(
    @Nullable Position engine,
    Interval interval,
    Every every,
    @Nullable ServiceRecord last,
    Standing standing,
    @Nullable Instant on,
    boolean estimated,
    @Nullable Double hoursLeft,
    String why,
    ServiceRecords.@Nullable Planned planned) {

  /** How it stands, most pressing first. */
  public enum Standing {
    AT_ONCE("due at once"),
    OVERDUE("overdue"),
    NO_RECORD("no record: due"),
    SOON("due soon"),
    BEFORE_LAY_UP("falls due before the next lay-up"),
    LATER("later"),
    NOT_COUNTED("not counted");

    private final String words;

    Standing(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** To be done now: due, soon due, or wanted. */
  public boolean isDue() {
    return planned != null || standing.compareTo(Standing.SOON) <= 0;
  }

  /** To be done at a lay-up, so that nothing falls due before the next. */
  public boolean isDueBeforeNextLayUp() {
    return isDue() || standing == Standing.BEFORE_LAY_UP;
  }
}
