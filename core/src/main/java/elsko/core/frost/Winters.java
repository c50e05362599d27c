package elsko.core.frost;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;

/** What the air did at the site in past winters. A winter is named by the year its autumn is in. */
public final class Winters {
  private final NavigableMap<LocalDate, DailyAir> days = new TreeMap<>();

  public Winters(Collection<DailyAir> record) {
    record.forEach(day -> days.put(day.date(), day));
  }

  public boolean isEmpty() {
    return days.isEmpty();
  }

  /** The day of the record, or null. */
  public DailyAir on(LocalDate date) {
    return days.get(date);
  }

  /** What the air did on this day of the year in all years on record. */
  List<DailyAir> onThisDay(LocalDate date) {
    List<DailyAir> found = new ArrayList<>();
    if (!days.isEmpty()) {
      for (int year = days.firstKey().getYear(); year <= days.lastKey().getYear(); year++) {
        DailyAir day = days.get(date.withYear(year));
        if (day != null) {
          found.add(day);
        }
      }
    }
    return found;
  }

  /**
   * The first dates of stretches of past years that lie like {@code first} in their year and have
   * every one of {@code length} days; stretches end before {@code today}. Oldest first.
   */
  List<LocalDate> stretchesLike(LocalDate first, int length, LocalDate today) {
    List<LocalDate> found = new ArrayList<>();
    if (days.isEmpty()) {
      return found;
    }
    for (int year = days.firstKey().getYear(); year < today.getYear() + 1; year++) {
      // On 29 February a common year answers with the 28th.
      LocalDate start = first.withYear(year);
      LocalDate end = start.plusDays(length - 1L);
      if (end.isBefore(today) && days.subMap(start, true, end, true).size() == length) {
        found.add(start);
      }
    }
    return found;
  }
}
