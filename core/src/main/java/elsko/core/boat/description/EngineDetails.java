package elsko.core.boat.description;

import elsko.core.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What is known of an engine beyond its water path. Anything may be null: nobody has said.
 *
 * @param hours as read on arrival, h
 * @param oilLiters engine oil with filter, L
 * @param oilReadWarm its level is read warm; cold otherwise
 * @param gearOilLiters gearbox, saildrive or drive-leg oil, L
 * @param coolantLiters of the coolant side, L
 * @param siphonBreakM height of the siphon break over the waterline, m
 * @param plateauC its own normal gauge reading when warm, °C
 * @param alarmC where its warning comes, °C
 * @param powerClass how big it is; null: as its fuel, cylinders and hull propose
 * @param thermostatC what is stamped on its thermostat, °C
 * @param mufflerLiters what its muffler or water lift holds, L
 * @param drawsLitersPerMinute of raw water at idle, as somebody measured it
 * @param belts how many it has, 1 or 2; null: two where its raw-water pump has its own
 * @param adjustableValves its valve clearance can be set
 * @param weakPoints the yard's note
 */
public record EngineDetails(
    @Nullable Integer year,
    @Nullable Double hours,
    @Nullable Double oilLiters,
    String oilGrade,
    @Nullable Boolean oilReadWarm,
    @Nullable Double gearOilLiters,
    @Nullable Double coolantLiters,
    String impellerPart,
    @Nullable Double siphonBreakM,
    @Nullable Double plateauC,
    @Nullable Double alarmC,
    @Nullable PowerClass powerClass,
    @Nullable Double thermostatC,
    @Nullable Double mufflerLiters,
    @Nullable Double drawsLitersPerMinute,
    @Nullable Integer belts,
    @Nullable Boolean adjustableValves,
    String coldStart,
    String weakPoints) {

  /** Nothing is known. */
  public static final EngineDetails NONE =
      new EngineDetails(
          null, null, null, "", null, null, null, "", null, null, null, null, null, null, null,
          null, null, "", "");

  public EngineDetails {
    if (year != null) {
      Refused.within("year", year, 1900, 2100, "");
    }
    hours = within("hours", hours, 0, 100_000, " h");
    oilLiters = within("oilLiters", oilLiters, 0.3, 120, " L");
    gearOilLiters = within("gearOilLiters", gearOilLiters, 0.1, 60, " L");
    coolantLiters = within("coolantLiters", coolantLiters, 0.5, 200, " L");
    siphonBreakM = within("siphonBreakM", siphonBreakM, 0, 5, " m");
    plateauC = within("plateauC", plateauC, 40, 110, " °C");
    alarmC = within("alarmC", alarmC, 50, 130, " °C");
    thermostatC = within("thermostatC", thermostatC, 40, 110, " °C");
    mufflerLiters = within("mufflerLiters", mufflerLiters, 0.5, 200, " L");
    drawsLitersPerMinute = within("drawsLitersPerMinute", drawsLitersPerMinute, 1, 200, " L/min");
    if (belts != null) {
      Refused.within("belts", belts, 1, 2, "");
    }
    oilGrade = BoatDescription.optional("oilGrade", oilGrade, 60);
    impellerPart = BoatDescription.optional("impellerPart", impellerPart, 60);
    coldStart = BoatDescription.optional("coldStart", coldStart, 500);
    weakPoints = BoatDescription.optional("weakPoints", weakPoints, 500);
  }

  /** The same, of an engine so big. */
  EngineDetails sized(PowerClass known) {
    return new EngineDetails(
        year,
        hours,
        oilLiters,
        oilGrade,
        oilReadWarm,
        gearOilLiters,
        coolantLiters,
        impellerPart,
        siphonBreakM,
        plateauC,
        alarmC,
        known,
        thermostatC,
        mufflerLiters,
        drawsLitersPerMinute,
        belts,
        adjustableValves,
        coldStart,
        weakPoints);
  }

  private static @Nullable Double within(
      String field, @Nullable Double value, double low, double high, String unit) {
    return value == null ? null : (Double) Refused.within(field, value, low, high, unit);
  }
}
