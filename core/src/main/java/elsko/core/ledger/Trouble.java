package elsko.core.ledger;

import elsko.core.limits.Interval;
import java.util.List;

/** What an engine went through that makes checks due at once, whatever their dates. */
public enum Trouble {
  RAN_DRY("ran dry"),
  RAN_HOT("ran hot");

  /** Rubber that ran without water tears, and what it loses lies in the cooling path. */
  private static final List<Interval> DUE = List.of(Interval.IMPELLER, Interval.ELBOW);

  private final String words;

  Trouble(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What is due at once. */
  List<Interval> makesDue() {
    return DUE;
  }
}
