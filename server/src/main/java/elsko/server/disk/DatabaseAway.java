package elsko.server.disk;

/** Nothing can be kept, or nothing read, at this moment. */
public final class DatabaseAway extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final Trouble trouble;

  DatabaseAway(Trouble trouble) {
    super(trouble.words(), null, false, false);
    this.trouble = trouble;
  }

  Trouble trouble() {
    return trouble;
  }

  /** Whether it was known already, and this follows from it. */
  static boolean isIn(Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof DatabaseAway) {
        return true;
      }
    }
    return false;
  }
}
