package elsko.core.frost;

import java.time.LocalDate;

/**
 * One night to come.
 *
 * @param evening the day it begins on
 * @param lowC the low half of the winters stay above
 * @param lowestTenthC one winter in ten is colder than this
 * @param frostShare share of winters that freeze in it
 */
public record Night(LocalDate evening, double lowC, double lowestTenthC, double frostShare) {
  static Night of(LocalDate evening, double[] sortedLowsC) {
    int n = sortedLowsC.length;
    int frost = 0;
    for (double low : sortedLowsC) {
      if (low < 0) {
        frost++;
      }
    }
    return new Night(evening, sortedLowsC[n / 2], sortedLowsC[n / 10], (double) frost / n);
  }
}
