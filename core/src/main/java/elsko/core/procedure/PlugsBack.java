package elsko.core.procedure;

import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.ledger.Method;
import java.util.ArrayList;
import java.util.List;

/** The drains go back before anything is filled in. */
final class PlugsBack implements Contributor {
  static final String KEY = "plugs-in";

  @Override
  public List<Step> steps(CardRequest request) {
    if (request.method() == Method.DRY) {
      return List.of();
    }
    boolean afterPour = request.circuit().centralDrain() && request.method() == Method.POUR;
    List<Ask> asks = new ArrayList<>();
    for (String drain : request.circuit().drains()) {
      asks.add(new Ask.Set(request.boat().fitting(drain).name() + " IN", drain, FittingState.IN));
    }
    for (Fitting wire : request.boat().fittingsOf(FittingKind.SENSOR_WIRE)) {
      asks.add(new Ask.Set(wire.name() + " ON", wire.key(), FittingState.ON));
    }
    asks.add(new Ask.Count("plugs left in the bag"));
    return List.of(
        Step.called(KEY, afterPour ? "Close the central drain" : "Put the drains back IN")
            .how(
                afterPour
                    ? "When undiluted color runs from it, close it and top up. Count what is left in"
                        + " the bag."
                    : "Snug, not tight. Count what is left in the bag against what is still out.")
            .why(
                "What is filled in with a drain OUT runs out again, and a plug that is not counted is"
                    + " the one that is missing in spring.")
            .tools(Drain.toolsFor(request, request.circuit().drains()))
            .asks(asks)
            .after(afterPour ? Pour.KEY : Drain.KEY)
            .minutes(5)
            .written());
  }
}
