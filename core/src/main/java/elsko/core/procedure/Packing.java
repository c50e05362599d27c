package elsko.core.procedure;

import elsko.core.kit.KitKind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What somebody carries for what is open on a day's cards: each thing once, and for which boats.
 */
public final class Packing {
  /** What kind of thing it is, in the order it is packed. */
  public enum Kind {
    KIT,
    FLUID,
    PART,
    TOOL
  }

  /**
   * One thing.
   *
   * @param liters of a fluid, for all boats together; else null
   * @param boats names, in the order they come
   */
  public record ToCarry(Kind kind, String words, @Nullable Double liters, List<String> boats) {}

  private final Map<String, ToCarry> lines = new LinkedHashMap<>();

  private Packing() {}

  /**
   * The lines of these cards.
   *
   * @param cards opened or laid out, in the order of the day
   */
  public static List<ToCarry> of(List<CardRequest> cards) {
    Packing packing = new Packing();
    for (CardRequest card : cards) {
      for (Step step : CardWriter.write(card).steps()) {
        if (!card.progress().isSettled(step.key())) {
          packing.add(card, step);
        }
      }
    }
    return packing.lines.values().stream().sorted(Comparator.comparing(ToCarry::kind)).toList();
  }

  private void add(CardRequest card, Step step) {
    String boat = card.boat().name();
    for (KitKind kind : KitNeeded.of(card, step).kinds()) {
      add(Kind.KIT, kind.words(), null, boat);
    }
    for (String tool : step.tools()) {
      add(Kind.TOOL, tool, null, boat);
    }
    Ask.only(Ask.Fill.class, step.asks())
        .forEach(fill -> add(Kind.FLUID, "antifreeze", fill.liters(), boat));
    Ask.only(Ask.Descale.class, step.asks())
        .forEach(acid -> add(Kind.FLUID, "descaler, mixed", acid.liters(), boat));
    Ask.only(Ask.Pick.class, step.asks()).forEach(part -> add(Kind.PART, part.label(), null, boat));
  }

  /** What is a piece of the yard's kit and named as a tool too is one thing. */
  private void add(Kind kind, String words, @Nullable Double liters, String boat) {
    lines.merge(
        words,
        new ToCarry(kind, words, liters, List.of(boat)),
        (before, now) -> {
          List<String> boats = new ArrayList<>(before.boats());
          if (!boats.contains(boat)) {
            boats.add(boat);
          }
          return new ToCarry(
              before.kind().compareTo(kind) < 0 ? before.kind() : kind,
              words,
              liters == null ? before.liters() : (Double) (before.liters() + liters),
              List.copyOf(boats));
        });
  }
}
