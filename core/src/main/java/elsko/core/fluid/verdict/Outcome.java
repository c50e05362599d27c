package elsko.core.fluid.verdict;

/** The verdict on one low point. */
public enum Outcome {
  PROVEN,
  PROVEN_WITH_REMARK,
  HELD,
  RETAKE,
  CHANGE_PRODUCT;

  /** Good enough for the design low with margin. */
  public boolean proves() {
    return this == PROVEN || this == PROVEN_WITH_REMARK;
  }
}
