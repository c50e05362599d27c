package elsko.core.frost;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * By when a boat must be dealt with.
 *
 * @param deadline the last day on which at most 5 % of winters have damaged it; null when none of
 *     the days looked at is
 * @param evenOdds the first day by which more than half of the winters have; null when there is
 *     none
 * @param share of winters in which it is damaged by the end of each day
 * @param loss what repairs cost by the end of each day, averaged over the winters, in hoses
 * @param firstToGo what most often breaks first; null when nothing does
 * @param circuits those in which something can freeze
 */
public record Outlook(
    LocalDate first,
    @Nullable LocalDate deadline,
    @Nullable LocalDate evenOdds,
    List<Double> share,
    List<Double> loss,
    @Nullable FirstToGo firstToGo,
    List<OfCircuit> circuits) {

  /** The pocket that goes first, of all that can. */
  public record FirstToGo(String circuit, String circuitName, String segment, String name) {}

  /** One circuit on its own. */
  public record OfCircuit(
      String circuit,
      String name,
      @Nullable LocalDate deadline,
      @Nullable LocalDate evenOdds,
      FirstToGo firstToGo) {}

  /** Share of winters that have damaged it by the end of a day; the last known one after that. */
  public double shareBy(LocalDate day) {
    return at(share, day);
  }

  /** What repairs cost by the end of a day, averaged over the winters, in hoses. */
  public double lossBy(LocalDate day) {
    return at(loss, day);
  }

  private double at(List<Double> values, LocalDate day) {
    long at = day.toEpochDay() - first.toEpochDay();
    if (at < 0 || values.isEmpty()) {
      return 0;
    }
    return values.get((int) Math.min(at, values.size() - 1));
  }
}
