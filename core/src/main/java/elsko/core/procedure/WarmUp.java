package elsko.core.procedure;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.limits.Limit;
import java.util.ArrayList;
import java.util.List;

/** Water on, engine warm until the thermostat is open, engine off, water off. */
final class WarmUp implements Contributor {
  static final String KEY = "warm-up";

  @Override
  public List<Step> steps(CardRequest request) {
    String feed = request.only(FittingKind.FEED);
    List<Ask> asks = new ArrayList<>();
    asks.add(new Ask.Set("drive DOWN", request.only(FittingKind.DRIVE), FittingState.DOWN));
    asks.add(
        new Ask.Set(
            "exhaust cover OFF", request.only(FittingKind.EXHAUST_COVER), FittingState.OFF));
    asks.add(new Ask.Set("battery ON", request.only(FittingKind.BATTERY_SWITCH), FittingState.ON));
    asks.add(new Ask.Set("key at the helm", request.only(FittingKind.KEY), FittingState.HELM));
    asks.add(new Ask.Set("muffs on, water on", feed, FittingState.HOSE));
    asks.add(new Ask.Engine("start", true));
    asks.add(new Ask.Read("gauge holds at", Limit.WARM_PLATEAU.key(), Limit.WARM_PLATEAU.unit()));
    asks.add(new Ask.Engine("stop", false));
    asks.add(new Ask.Set("water off", feed, FittingState.NONE));
    return List.of(
        Step.called(KEY, "Warm the engine until the thermostat opens")
            .how(
                "Muffs seated without gaps, propeller clear, in neutral. Below 2000 rpm. The gauge"
                    + " climbs, then stays flat after 5 to 7 minutes. Stop the engine, then the water.")
            .why(
                "Behind a closed thermostat almost nothing flows through the block: it would"
                    + " neither rinse nor drain as it should.")
            .tools(List.of("flush muffs", "hose"))
            .hurts(
                "Petrol vapor: sniff and run the blower before the start.",
                "Exhaust gas kills: no engine run in a closed shed without extraction.",
                "Nobody near the propeller; hands and sleeves out of the bay while it runs.")
            .asks(asks)
            .minutes(10)
            .written());
  }
}
