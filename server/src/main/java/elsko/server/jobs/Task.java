package elsko.server.jobs;

/** One kind of work, and how it is done. */
public interface Task {
  JobKind kind();

  /**
   * Does it, in portions short enough that nobody waits for one.
   *
   * @param about what it is about, as it was asked for
   * @param person who asked for it
   * @return what came of it, in plain words
   */
  String run(Portions portions, String about, String person);
}
