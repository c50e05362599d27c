package elsko.core.procedure;

import elsko.core.boat.Circuit;
import java.util.ArrayList;
import java.util.List;

/** Looks for what frost did, before anything is filled, started or launched. */
final class FrostLook {
  static final String KEY = "frost";

  private FrostLook() {}

  /** Of the circuits that frost may have broken when the card was opened; null when of none. */
  static Step whereItFroze(CardRequest request) {
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
  static Step inSpring(CardRequest request) {
    List<Circuit> all =
        request.boat().circuits().stream()
            .filter(c -> !c.isDryBuilt() && !c.segments().isEmpty())
            .toList();
    return all.isEmpty()
        ? null
        : step(request, all, "Look for what the winter did")
            .why("A crack found now is mended ashore; and it tells whether the lay-up held.")
            .written();
  }

  private static Step.Draft step(CardRequest request, List<Circuit> circuits, String title) {
    List<Ask> asks = new ArrayList<>();
    circuits.forEach(circuit -> asks.add(new Ask.Frost(circuit.name(), circuit.key())));
    return Step.called(KEY, title)
        .how(
            "With a light, along block, manifolds, coolers, pump and hoses: cracks, pushed-out core plugs,"
                + " bulged hoses, white or rusty runs. Ice in it: let it thaw by itself, then look again.")
        .tools(List.of("light", "mirror"))
        .hurts(
            "Nothing is started, turned or forced while there may be ice in it.",
            "No open flame and no heat gun in the bay.")
        .asks(asks)
        .minutes(4 + asks.size());
  }
}
