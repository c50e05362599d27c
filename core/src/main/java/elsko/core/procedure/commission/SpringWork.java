package elsko.core.procedure.commission;

import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Step;
import java.util.List;

/**
 * What a step of a commissioning card is for, in the order it is done: whoever plans the day puts
 * like to like, and only the lift crew launches.
 */
public enum SpringWork {
  RESTORE("restore", "Put everything back ashore"),
  SERVICE("spring-service", "Due work and look-over"),
  ANTIFREEZE("antifreeze", "Antifreeze out into a catch"),
  LAUNCH(CommissionCard.LAUNCH, "Launch"),
  RUN("run", "Start it and watch"),
  SEACOCKS("seacocks", "Open the other seacocks"),
  DISINFECT("disinfect", "Disinfect domestic water"),
  RINSE("rinse", "Drain and rinse domestic water"),
  HAND_OVER("hand-over", "Hand it over");

  private final String key;
  private final String words;

  SpringWork(String key, String words) {
    this.key = key;
    this.words = words;
  }

  /** Key of the task it becomes. */
  public String key() {
    return key;
  }

  public String words() {
    return words;
  }

  private static final List<String> SERVICES =
      List.of(DueWork.KEY, DueWork.OF_THE_BOAT, CommissionCard.LOOK_OVER);

  /** What a step is for. */
  public static SpringWork of(Step step) {
    String kind = step.key().substring(step.key().lastIndexOf('.') + 1);
    if (kind.equals(Procedure.COMMISSION.lastStep())) {
      return HAND_OVER;
    }
    if (SERVICES.contains(kind)) {
      return SERVICE;
    }
    return switch (kind) {
      case CommissionCard.OUT_INTO_A_CATCH -> ANTIFREEZE;
      case CommissionCard.LAUNCH -> LAUNCH;
      case CommissionCard.START -> RUN;
      case CommissionCard.SEACOCKS -> SEACOCKS;
      case DisinfectWater.KEY -> DISINFECT;
      case DisinfectWater.RINSE -> RINSE;
      default -> RESTORE;
    };
  }
}
