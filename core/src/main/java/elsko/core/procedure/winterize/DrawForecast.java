package elsko.core.procedure.winterize;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.boat.path.Method;
import elsko.core.fill.CircuitPath;
import elsko.core.fill.FillPath;
import elsko.core.fill.FillQuestion;
import elsko.core.fill.FillTarget;
import elsko.core.fill.Prediction;
import elsko.core.fluid.Base;
import elsko.core.ledger.learned.Learned;
import elsko.core.procedure.request.OnCircuit;
import org.jspecify.annotations.Nullable;

/**
 * How much to have in the tank for a draw, and what leaves at the end. How far water is washed out
 * does not depend on how strong the product is, so it is worked out before anyone has chosen one.
 *
 * @param liters in whole liters
 * @param caughtLiters leave at the end of the path
 * @param took what it took in earlier years; null where nobody knows
 * @param keeps the weakest place is predicted to keep enough strength to be proven
 */
record DrawForecast(double liters, double caughtLiters, boolean keeps, @Nullable Learned took) {
  private static final double ANY_STRENGTH = 0.3;

  /** In hand for more water than a clear drain leaves. */
  private static final double RESERVE = 1.15;

  /** Where it is never reached, so often the path's volume is drawn; samples tell the rest. */
  private static final double OF_VOLUME_AT_MOST = 5;

  private record Question(String circuit, Method method) {}

  /** By the forecast; where it was drawn through before, by what that took until color came. */
  static DrawForecast of(OnCircuit on) {
    DrawForecast forecast =
        on.boat().workedOut(new Question(on.circuit().key(), on.method()), () -> workedOut(on));
    Learned took = on.request().state().learned(Learned.Kind.FILL_TOOK, on.circuit().key());
    return took == null
        ? forecast
        : new DrawForecast(
            Math.ceil(took.value()), forecast.caughtLiters(), forecast.keeps(), took);
  }

  private static DrawForecast workedOut(OnCircuit on) {
    FillPath path =
        CircuitPath.planned(on.circuit(), on.boat().drawReaches(on.circuit()), on.method());
    Prediction reach = Prediction.of(question(on, path, 0));
    double most = Math.ceil(OF_VOLUME_AT_MOST * path.liters());
    Double needed = reach.litersToReach();
    double liters = needed == null ? most : Math.min(most, Math.ceil(RESERVE * needed));
    return new DrawForecast(
        liters,
        Prediction.of(question(on, path, liters)).exhaustLiters(),
        needed != null && needed <= most,
        null);
  }

  /** What to have ready and what to expect. */
  Text words() {
    if (took != null) {
      return Text.of(
          "It took %s %s: have %s ready, and sample every low point.",
          Quantity.liters(took.value()),
          took.times() == 1 ? "last time" : "in the middle of %d times".formatted(took.times()),
          Quantity.liters(liters));
    }
    Text caught =
        Text.of("about %s come out at the end: catch them", Quantity.liters(caughtLiters));
    return keeps
        ? Text.of(
            "By the forecast %s leave the weakest place strong enough to prove; %s.",
            Quantity.liters(liters), caught)
        : Text.of(
            "By the forecast even %s may leave a weak place: sample every low point; %s.",
            Quantity.liters(liters), caught);
  }

  private static FillQuestion question(OnCircuit on, FillPath path, double liters) {
    FillTarget target = liters == 0 ? FillTarget.strengthKept(ANY_STRENGTH) : null;
    return new FillQuestion(Base.PG, ANY_STRENGTH, on.method(), liters, true, path, target);
  }
}
