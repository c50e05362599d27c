package elsko.core.boat.path;

import java.util.Locale;

/**
 * The ways a fitting can stand. Which of them a fitting knows is said by its {@link FittingKind}.
 */
public enum FittingState {
  IN,
  OUT,
  OUT_BAGGED,
  OUT_MISSING,
  OPEN,
  SHUT,
  SEALED,
  SEATED,
  MISSING,
  NORMAL,
  BYPASSED,
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
  TANK,
  /** Kept filled through the open lid of the strainer. */
  STRAINER,
  /** Through the bilge branch on the intake. */
  BILGE_BRANCH,
  LOW_LOAD_ONLY;

  /** As a sentence says it: "OUT, bagged". */
  public String words() {
    return switch (this) {
      case OUT_BAGGED -> "OUT, bagged";
      case OUT_MISSING -> "OUT, missing";
      case ON_SEACOCK -> "on the seacock";
      case SHRINK_WRAP -> "shrink-wrap";
      case SUCTION_CUP -> "suction cup";
      case STRAINER -> "through the open strainer";
      case BILGE_BRANCH -> "bilge branch";
      case LOW_LOAD_ONLY -> "low load only";
      case HELM -> "at the helm";
      case OFFICE -> "in the office";
      case TARP, HOSE, BUCKET, TANK, MISSING -> name().toLowerCase(Locale.ROOT);
      default -> name();
    };
  }

  /** Whether a plug, cap or port in this state leaves its hole open. */
  public boolean isOut() {
    return this == OUT || this == OUT_BAGGED || this == OUT_MISSING;
  }
}
