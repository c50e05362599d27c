package elsko.core.procedure;

import elsko.core.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Collects what the contributors write and puts it in an order that respects the reasons. */
public final class CardWriter {
  private static final List<Contributor> CONTRIBUTORS =
      List.of(
          new WarmUp(),
          new Drain(),
          new Kick(),
          new PlugsBack(),
          new Pour(),
          new Draw(),
          new Prove(),
          new Close());

  private CardWriter() {}

  /** Writes the winterizing card. */
  public static Card write(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    CONTRIBUTORS.forEach(contributor -> steps.addAll(contributor.steps(request)));
    return new Card(request.method(), reason(request), ordered(steps));
  }

  private static String reason(CardRequest request) {
    return switch (request.method()) {
      case DRY ->
          "Nothing to dilute or dispose of; a pocket that did not drain is not protected, and every"
              + " plug must come back.";
      case POUR -> "Full strength, no engine run; preferred where water runs through the block.";
      case DRAW ->
          "Quick, reaches the exhaust; both block sides must be sampled, because cold fluid can close"
              + " the thermostat.";
    };
  }

  /** Stable: a step comes as early as it was written, but never before what it waits for. */
  static List<Step> ordered(List<Step> written) {
    List<Step> left = new ArrayList<>(written);
    List<Step> sorted = new ArrayList<>(written.size());
    Set<String> placed = new LinkedHashSet<>();
    Set<String> all = new LinkedHashSet<>();
    written.forEach(step -> all.add(step.key()));
    while (!left.isEmpty()) {
      Step next =
          left.stream()
              .filter(s -> s.after().stream().allMatch(k -> placed.contains(k) || !all.contains(k)))
              .findFirst()
              .orElseThrow(
                  () ->
                      new IllegalStateException(
                          "steps wait for each other: "
                              + Words.list(left.stream().map(Step::key).toList())));
      left.remove(next);
      sorted.add(next);
      placed.add(next.key());
    }
    return List.copyOf(sorted);
  }
}
