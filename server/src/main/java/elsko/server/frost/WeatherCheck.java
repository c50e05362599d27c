package elsko.server.frost;

import elsko.core.Words;
import elsko.core.frost.DailyAir;
import elsko.core.frost.FrostWords;
import elsko.server.frost.WeatherCsv.Row;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A weather file, looked through row by row. What is wrong is mended only as somebody chose it.
 *
 * @param rows how many the file has
 * @param problems those nobody has chosen a way out of
 * @param days what would be kept, in order; complete only when there is no problem
 */
record WeatherCheck(int rows, List<DayProblem> problems, List<DailyAir> days) {
  /** Hotter than this, as a minimum or a maximum, is rather Fahrenheit. */
  private static final double HOT_MIN_C = 32;

  private static final double HOT_MAX_C = 45;

  /** When more of a file than this looks hot, the whole of it is. */
  private static final double HOT_PART = 0.05;

  private static final int LONGEST_BRIDGED_GAP = 5;
  private static final int LONGEST_GAP_IN_A_SEASON = 31;

  /** What can be wrong. */
  enum Kind {
    UNREADABLE,
    MIN_ABOVE_MAX,
    LOOKS_FAHRENHEIT,
    FILE_LOOKS_FAHRENHEIT,
    DUPLICATE,
    GAP
  }

  /** What can be done about it. */
  enum Way {
    LEAVE_OUT("leave the row out"),
    SWAP("swap the two"),
    CONVERT("convert to °C"),
    KEEP("keep it as it is"),
    KEEP_FIRST("keep the first"),
    KEEP_LAST("keep the last"),
    BRIDGE("fill in evenly between its neighbors"),
    LEAVE_GAP("leave the gap: that winter is not used around it");

    private final String words;

    Way(String words) {
      this.words = words;
    }
  }

  /**
   * One thing that is wrong.
   *
   * @param row in the file, the heading being 1; 0 for the file as a whole
   */
  record DayProblem(
      int row, Kind kind, @Nullable LocalDate date, String words, List<WayOut> waysOut) {}

  /** A way out, with its words. */
  record WayOut(Way way, String words) {}

  /**
   * What somebody chose.
   *
   * @param byRow by row number; goes before what was chosen for all of a kind
   */
  record WaysChosen(@Nullable Map<Integer, Way> byRow, @Nullable Map<Kind, Way> forAll) {
    /** A row may have more than one thing wrong: what does not fit this one is not about it. */
    Way of(int row, Kind kind, List<Way> ways) {
      Way own = byRow == null ? null : byRow.get(row);
      if (own != null && ways.contains(own)) {
        return own;
      }
      Way general = forAll == null ? null : forAll.get(kind);
      return general != null && ways.contains(general) ? general : null;
    }
  }

  static WeatherCheck of(String csv, @Nullable WaysChosen chosen) {
    return new Looking(WeatherCsv.rows(csv), chosen == null ? new WaysChosen(null, null) : chosen)
        .all();
  }

  /** Goes through the rows. */
  private static final class Looking {
    private static final Map<Kind, List<Way>> WAYS = new EnumMap<>(Kind.class);

    static {
      WAYS.put(Kind.UNREADABLE, List.of(Way.LEAVE_OUT));
      WAYS.put(Kind.MIN_ABOVE_MAX, List.of(Way.SWAP, Way.LEAVE_OUT));
      WAYS.put(Kind.LOOKS_FAHRENHEIT, List.of(Way.CONVERT, Way.KEEP, Way.LEAVE_OUT));
      WAYS.put(Kind.FILE_LOOKS_FAHRENHEIT, List.of(Way.CONVERT, Way.KEEP));
      WAYS.put(Kind.DUPLICATE, List.of(Way.KEEP_FIRST, Way.KEEP_LAST));
      WAYS.put(Kind.GAP, List.of(Way.BRIDGE, Way.LEAVE_GAP));
    }

    private final List<Row> rows;
    private final WaysChosen chosen;
    private final List<DayProblem> problems = new ArrayList<>();

    /** Days whose row waits for somebody's choice: they are there, so they are no gap. */
    private final Set<LocalDate> waiting = new HashSet<>();

    Looking(List<Row> rows, WaysChosen chosen) {
      this.rows = rows;
      this.chosen = chosen;
    }

    WeatherCheck all() {
      boolean convertAll = fileIsFahrenheit();
      if (!problems.isEmpty()) {
        return new WeatherCheck(rows.size(), List.copyOf(problems), List.of());
      }
      List<Row> good = new ArrayList<>();
      for (Row row : rows) {
        Row mended = mended(convertAll ? converted(row) : row, convertAll);
        if (mended != null) {
          good.add(mended);
        }
      }
      List<DailyAir> days = withoutGaps(once(good));
      return new WeatherCheck(rows.size(), List.copyOf(problems), days);
    }

    private boolean fileIsFahrenheit() {
      long hot = rows.stream().filter(Looking::looksHot).count();
      if (hot <= rows.size() * HOT_PART || rows.size() < 20) {
        return false;
      }
      Way way =
          settle(
              0,
              Kind.FILE_LOOKS_FAHRENHEIT,
              null,
              "%d of %d days are hotter than any winter's: the file looks like Fahrenheit."
                  .formatted(hot, rows.size()));
      return way == Way.CONVERT;
    }

