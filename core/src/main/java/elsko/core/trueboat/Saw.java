package elsko.core.trueboat;

/** What whoever opens a low point sees. */
public enum Saw {
  RAN,
  NOTHING_CAME
}
