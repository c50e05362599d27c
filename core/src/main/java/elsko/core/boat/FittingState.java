package elsko.core.boat;

import java.util.Locale;

/**
 * The ways a fitting can stand. Which of them a fitting knows is said by its {@link FittingKind}.
 */
public enum FittingState {
  IN,
  OUT_BAGGED,
  OUT_MISSING,
  ON,
  OFF,
  CLAMPED,
  HELM,
  ON_SEACOCK,
  OFFICE,
  DOWN,
  UP,
  AUTO,
  TARP,
  SHRINK_WRAP,
  FITTED,
  REMOVED,
  NONE,
  HOSE,
  SUCTION_CUP,
  BUCKET,
  TANK;

  /** As a sentence says it: "OUT, bagged". */
  public String words() {
    return switch (this) {
      case OUT_BAGGED -> "OUT, bagged";
      case OUT_MISSING -> "OUT, missing";
      case ON_SEACOCK -> "on the seacock";
      case SHRINK_WRAP -> "shrink-wrap";
      case SUCTION_CUP -> "suction cup";
      case HELM, OFFICE, TARP, HOSE, BUCKET, TANK -> name().toLowerCase(Locale.ROOT);
      default -> name();
    };
  }

  /** Whether a drain or plug in this state leaves its hole open. */
  public boolean isOut() {
    return this == OUT_BAGGED || this == OUT_MISSING;
  }
}
