package elsko.core.boat;

import elsko.core.Refused;

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
 * @param weakPoints the yard's note
 */
public record EngineDetails(
    Integer year,
    Double hours,
    Double oilLiters,
    String oilGrade,
    Boolean oilReadWarm,
    Double gearOilLiters,
    Double coolantLiters,
    String impellerPart,
    Double siphonBreakM,
    Double plateauC,
    Double alarmC,
    String coldStart,
    String weakPoints) {

  /** Nothing is known. */
  public static final EngineDetails NONE =
      new EngineDetails(null, null, null, "", null, null, null, "", null, null, null, "", "");

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
    oilGrade = BoatDescription.optional("oilGrade", oilGrade, 60);
    impellerPart = BoatDescription.optional("impellerPart", impellerPart, 60);
    coldStart = BoatDescription.optional("coldStart", coldStart, 500);
    weakPoints = BoatDescription.optional("weakPoints", weakPoints, 500);
  }

  private static Double within(String field, Double value, double low, double high, String unit) {
    return value == null ? null : (Double) Refused.within(field, value, low, high, unit);
  }
}
