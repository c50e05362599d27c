package elsko.core.procedure.part;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Looks for what frost did, before anything is filled, started or launched. */
public final class FrostLook {
  public static final String KEY = "frost";

  private FrostLook() {}

  /** Of the circuits that frost may have broken when the card was opened; null when of none. */
  public static Step whereItFroze(CardRequest request) {
    List<Circuit> froze =
        request.boat().circuits().stream()
            .filter(c -> request.progress().before().frosted().contains(c.key()))
            .toList();
    return froze.isEmpty()
        ? null
        : step(request, froze, "Look for what the frost did")
            .why(
                "Water stood in it through a frost, or through days whose weather nobody kept. A crack holds"
                    + " no antifreeze, and shows only when the ice has gone.")
            .written();
  }

  /** Of everything that water can break; what autumn promised is held against it. */
  public static Step inSpring(CardRequest request) {
    List<Circuit> all = mayCrack(request.boat()).toList();
    return all.isEmpty()
        ? null
        : step(request, all, "Look for what the winter did")
            .why("A crack found now is mended ashore; and it tells whether the lay-up held.")
            .written();
  }

  private static Stream<Circuit> mayCrack(Boat boat) {
    return boat.circuits().stream().filter(c -> !c.isDryBuilt() && !c.segments().isEmpty());
  }

  /**
   * Names of the circuits nobody looked at though the step was left behind: to have no time for it
   * is no finding.
   */
  public static List<String> notLookedAt(CardProgress commissioning, Boat boat) {
    CardProgress.StepProgress look = commissioning.step(KEY);
    if (look.standing() != CardProgress.Standing.SKIPPED) {
      return List.of();
    }
    Set<String> looked = new HashSet<>();
    for (Entry entry : look.entries()) {
      Fact.FrostLooked found = entry.fact().as(Fact.FrostLooked.class);
      if (found != null) {
        looked.add(found.circuit());
      }
    }
    return mayCrack(boat).filter(c -> !looked.contains(c.key())).map(Circuit::name).toList();
  }

  private static Step.Draft step(CardRequest request, List<Circuit> circuits, String title) {
    List<Ask> asks = new ArrayList<>();
    circuits.forEach(circuit -> asks.add(new Ask.Frost(circuit.name(), circuit.key())));
    return Step.called(KEY, title)
        .how(
            "With a light, along block, manifolds, coolers, pump and hoses: cracks, pushed-out core plugs,"
                + " bulged hoses, white or rusty runs. Ice in it: let it thaw by itself, then look again.")
        .tools(List.of("light", "mirror"))
        .hazards(
            "Nothing is started, turned or forced while there may be ice in it.",
            "No open flame and no heat gun in the bay.")
        .asks(asks)
        .minutes(4 + asks.size());
  }
}
