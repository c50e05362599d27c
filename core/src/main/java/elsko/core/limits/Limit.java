package elsko.core.limits;

import elsko.core.Refused;
import elsko.core.Words;

/**
 * A reading with the range that is good.
 *
 * @param good lowest and highest value that is fine
 * @param possible lowest and highest value that can be meant at all
 */
public record Limit(
    String key,
    String name,
    String unit,
    Range good,
    Range possible,
    String whenLow,
    String whenHigh) {

  /** From low to high, both included. */
  public record Range(double low, double high) {}

  /**
   * Petrol, raw-water cooled: the thermostat opens at 71–79 °C (160–175 °F), then the gauge is
   * flat.
   */
  public static final Limit WARM_PLATEAU =
      new Limit(
          "warm-plateau",
          "warm plateau",
          "°C",
          new Range(71, 79),
          new Range(-20, 130),
          "The thermostat is not open yet: keep it running. Not there after 10 minutes means it is"
              + " stuck open or the engine has no load.",
          "Hotter than its thermostat should let it get. Stop the engine and find out why.");

  /** The limit of this name, or a refusal. */
  public static Limit of(String key) {
    if (WARM_PLATEAU.key().equals(key)) {
      return WARM_PLATEAU;
    }
    throw Refused.value("limit", "There is no reading called \"%s\".".formatted(key));
  }

  /** Refuses what cannot be meant, then says how a value stands. */
  public Judgement judge(double value) {
    Refused.within("value", value, possible.low(), possible.high(), " " + unit);
    if (value < good.low()) {
      return new Judgement(false, whenLow);
    }
    if (value > good.high()) {
      return new Judgement(false, whenHigh);
    }
    return new Judgement(
        true,
        "Good: between %s and %s %s."
            .formatted(Words.number(good.low()), Words.number(good.high()), unit));
  }

  /** How a value stands, in words. */
  public record Judgement(boolean good, String words) {}
}
