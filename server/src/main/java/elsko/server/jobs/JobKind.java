package elsko.server.jobs;

/** What is done apart. */
public enum JobKind {
  /** The newest does for all before it. */
  REASSESS("Every boat is judged anew", true),
  PLANNING("The walks are planned", false),
  IMPORT("A fleet file is taken in", false),
  LETTERS("Lay-up reports are written", true),
  BACKUP("A backup is written", true);

  private final String words;
  private final boolean goesOn;

  JobKind(String words, boolean goesOn) {
    this.words = words;
    this.goesOn = goesOn;
  }

  /** In plain words, while it is done. */
  public String words() {
    return words;
  }

  /** Whether it is gone on with after a restart; else it has ended with nothing kept. */
  boolean goesOn() {
    return goesOn;
  }
}
