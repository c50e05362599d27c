package elsko.server.kit;

import elsko.core.kit.KitKind;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A piece that a step of a card wants.
 *
 * @param pieces that there are of its kind: those that fit first, then those nobody tried here
 */
record StepKitView(
    String step, String circuit, KitKind kind, String words, List<ChoiceView> pieces) {
  /**
   * One of them.
   *
   * @param fits null while nobody tried it on this circuit, or where any does
   * @param caution what to mind before it is used here; empty where nothing
   * @param redLine whether that forbids it
   */
  record ChoiceView(
      UUID id,
      String name,
      String size,
      @Nullable Boolean fits,
      String holder,
      String carriedWords,
      boolean carriesFluid,
      String caution,
      boolean redLine) {}
}
