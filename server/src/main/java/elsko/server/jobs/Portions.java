package elsko.server.jobs;

/** How far a piece of work is; whoever does it says so between two portions. */
public interface Portions {
  /** How many there are. */
  void of(int total);

  /**
   * So many are done. Inside a transaction it is kept with it, so that after a restart none of them
   * is done twice.
   *
   * @throws Stopped when somebody does not want it any more
   */
  void reached(int done);

  /** Whether somebody does not want it any more. */
  boolean isStopping();

  /** How many were done before a restart. */
  int doneBefore();

  /** Somebody does not want it any more. */
  final class Stopped extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Stopped() {
      super("stopped", null, false, false);
    }
  }
}
