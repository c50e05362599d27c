package elsko.core.due;

import elsko.core.Words;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.due.DueItem.Standing;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.engine.DueAtOnce;
import elsko.core.ledger.engine.EngineHours;
import elsko.core.ledger.engine.ServiceRecord;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.limits.Every;
import elsko.core.limits.Interval;
import java.time.Duration;
import java.time.Instant;
import java.time.Period;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;

/** Counts one interval: by hours, by months and by oil changes, whichever comes first. */
record Counted(
    ServiceRecords records,
    @Nullable Circuit circuit,
    Interval interval,
    Every every,
    @Nullable ServiceRecord last,
    Instant now) {
  private static final Period WARN = Period.ofDays(30);

  /** Hours are warned of when so much of them is left. Estimate. */
  private static final double WARN_PART = 0.1;

  /** What falls due in the last of them is warned of at the next lay-up itself. */
  private static final Period TO_NEXT_LAY_UP = Period.ofMonths(12).minusDays(WARN.getDays());

  private static final double DAYS_OF_A_YEAR = 365;

  /**
   * What comes of it.
   *
   * @param more said beside the reason; may be empty
   */
  DueItem item(String more) {
    DueAtOnce trouble = records.atOnce().get(new Due(engine(), interval));
    if (trouble != null) {
      return as(
          Standing.AT_ONCE,
          trouble.at(),
          false,
          null,
          "It %s: due at once.".formatted(trouble.trouble().words()));
    }
    if (!every.isCounted()) {
      return as(
          Standing.NOT_COUNTED,
          null,
          false,
          null,
          "This yard does it %s.".formatted(every.words()));
    }
    Double since = startHours();
    if (last == null && since == null) {
      return interval.isCountedFromNew()
          ? as(Standing.NOT_COUNTED, null, false, null, "Its hours were never read.")
          : as(
              Standing.NO_RECORD,
              null,
              false,
              null,
              more.isEmpty() ? "Nobody wrote down that it was ever done." : more);
    }
    return counted(since, more);
  }

  private DueItem counted(@Nullable Double since, String more) {
    Instant byMonths =
        every.months() == 0 || last == null
            ? null
            : last.at().atZone(ZoneOffset.UTC).plus(every.period()).toInstant();
    EngineHours run = hours();
    Double hoursLeft =
        every.hours() == 0 || since == null || run == null
            ? null
            : (Double) (since + every.hours() - run.hours());
    Instant byHours = hoursLeft == null || run == null ? null : when(run, hoursLeft);
    boolean estimated = byHours != null && (byMonths == null || byHours.isBefore(byMonths));
    Instant on = estimated ? byHours : byMonths;
    Standing standing = byDate(byMonths);
    if (hoursLeft != null && run != null) {
      standing = earlier(standing, byHoursLeft(run, hoursLeft));
    }
    String why = why(hoursLeft, more);
    if (every.oilChanges() > 0 && last != null) {
      Standing byOil = byOilChanges(last);
      if (byOil.compareTo(standing) < 0) {
        return as(byOil, null, false, null, why);
      }
    }
    return isNearAs(standing, on)
        ? as(standing, on, estimated, hoursLeft, why)
        : as(standing, null, false, hoursLeft, why);
  }

  /** A day reckoned from a reading long ago may have gone by while its hours have not. */
  private boolean isNearAs(Standing standing, @Nullable Instant on) {
    return on == null || standing == Standing.OVERDUE || !on.isBefore(now);
  }

  private Standing byDate(@Nullable Instant due) {
    if (due == null) {
      return Standing.LATER;
    }
    if (!now.isBefore(due)) {
      return Standing.OVERDUE;
    }
    if (!now.isBefore(due.minus(Duration.ofDays(WARN.getDays())))) {
      return Standing.SOON;
    }
    Instant nextLayUp = now.atZone(ZoneOffset.UTC).plus(TO_NEXT_LAY_UP).toInstant();
    return due.isAfter(nextLayUp) ? Standing.LATER : Standing.BEFORE_LAY_UP;
  }

  private Standing byHoursLeft(EngineHours run, double left) {
    if (left <= 0) {
      return Standing.OVERDUE;
    }
    Double season = run.lastSeason();
    boolean takesSeasons = season != null && season > 0 && left > season;
    if (left <= WARN_PART * every.hours() && !takesSeasons) {
      return Standing.SOON;
    }
    return season == null || left > season ? Standing.LATER : Standing.BEFORE_LAY_UP;
  }

  /** The change at the next lay-up counts too. */
  private Standing byOilChanges(ServiceRecord last) {
    int left = every.oilChanges() - last.oilChanges();
    return left <= 0 ? Standing.OVERDUE : left == 1 ? Standing.BEFORE_LAY_UP : Standing.LATER;
  }

  private static Standing earlier(Standing one, Standing other) {
    return one.compareTo(other) <= 0 ? one : other;
  }

  /** When its hours are run, if a season is like the last. */
  private @Nullable Instant when(EngineHours run, double left) {
    Double season = run.lastSeason();
    if (left <= 0) {
      return run.at();
    }
    return season == null || season <= 0
        ? null
        : run.at().plus(Duration.ofDays(Math.round(left / season * DAYS_OF_A_YEAR)));
  }

  private String why(@Nullable Double hoursLeft, String more) {
    StringBuilder why = new StringBuilder("Every ").append(every.words());
    if (hoursLeft != null) {
      why.append(
          hoursLeft <= 0
              ? ", %s h over".formatted(Words.number(-hoursLeft, 0))
              : ", %s h left".formatted(Words.number(hoursLeft, 0)));
    } else if (every.hours() > 0 && hours() == null) {
      why.append(", its hours were never read");
    }
    if (every.oilChanges() > 0 && last != null) {
      why.append(", %d changed since".formatted(last.oilChanges()));
    }
    return why.append('.').append(more.isEmpty() ? "" : " " + more).toString();
  }

  private @Nullable Position engine() {
    return circuit == null ? null : circuit.engine();
  }

  private @Nullable EngineHours hours() {
    return circuit == null ? null : records.hours().get(circuit.engine());
  }

  /** What its engine had run when it was done, or null. */
  private @Nullable Double startHours() {
    if (last != null) {
      return last.hours();
    }
    return interval.isCountedFromNew() && hours() != null ? (Double) 0.0 : null;
  }

  private DueItem as(
      Standing standing,
      @Nullable Instant on,
      boolean estimated,
      @Nullable Double hoursLeft,
      String why) {
    return new DueItem(
        engine(),
        interval,
        every,
        last,
        standing,
        on,
        estimated,
        hoursLeft,
        why,
        records.planned().get(new Due(engine(), interval)));
  }
}
