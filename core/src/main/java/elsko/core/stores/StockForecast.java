package elsko.core.stores;

import elsko.core.Refused;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How far a stock reaches.
 *
 * @param needed within the days looked ahead; what is not planned yet is needed too
 * @param runsOut the first day on which there is not enough; null while there is
 * @param missing more than there is; 0 when the stock reaches
 * @param packages to order, whole ones
 */
public record StockForecast(
    double needed, @Nullable LocalDate runsOut, double missing, int packages) {
  /** Liters are measured to no better than this. */
  private static final double NOTHING = 1e-6;

  /**
   * Plays the uses through in the order of their days.
   *
   * @param stock there is now; negative where more was taken than anybody had counted
   * @param packageSize in the item's unit
   * @param days looked ahead, from today
   */
  public static StockForecast of(
      double stock, double packageSize, List<Use> uses, LocalDate today, int days) {
    Refused.within("packageSize", packageSize, 0.001, 10_000, "");
    Refused.within("days", days, 1, 366, " days");
    LocalDate end = today.plusDays(days);
    List<Use> counted =
        uses.stream()
            .filter(use -> use.day() == null || !use.day().isAfter(end))
            .sorted(Comparator.comparing(use -> use.day() == null ? end : use.day()))
            .toList();
    double left = stock;
    LocalDate runsOut = stock < -NOTHING ? today : null;
    double needed = 0;
    for (Use use : counted) {
      needed += use.quantity();
      left -= use.quantity();
      if (runsOut == null && left < -NOTHING) {
        LocalDate day = use.day() == null ? end : use.day();
        runsOut = day.isBefore(today) ? today : day;
      }
    }
    double missing = left < -NOTHING ? -left : 0;
    return new StockForecast(
        needed, runsOut, missing, (int) Math.ceil(missing / packageSize - NOTHING));
  }
}
