package elsko.core.limits;

import static elsko.core.limits.Call.GOOD;
import static elsko.core.limits.Call.MEND;
import static elsko.core.limits.Call.STOP;
import static elsko.core.limits.Condition.called;

import java.util.List;

/**
 * What is looked at on the round before casting off. Findings as the handbook's limits have them.
 */
public final class RoundConditions {
  public static final Condition STRAINER =
      called("strainer", "strainer", "through the lid, seacock OPEN")
          .or("clear", "clear", GOOD, "")
          .or(
              "debris",
              "debris in it",
              MEND,
              "Clean it before the trip: seacock SHUT, lid off, basket brushed, lid sealed by hand.")
          .or("blocked", "blocked, or air under the lid", STOP, "Stop: clean it and seal the lid.");

  public static final Condition WATER_LEAKS =
      called("water-leaks", "raw-water hoses and pump", "looked along with a lamp")
          .or("dry", "dry", GOOD, "")
          .or("drip", "a drip", MEND, "Clamp or seal: after the trip at the latest.")
          .or("runs", "water runs", STOP, "Stop: seacock SHUT, then find it.");

  public static final Condition BILGE =
      called("bilge", "bilge", "against last time")
          .or("dry", "dry, or as last time", GOOD, "")
          .or("damp", "a little, fresh", MEND, "Condensation or rain: dry it, look again tomorrow.")
          .or(
              "more",
              "more than last time",
              STOP,
              "Stop: where first? Stern: shaft seal. Engine bay: pump, hoses. Forward: skin"
                  + " fittings.");

  public static final Condition MOUNTS =
      called("mounts", "mounts and bolts", "every foot, with a hand on it")
          .or("tight", "tight", GOOD, "")
          .or("loose", "a bolt loose", MEND, "Tighten it into its own hole.")
          .or("broken", "a mount broken", STOP, "Stop: the shaft is out of line.");

  public static final Condition ELECTRICS =
      called("electrics", "terminals and alternator", "looked at, battery isolated")
          .or("tight", "tight and dry", GOOD, "")
          .or("corroded", "corroded", MEND, "Clean them.")
          .or(
              "loose",
              "loose, chafed or warm",
              STOP,
              "Stop: it burns or leaves you without power.");

  public static final Condition CAPS_BACK =
      called("caps-back", "caps and dipsticks", "every one that was opened")
          .or("back", "all back", GOOD, "")
          .or("off", "one is off", STOP, "Stop: put it back.");

  public static final Condition SPARES =
      called("spares", "spares aboard", "belts, impeller, filters, oil, fuse")
          .or("all", "all there", GOOD, "")
          .or("missing", "something is missing", MEND, "Before the next long trip.");

  public static final Condition VAPOR =
      called("vapor", "petrol vapor", "sniffed in the bay, then the blower for 4 minutes")
          .or("none", "nothing smelt, blower has run", GOOD, "")
          .or(
              "smelt",
              "petrol smelt",
              STOP,
              "Stop: no switch, no ignition. Hatches open, everybody off, find the leak.");

  public static final Condition NEUTRAL =
      called("neutral", "lever", "")
          .or("neutral", "in neutral", GOOD, "")
          .or("in-gear", "in gear", STOP, "Stop: neutral first.");

  public static final Condition LANYARD =
      called("lanyard", "lanyard of the stop switch", "on whoever steers")
          .or("worn", "clipped on", GOOD, "")
          .or(
              "not-fitted",
              "this boat has none",
              MEND,
              "Have one fitted: nobody stops it when the helm is empty.")
          .or("off", "not worn", STOP, "Stop: clip it on first.");

  public static final Condition PROPELLER_CLEAR =
      called("propeller-clear", "around the propeller", "over the side")
          .or("clear", "nobody and no line near", GOOD, "")
          .or("not-clear", "somebody or a line is near", STOP, "Stop: clear it first.");

  public static final Condition LEG_SEAL =
      called("leg-seal", "seal of the leg", "its alarm, or the gap between its two rings")
          .or("dry", "dry, no alarm", GOOD, "")
          .or("wet", "water or an alarm", STOP, "Stop: the ring is all that keeps the sea out.");

  static final List<Condition> ALL =
      List.of(
          STRAINER,
          WATER_LEAKS,
          BILGE,
          MOUNTS,
          ELECTRICS,
          CAPS_BACK,
          SPARES,
          VAPOR,
          NEUTRAL,
          LANYARD,
          PROPELLER_CLEAR,
          LEG_SEAL);

  private RoundConditions() {}
}
