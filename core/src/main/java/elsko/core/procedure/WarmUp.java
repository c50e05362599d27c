package elsko.core.procedure;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.ledger.StartBasis;
import java.util.List;

/** Water on, engine warm until the thermostat is open, engine off, water off. */
final class WarmUp implements Contributor {
  static final String KEY = "warm-up";

  /** A thermostat opens after 5 to 7 minutes; not after 10 is a finding. */
  private static final int OPENS_FROM = 5;

  private static final int OPENS_UNTIL = 10;

  @Override
  public List<Step> steps(OnCircuit on) {
    return on.circuit().isRawWater() ? List.of(step(on, KEY).written()) : List.of();
  }

  static Step.Draft step(OnCircuit on, String key) {
    FlushVariant variant = FlushVariant.usual(on.boat(), on.circuit());
    boolean afloat = on.request().state().afloat();
    return on.step(key, "Warm the engine until the thermostat opens")
        .how(
            afloat
                ? "Afloat, on the water it floats in. In neutral, below 2000 rpm. The gauge climbs, then"
                    + " stays flat after 5 to 7 minutes. Stop, then shut the seacock where there is one."
                : FlushWords.how(variant)
                    + " In neutral, below 2000 rpm. The gauge climbs, then stays flat after 5 to 7"
                    + " minutes. "
                    + FlushWords.end(variant))
        .why(
            "Behind a closed thermostat almost nothing flows through the block: it would neither rinse"
                + " nor drain as it should.")
        .tools(afloat ? List.of() : FlushWords.tools(variant))
        .hurts(Cautions.start(on))
        .asks(afloat ? afloat(on) : ashore(on, variant))
        .run(
            OPENS_FROM,
            OPENS_UNTIL,
            "The thermostat opens about now: the gauge stays flat.",
            "Not flat after 10 minutes: the thermostat is stuck open, or the engine has no load.")
        .minutes(10);
  }

  private static List<Ask> ashore(OnCircuit on, FlushVariant variant) {
    Running run = Rig.waterOn(on, variant);
    run.plateau("gauge holds at");
    return Rig.waterOff(on, run, variant).asks();
  }

  private static List<Ask> afloat(OnCircuit on) {
    return Running.of(on)
        .set(FittingKind.STRAINER_LID, FittingState.SEALED, "")
        .set(FittingKind.SEACOCK, FittingState.OPEN, "")
        .start(StartBasis.AFLOAT)
        .plateau("gauge holds at")
        .stop()
        .set(FittingKind.SEACOCK, FittingState.SHUT, "")
        .asks();
  }
}
