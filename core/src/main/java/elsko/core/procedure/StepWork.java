package elsko.core.procedure;

import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.layup.LayUpServiceCard;
import elsko.core.procedure.layup.OilAgain;
import elsko.core.procedure.winterize.Draw;
import elsko.core.procedure.winterize.PlugsBack;
import elsko.core.procedure.winterize.Pour;
import elsko.core.procedure.winterize.Prove;
import java.util.List;

/** What a step of a winterizing card is for: whoever plans the day puts like to like. */
public enum StepWork {
  /** Warming, draining, looking into strainers, reading coolant. */
  EMPTY,
  /** Antifreeze in, hoses back. */
  FILL,
  PROVE,
  /** Cylinders oiled: last of all that is done to an engine. */
  CYLINDERS,
  CLOSE;

  private static final List<String> FILLS =
      List.of(Pour.KEY, Pour.CLAMP, Draw.KEY, Draw.HOSES_BACK, Prove.REMEDY, PlugsBack.KEY);

  /** What a step of a card is for. */
  public static StepWork of(Card card, Step step) {
    if (step.key().equals(card.procedure().lastStep())) {
      return CLOSE;
    }
    String kind = step.key().substring(step.key().lastIndexOf('.') + 1);
    if (isOf(kind, Prove.KEY)) {
      return PROVE;
    }
    if (kind.equals(LayUpServiceCard.PLUGS) || kind.equals(OilAgain.KEY)) {
      return CYLINDERS;
    }
    for (String fill : FILLS) {
      if (isOf(kind, fill)) {
        return FILL;
      }
    }
    return EMPTY;
  }

  /** The key itself, or one of its later rounds. */
  private static boolean isOf(String kind, String key) {
    return kind.equals(key) || kind.startsWith(key + "-");
  }
}
