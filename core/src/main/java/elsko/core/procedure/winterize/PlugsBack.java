package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/** The drains go back before anything is filled in. */
public final class PlugsBack implements Contributor {
  public static final String KEY = "plugs-in";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!on.method().fills() || LowPoints.withADrain(on).isEmpty()) {
      return List.of();
    }
    boolean afterPour = on.circuit().centralDrain() && on.method() == Method.POUR;
    List<Ask> asks = new ArrayList<>();
    on.circuit().drains().forEach(drain -> asks.add(set(on.boat().fitting(drain), IN)));
    on.all(FittingKind.FLUSH_PORT).forEach(port -> asks.add(set(port, IN)));
    on.all(FittingKind.SENSOR_WIRE).forEach(wire -> asks.add(set(wire, ON)));
    if (asks.isEmpty()) {
      return List.of();
    }
    return List.of(
        on.step(
                KEY,
                afterPour
                    ? "Close the central drain"
                    : on.circuit().drains().isEmpty()
                        ? "Shut both ports again"
                        : "Put the drains back IN")
            .how(
                afterPour
                    ? "When undiluted color runs from it, close it and top up."
                    : "Snug, not tight, each from the bag into its own hole. The bag is counted when the boat is closed.")
            .why("What is filled in with a drain OUT runs out again.")
            .tools(on.toolsFor(on.circuit().drains()))
            .asks(asks)
            .after(
                afterPour
                    ? new String[] {on.key(Pour.KEY)}
                    : new String[] {
                      on.key(StepKey.DRAIN), on.key(StepKey.HOSES), on.key(StepKey.STRAINER)
                    })
            .minutes(3 + on.circuit().drains().size() / 2)
            .written());
  }

  private static Ask set(Fitting fitting, FittingState to) {
    return new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to);
  }
}
