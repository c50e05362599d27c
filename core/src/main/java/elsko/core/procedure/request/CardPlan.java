package elsko.core.procedure.request;

import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import java.util.List;

/** What one procedure puts on a card. The last step written ends it. */
public interface CardPlan {
  List<Step> steps(CardRequest request);

  /** How each circuit is done, where there is a choice. */
  default List<Card.Chosen> chosen(CardRequest request) {
    return List.of();
  }

  /** What it leaves out. */
  default List<Card.NotCovered> notCovered(CardRequest request) {
    return List.of();
  }
}
