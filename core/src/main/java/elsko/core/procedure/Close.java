package elsko.core.procedure;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Method;
import java.util.ArrayList;
import java.util.List;

/** Bag counted and hung on the wheel, key away, battery off, exhaust and boat covered. */
final class Close implements Contributor {
  static final String KEY = CardProgress.LAST_STEP;

  @Override
  public List<Step> steps(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    asks.add(new Ask.Count("plugs in the bag on the wheel"));
    asks.add(
        new Ask.Set("battery OFF", request.only(FittingKind.BATTERY_SWITCH), FittingState.OFF));
    asks.add(new Ask.Set("key to the office", request.only(FittingKind.KEY), FittingState.OFFICE));
    asks.add(
        new Ask.Set("exhaust cover ON", request.only(FittingKind.EXHAUST_COVER), FittingState.ON));
    asks.add(new Ask.Set("cover: tarp", request.only(FittingKind.COVER), FittingState.TARP));
    return List.of(
        Step.called(KEY, "Close the boat")
            .how(
                "Hang the bag on the wheel with the helm tag: what is out, filled with what, by whom,"
                    + " and DO NOT START. Covers on; the fuel vent stays free.")
            .why("In spring somebody else must see at one look how the boat was left.")
            .tools(List.of("bag", "helm tag", "tarp"))
            .hurts(
                "A fuel vent is never sealed.",
                "Boat on stands: nobody moves a stand; lift crew only.")
            .asks(asks)
            .after(
                request.method() == Method.DRY
                    ? new String[] {Drain.KEY, Drain.HOSES, Kick.KEY}
                    : request.method() == Method.POUR
                        ? new String[] {Prove.lastKey(request), Pour.CLAMP}
                        : new String[] {Prove.lastKey(request)})
            .minutes(15)
            .written());
  }
}
