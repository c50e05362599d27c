package elsko.server.yard;

/** Where boats stand. */
public enum AreaKind {
  /** In the open, on stands. */
  ROWS,
  /** Under a roof. */
  SHED,
  /** One above the other. */
  RACK,
  /** On the water. */
  DOCK;

  public boolean afloat() {
    return this == DOCK;
  }
}
