package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.PourPoint;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/**
 * Antifreeze goes in at opened hoses: poured from the top, or pumped in by the circuit's own pump.
 */
public final class Pour implements Contributor {
  public static final String KEY = "pour";
  public static final String CLAMP = "clamp";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!on.method().fills() || !on.fillsAtHoses()) {
      return List.of();
    }
    List<PourPoint> points = on.circuit().pourPoints();
    List<String> hoses = points.stream().map(PourPoint::hose).toList();
    List<Ask> pours = new ArrayList<>();
    for (PourPoint point : points) {
      String hose = on.boat().fitting(point.hose()).name();
      pours.add(new Ask.Set(hose + " OFF", point.hose(), OFF));
      pours.add(
          new Ask.Fill(
              point.name(), on.circuit().key(), point.hose(), point.liters(), point.watch()));
    }
    List<Ask> clamps =
        on.circuit().hoses().stream()
            .map(
                hose ->
                    (Ask) new Ask.Set(on.boat().fitting(hose).name() + " clamped", hose, CLAMPED))
            .toList();
    String n = DrainWords.count(points.size());
    return List.of(
        on.step(KEY, PourWords.title(on, n))
            .how(PourWords.how(on))
            .why(PourWords.why(on))
            .tools(on.toolsFor(hoses))
            .hazards(Cautions.NO_GLYCOL_OF_THE_OTHER_KIND, Cautions.CATCH)
            .asks(pours)
            .after(
                on.circuit().centralDrain()
                    ? new String[] {on.key(StepKey.DRAIN), on.key(StepKey.STRAINER)}
                    : new String[] {
                      on.key(PlugsBack.KEY), on.key(StepKey.DRAIN), on.key(StepKey.HOSES)
                    })
            .minutes(5 + 4 * points.size())
            .written(),
        on.step(
                CLAMP,
                clamps.size() == 1
                    ? "Clamp the hose"
                    : "Clamp the %s hoses".formatted(DrainWords.count(clamps.size())))
            .how("Push each fully on, clamp, pull once by hand.")
            .why("A hose that is only pushed on holds until the first start.")
            .tools(on.toolsFor(on.circuit().hoses()))
            .asks(clamps)
            .after(on.key(KEY))
            .minutes(2 + clamps.size())
            .written());
  }
}
