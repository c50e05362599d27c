package elsko.server.frost;

import elsko.core.Text;
import elsko.core.frost.Night;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The frost clock over the yard.
 *
 * @param ready false while there are too few past winters to say anything
 * @param boats those in which something can freeze
 * @param tonight boats that may not see the next morning whole, the dearest first
 */
public record FrostView(
    boolean ready,
    LocalDate today,
    Weather.WeatherView weather,
    List<Night> nights,
    List<BoatFrost> boats,
    List<TonightView> tonight) {

  /**
   * By when one boat must be dealt with.
   *
   * @param daysLeft from today to its deadline; null when it has none
   * @param chance part of winters that have damaged it after the nights shown
   * @param firstToGo what breaks first, in words; null when nothing does
   */
  public record BoatFrost(
      UUID boat,
      @Nullable LocalDate deadline,
      @Nullable LocalDate evenOdds,
      @Nullable Integer daysLeft,
      double chance,
      @Nullable String firstToGo) {}

  /** What to do about one boat before the night. */
  public record TonightView(
      UUID boat, String name, @Nullable UUID berth, Text words, String action, double loss) {}
}
