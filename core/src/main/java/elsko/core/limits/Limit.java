package elsko.core.limits;

import elsko.core.Refused;
import elsko.core.Words;
import java.util.List;

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

  /** Closed cooling, and diesels: the thermostat opens somewhere between 70 and 90 °C. */
  public static final Limit PLATEAU_CLOSED =
      new Limit(
          "plateau-closed",
          "warm plateau",
          "°C",
          new Range(70, 92),
          new Range(-20, 130),
          WARM_PLATEAU.whenLow(),
          WARM_PLATEAU.whenHigh());

  /** Water is seen at the exhaust within 60 s of the start, or the engine stops. */
  public static final Limit WATER_AT_EXHAUST =
      new Limit(
          "water-at-exhaust",
          "water at the exhaust after",
          "s",
          new Range(0, 60),
          new Range(0, 600),
          "",
          "No water within a minute: stop. Grille, seacock, strainer, lid, impeller, exchanger, elbow,"
              + " in that order.");

  /** Engine hours on arrival. */
  public static final Limit ENGINE_HOURS = plain("engine-hours", "engine hours", "h", 100_000);

  /** Fuel in the tank, percent. */
  public static final Limit FUEL_LEVEL = plain("fuel-level", "fuel level", "%", 100);

  /** Oil that was drawn out, L. */
  public static final Limit OIL_OUT = plain("oil-out", "oil out", "L", 200);

  /** Oil that was filled in, L. */
  public static final Limit OIL_IN = plain("oil-in", "oil in", "L", 200);

  /** The battery at rest, V. */
  public static final Limit BATTERY =
      new Limit(
          "battery",
          "battery at rest",
          "V",
          new Range(12.4, 13.2),
          new Range(0, 60),
          "Not charged: charge it, then look whether it holds.",
          "Still on charge, or a 24 V set: note which.");

  private static final List<Limit> ALL =
      List.of(
          WARM_PLATEAU,
          PLATEAU_CLOSED,
          WATER_AT_EXHAUST,
          ENGINE_HOURS,
          FUEL_LEVEL,
          OIL_OUT,
          OIL_IN,
          BATTERY);

  private static Limit plain(String key, String name, String unit, double most) {
    return new Limit(key, name, unit, new Range(0, most), new Range(0, most), "", "");
  }

  /** Whether a reading says where a warm engine's gauge holds, whatever its cooling. */
  public static boolean isPlateau(String key) {
    return key.equals(WARM_PLATEAU.key) || key.equals(PLATEAU_CLOSED.key);
  }

  /** The limit of this name, or a refusal. */
  public static Limit of(String key) {
    for (Limit limit : ALL) {
      if (limit.key.equals(key)) {
        return limit;
      }
    }
    throw Refused.value("limit", "There is no reading called \"%s\".".formatted(key));
  }

  /** Only noted: any possible value is as good as another. */
  public boolean isOnlyNoted() {
    return good.equals(possible);
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
    return new Judgement(true, whenGood());
  }

  /** What is said of a value that is fine; nothing where any value is only noted. */
  public String whenGood() {
    return isOnlyNoted()
        ? ""
        : "Good: between %s and %s %s."
            .formatted(Words.number(good.low()), Words.number(good.high()), unit);
  }

  /** How a value stands, in words. */
  public record Judgement(boolean good, String words) {}
}
