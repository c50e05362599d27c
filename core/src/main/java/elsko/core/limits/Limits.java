package elsko.core.limits;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.limits.Limit.Range;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The readings that are numbers. Defaults and reasons as the handbook's limits have them. */
public final class Limits {
  private static final double NO_MOST = 1000;

  /** A belt that turns less than this is tight in every school, °. Estimate. */
  private static final double TIGHT_IN_EVERY_SCHOOL = 60;

  private static final String THERMOSTAT_SHUT =
      "The thermostat is not open yet: keep it running. Not there after 10 minutes means it is"
          + " stuck open or the engine has no load.";
  private static final String TOO_HOT =
      "Hotter than its thermostat should let it get. Stop the engine and find out why.";
  private static final String SLACK = "Slack: it slips. Tighten it, engine stopped, measure again.";
  private static final String TIGHT =
      "Tight: it loads the bearings. Slacken it, engine stopped, measure again.";
  private static final Judgement NOTED = new Judgement(Call.GOOD, "");

  /** Where a raw-water cooled petrol engine holds. An engine has its own range: GaugeLimits. */
  public static final Limit WARM_PLATEAU = plateau("warm-plateau", 60, 82);

  /** Where other engines hold. An engine has its own range: GaugeLimits. */
  public static final Limit PLATEAU_CLOSED = plateau("plateau-closed", 71, 91);

  /** Water is seen at the exhaust within 60 s of the start, or the engine stops. */
  public static final Limit WATER_AT_EXHAUST =
      called("water-at-exhaust", "water at the exhaust after", "s")
          .good(0, 60)
          .possible(0, 600)
          .high(
              Call.STOP,
              "No water within a minute: stop. Grille, seacock, strainer, lid, impeller, exchanger,"
                  + " elbow, in that order.");

  /** Some engines show the pressure of their raw water: up within 60 s. */
  public static final Limit WATER_PRESSURE =
      called("water-pressure", "water pressure up after", "s")
          .good(0, 60)
          .possible(0, 600)
          .high(Call.STOP, "No water pressure within a minute: stop, and look as for no water.");

  /** Engine hours on arrival. */
  public static final Limit ENGINE_HOURS = noted("engine-hours", "engine hours", "h", 100_000);

  /** Fuel in the tank, percent. */
  public static final Limit FUEL_LEVEL = noted("fuel-level", "fuel level", "%", 100);

  /** Oil that was drawn out, L. */
  public static final Limit OIL_OUT = noted("oil-out", "oil out", "L", 200);

  /** Oil that was filled in, L. */
  public static final Limit OIL_IN = noted("oil-in", "oil in", "L", 200);

  /** The battery at rest, V. */
  public static final Limit BATTERY =
      called("battery", "battery at rest", "V")
          .good(12.4, 13.2)
          .possible(0, 60)
          .low(Call.MEND, "Not charged: charge it, then look whether it holds.")
          .high(Call.MEND, "Still on charge, or a 24 V set: note which.");

  /** Batteries are expected to live 2 to 5 years, by school. */
  public static final Limit BATTERY_AGE =
      called("battery-age", "age of the battery", "years")
          .against("years it is expected to live", "years", 2, 5)
          .good(0, 1)
          .possible(0, 30)
          .high(Call.MEND, "Past the life it is expected to have: test it, or replace it.");

  /** About 1/2 in per foot of free span at firm thumb pressure (42 mm/m), ±25 %. */
  public static final Limit BELT_DEFLECTION =
      called("belt-deflection", "belt gives", "mm")
          .how("firm thumb pressure in the middle of its longest free span")
          .against("free span", "mm", 50, 1500)
          .good(0.042 * 0.75, 0.042 * 1.25)
          .possible(0, 100)
          .low(Call.MEND, TIGHT)
          .high(Call.MEND, SLACK);

  /** The strict of the twist schools: 80 to 100°. */
  public static final Limit BELT_TWIST =
      called("belt-twist", "belt turns", "°")
          .how("by hand in the middle of its longest free span")
          .good(80, 100)
          .possible(0, 180)
          .low(Call.MEND, TIGHT)
          .high(Call.MEND, SLACK);

  /** The other twist school: it turns at most 90°; under 60° it is tight in every school. */
  public static final Limit BELT_TWIST_AT_MOST =
      called("belt-twist-at-most", "belt turns", "°")
          .how("by hand in the middle of its longest free span")
          .good(TIGHT_IN_EVERY_SCHOOL, 90)
          .possible(0, 180)
          .low(Call.MEND, TIGHT)
          .high(Call.MEND, SLACK);

  /**
   * Short spans: 3 to 12 mm at light pressure, no squeal at the start. The least is an estimate.
   */
  public static final Limit BELT_SHORT_SPAN =
      called("belt-short-span", "belt gives", "mm")
          .how("light pressure; and no squeal at the start")
          .good(3, 12)
          .possible(0, 100)
          .low(Call.MEND, TIGHT)
          .high(Call.MEND, SLACK);

