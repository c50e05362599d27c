package elsko.server.due;

import elsko.core.boat.path.Position;
import elsko.core.due.DueItem;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that falls due on a boat.
 *
 * @param engine whose; null for the boat as a whole
 * @param item key of the interval
 * @param every how it is counted here: "100 h or 12 months"
 * @param on when it falls due; null while nobody can tell
 * @param estimated whether that day is reckoned from the hours of a season
 * @param hoursLeft of its engine; null when they do not count or were never read
 * @param due whether it is to be done now
 * @param plannedBy who wants it done on the next visit; null when nobody does
 * @param doneOn the card it is done on
 */
public record DueLine(
    @Nullable Position engine,
    String item,
    String words,
    String part,
    String every,
    DueItem.Standing standing,
    String standingWords,
    @Nullable Instant on,
    boolean estimated,
    @Nullable Double hoursLeft,
    @Nullable Instant lastAt,
    @Nullable Double lastHours,
    String why,
    boolean due,
    @Nullable String plannedBy,
    Procedure doneOn) {

  static DueLine of(DueItem item) {
    return new DueLine(
        item.engine(),
        item.interval().key(),
        item.interval().words(),
        item.interval().part(),
        item.every().words(),
        item.standing(),
        item.standing().words(),
        item.on(),
        item.estimated(),
        item.hoursLeft(),
        item.last() == null ? null : item.last().at(),
        item.last() == null ? null : item.last().hours(),
        item.why(),
        item.isDue(),
        item.planned() == null ? null : item.planned().person(),
        cardOf(item.interval()));
  }

  private static Procedure cardOf(Interval interval) {
    return switch (interval) {
      case ENGINE_OIL, GEAR_OIL, FUEL_FILTER, SPARK_PLUGS, VALVES -> Procedure.LAY_UP_SERVICE;
      case DESCALE -> Procedure.DESCALE;
      case PUMP_SEALS -> Procedure.PUMP;
      default -> Procedure.COMMISSION;
    };
  }
}