    private static boolean looksHot(Row row) {
      return row.minC() != null && row.minC() > HOT_MIN_C
          || row.maxC() != null && row.maxC() > HOT_MAX_C;
    }

    private static Row converted(Row row) {
      return new Row(row.row(), row.date(), celsius(row.minC()), celsius(row.maxC()), row.text());
    }

    private static Double celsius(Double fahrenheit) {
      return fahrenheit == null ? null : Math.round((fahrenheit - 32) / 1.8 * 10) / 10.0;
    }

    /** Null when the row is left out, or nobody has chosen yet. */
    private Row mended(Row row, boolean alreadyConverted) {
      Row now = row;
      if (!alreadyConverted
          && chosen.of(0, Kind.FILE_LOOKS_FAHRENHEIT, List.of(Way.KEEP)) == null
          && looksHot(now)) {
        Way way =
            settle(
                row.row(),
                Kind.LOOKS_FAHRENHEIT,
                row.date(),
                "%s to %s °C is hardly weather here: Fahrenheit?"
                    .formatted(Words.number(row.minC(), 1), Words.number(row.maxC(), 1)));
        if (way == null || way == Way.LEAVE_OUT) {
          return null;
        }
        now = way == Way.CONVERT ? converted(row) : row;
      }
      if (now.date() == null || outside(now.minC()) || outside(now.maxC())) {
        settle(
            row.row(),
            Kind.UNREADABLE,
            row.date(),
            "\"%s\" cannot be read as a date and two temperatures in °C.".formatted(row.text()));
        return null;
      }
      if (now.minC() > now.maxC()) {
        Way way =
            settle(
                row.row(),
                Kind.MIN_ABOVE_MAX,
                row.date(),
                "The minimum, %s °C, is above the maximum, %s °C."
                    .formatted(Words.number(now.minC(), 1), Words.number(now.maxC(), 1)));
        return way == Way.SWAP
            ? new Row(now.row(), now.date(), now.maxC(), now.minC(), now.text())
            : null;
      }
      return now;
    }

    private static boolean outside(Double value) {
      return value == null || value < DailyAir.COLDEST_C || value > DailyAir.WARMEST_C;
    }

    private List<Row> once(List<Row> good) {
      Map<LocalDate, Row> byDate = new HashMap<>();
      for (Row row : good) {
        Row before = byDate.get(row.date());
        if (before == null) {
          byDate.put(row.date(), row);
          continue;
        }
        Way way =
            settle(
                row.row(),
                Kind.DUPLICATE,
                row.date(),
                "%s %d is in row %d already."
                    .formatted(FrostWords.day(row.date()), row.date().getYear(), before.row()));
        if (way == Way.KEEP_LAST) {
          byDate.put(row.date(), row);
        }
      }
      return byDate.values().stream().sorted(Comparator.comparing(Row::date)).toList();
    }

    private List<DailyAir> withoutGaps(List<Row> sorted) {
      List<DailyAir> days = new ArrayList<>();
      for (Row row : sorted) {
        DailyAir day = new DailyAir(row.date(), row.minC(), row.maxC());
        if (!days.isEmpty()) {
          gap(days, day, row.row());
        }
        days.add(day);
      }
      return List.copyOf(days);
    }

    private void gap(List<DailyAir> days, DailyAir next, int row) {
      DailyAir last = days.get(days.size() - 1);
      int missing = 0;
      for (LocalDate date = last.date().plusDays(1);
          date.isBefore(next.date());
          date = date.plusDays(1)) {
        missing += waiting.contains(date) ? 0 : 1;
      }
      // More than a month missing is a record of cold seasons only, not a gap in one.
      if (missing == 0 || missing > LONGEST_GAP_IN_A_SEASON) {
        return;
      }
      boolean canBridge = missing <= LONGEST_BRIDGED_GAP;
      Way way =
          settle(
              row,
              Kind.GAP,
              next.date(),
              "%d %s missing before %s %d%s."
                  .formatted(
                      missing,
                      missing == 1 ? "day is" : "days are",
                      FrostWords.day(next.date()),
                      next.date().getYear(),
                      canBridge ? "" : "; too many to fill in"),
              canBridge ? WAYS.get(Kind.GAP) : List.of(Way.LEAVE_GAP));
      if (way == Way.BRIDGE) {
        for (int i = 1; i <= missing; i++) {
          double part = (double) i / (missing + 1);
          days.add(
              new DailyAir(
                  last.date().plusDays(i),
                  between(last.minC(), next.minC(), part),
                  between(last.maxC(), next.maxC(), part)));
        }
      }
    }

    private static double between(double from, double to, double part) {
      return Math.round((from + (to - from) * part) * 10) / 10.0;
    }

    private Way settle(int row, Kind kind, LocalDate date, String words) {
      return settle(row, kind, date, words, WAYS.get(kind));
    }

    /** The way somebody chose, or null after noting the problem. */
    private Way settle(int row, Kind kind, LocalDate date, String words, List<Way> ways) {
      Way way = chosen.of(row, kind, ways);
      if (way != null) {
        return way;
      }
      waiting.add(date);
      problems.add(
          new DayProblem(
              row, kind, date, words, ways.stream().map(w -> new WayOut(w, w.words)).toList()));
      return null;
    }
  }
}