  /** A packed gland: from 1 drop per second to 1 per 10 s while the shaft turns. */
  public static final Limit GLAND_DRIP =
      called("gland-drip", "packed gland drips", "drops a minute")
          .how("shaft turning, from outside with a lamp, hands out")
          .good(6, 60)
          .possible(0, 600)
          .low(
              Call.MEND,
              "Too dry: it runs hot and scores the shaft. Slacken, stopped, a quarter turn a side,"
                  + " plates parallel.")
          .high(
              Call.MEND,
              "Too wet: tighten, stopped, a quarter turn a side, plates parallel. Not better: new"
                  + " packing.");

  /** A face seal does not drip. */
  public static final Limit FACE_SEAL_DRIP =
      called("face-seal-drip", "face seal drips", "drops a minute")
          .how("shaft turning, from outside with a lamp, hands out")
          .good(0, 0)
          .possible(0, 600)
          .high(Call.MEND, "A face seal does not drip: look at its faces and its bellows.");

  /** At least 18 in (457 mm) over the waterline, higher for a hull that heels. */
  public static final Limit SIPHON_HEIGHT =
      called("siphon-height", "siphon break over the waterline", "mm")
          .how("near the centerline; higher for a hull that heels")
          .good(457, NO_MOST)
          .possible(0, NO_MOST)
          .low(
              Call.MEND,
              "Too low: water can run back into the engine. Move it up, near the centerline.");

  /** A pressure cap lets go within 15 % of its rating. An estimate. */
  public static final Limit PRESSURE_CAP =
      called("pressure-cap", "pressure cap lets go at", "kPa")
          .how(
              Text.of(
                  "on a tester, COLD; each kPa raises the boiling point by %s",
                  Quantity.kelvin(0.24).precisely()))
          .against("rating on the cap", "kPa", 20, 200)
          .good(0.85, 1.15)
          .possible(0, 300)
          .low(Call.MEND, "It lets go early: it boils earlier. Replace it.")
          .high(
              Call.MEND,
              "It holds far above its rating: stuck, a hose would go first. Replace it.");

  /** Every vane there. */
  public static final Limit IMPELLER_VANES =
      called("impeller-vanes", "impeller has", "whole vanes")
          .against("should have", "vanes", 3, 16)
          .good(1, 1)
          .possible(0, 16)
          .low(
              Call.STOP,
              "Vanes are missing. A new impeller, and every piece found: first rising pipe after the"
                  + " pump, exchanger inlet, back to the intake.")
          .high(Call.MEND, "More than it should have: count again.");

  /** Below 2000 rpm after a start. */
  public static final Limit SPEED_AFTER_START =
      called("speed-after-start", "speed after the start", "rpm")
          .how("about 1000 rpm primes a small pump")
          .good(0, 2000)
          .possible(0, 8000)
          .high(Call.MEND, "Too fast for cold oil: reduce.");

  /** Shift below 850 rpm. */
  public static final Limit SPEED_AT_SHIFT =
      called("speed-at-shift", "speed when shifting", "rpm")
          .good(0, 850)
          .possible(0, 8000)
          .high(Call.MEND, "Too fast to shift: reduce, then engage firmly.");

  private static final Map<String, Limit> ALL = new TreeMap<>();

  static {
    List.of(
            WARM_PLATEAU,
            PLATEAU_CLOSED,
            WATER_AT_EXHAUST,
            WATER_PRESSURE,
            ENGINE_HOURS,
            FUEL_LEVEL,
            OIL_OUT,
            OIL_IN,
            BATTERY,
            BATTERY_AGE,
            BELT_DEFLECTION,
            BELT_TWIST,
            BELT_TWIST_AT_MOST,
            BELT_SHORT_SPAN,
            GLAND_DRIP,
            FACE_SEAL_DRIP,
            SIPHON_HEIGHT,
            PRESSURE_CAP,
            IMPELLER_VANES,
            SPEED_AFTER_START,
            SPEED_AT_SHIFT)
        .forEach(limit -> ALL.put(limit.key(), limit));
    for (Limit ofABelt :
        List.of(BELT_DEFLECTION, BELT_TWIST, BELT_TWIST_AT_MOST, BELT_SHORT_SPAN)) {
      Limit second = Belt.SECOND.of(ofABelt);
      ALL.put(second.key(), second);
    }
  }

  private Limits() {}

  /** The limit of this name, or a refusal. */
  public static Limit of(String key) {
    Limit limit = key == null ? null : ALL.get(key);
    if (limit == null) {
      throw Refused.value("limit", "There is no reading called \"%s\".".formatted(key));
    }
    return limit;
  }

  /** All of them. */
  public static List<Limit> all() {
    return List.copyOf(ALL.values());
  }

  /** Whether a reading says where a warm engine's gauge holds, whatever its cooling. */
  public static boolean isPlateau(String key) {
    return key.equals(WARM_PLATEAU.key()) || key.equals(PLATEAU_CLOSED.key());
  }

  private static Limit plateau(String key, double low, double high) {
    return called(key, "warm plateau", "°C")
        .good(low, high)
        .possible(-20, 130)
        .low(Call.MEND, THERMOSTAT_SHUT)
        .high(Call.STOP, TOO_HOT);
  }

  private static Limit noted(String key, String name, String unit, double most) {
    return called(key, name, unit).good(0, most).possible(0, most);
  }

  private static Limit called(String key, String name, String unit) {
    Range any = new Range(0, 0);
    return new Limit(key, name, unit, Text.NONE, null, any, any, NOTED, NOTED, null);
  }
}
