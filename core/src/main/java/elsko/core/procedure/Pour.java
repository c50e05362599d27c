package elsko.core.procedure;

import elsko.core.boat.FittingState;
import elsko.core.boat.PourPoint;
import elsko.core.ledger.Method;
import java.util.ArrayList;
import java.util.List;

/** Antifreeze from the top, into each hose at the thermostat housing. */
final class Pour implements Contributor {
  static final String KEY = "pour";
  static final String CLAMP = "clamp";

  @Override
  public List<Step> steps(CardRequest request) {
    if (request.method() != Method.POUR) {
      return List.of();
    }
    List<PourPoint> points = request.circuit().pourPoints();
    List<String> hoses = points.stream().map(PourPoint::hose).toList();
    List<Ask> pours = new ArrayList<>();
    List<Ask> clamps = new ArrayList<>();
    for (PourPoint point : points) {
      String hose = request.boat().fitting(point.hose()).name();
      pours.add(new Ask.Set(hose + " OFF", point.hose(), FittingState.OFF));
      pours.add(
          new Ask.Fill(
              point.name(), request.circuit().key(), point.hose(), point.liters(), point.watch()));
      clamps.add(new Ask.Set(hose + " clamped", point.hose(), FittingState.CLAMPED));
    }
    boolean central = request.circuit().centralDrain();
    return List.of(
        Step.called(KEY, "Pour into the five hoses")
            .how(
                "Open each hose at the housing and pour until you see what its line says. The lot on"
                    + " the jug goes on the record.")
            .why(
                "Poured from the top into a drained engine it stays undiluted, and the thermostat does"
                    + " not matter.")
            .tools(Drain.toolsFor(request, hoses))
            .hurts(
                "Propylene glycol only; ethylene glycol is poison and never goes into raw water.",
                "Catch what runs out; do not let it reach the water where rules forbid it.")
            .asks(pours)
            .after(central ? new String[] {Drain.KEY} : new String[] {PlugsBack.KEY})
            .minutes(25)
            .written(),
        Step.called(CLAMP, "Clamp the five hoses")
            .how("Push each fully on, clamp, pull once by hand.")
            .why("A hose that is only pushed on holds until the first start.")
            .tools(Drain.toolsFor(request, hoses))
            .asks(clamps)
            .after(KEY)
            .minutes(8)
            .written());
  }
}
