package elsko.core.kit;

import org.jspecify.annotations.Nullable;

/** What went through a piece last. */
public enum Carried {
  RINSED("rinsed"),
  ANTIFREEZE("antifreeze"),
  ACID("acid");

  private final String words;

  Carried(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * Why something must not go through it after this; null where it may. Acid before antifreeze is a
   * red line: it would stay in the engine all winter.
   */
  public @Nullable String redLineBefore(Carried next) {
    return this == ACID && next == ANTIFREEZE
        ? "It carried acid last and was not rinsed: that acid would stand in the engine all winter. Rinse it, and say so."
        : null;
  }

  /** What to mind before something goes through it after this; empty where nothing. */
  public String cautionBefore(Carried next) {
    String redLine = redLineBefore(next);
    if (redLine != null) {
      return redLine;
    }
    return this == ANTIFREEZE && next == ACID
        ? "It carried antifreeze last: rinse it, or the acid is thinned and spent on it."
        : "";
  }
}
