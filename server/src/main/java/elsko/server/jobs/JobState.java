package elsko.server.jobs;

/** How a job stands. */
public enum JobState {
  WAITS,
  RUNS,
  DONE,
  STOPPED,
  FAILED;

  boolean isOver() {
    return this != WAITS && this != RUNS;
  }
}
