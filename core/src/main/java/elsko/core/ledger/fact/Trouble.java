package elsko.core.ledger.fact;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.limits.Interval;
import java.util.List;
import java.util.stream.Stream;

/** What an engine went through that makes checks due at once, whatever their dates. */
public enum Trouble {
  RAN_DRY("ran dry"),
  RAN_HOT("ran hot");

  private final String words;

  Trouble(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * What is due at once, of what an engine has: rubber that ran without water tears, and what it
   * loses lies in the cooling path.
   */
  public List<Interval> makesDue(Boat boat, Circuit circuit) {
    return Stream.of(Interval.IMPELLER, Interval.ELBOW)
        .filter(interval -> FallsDue.on(boat, circuit, interval))
        .toList();
  }
}
