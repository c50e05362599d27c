package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.FittingKind;
import elsko.core.boat.SegmentKind;
import elsko.core.limits.Interval;
import java.util.ArrayList;
import java.util.List;

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
  List<Interval> makesDue(Boat boat, Circuit circuit) {
    List<Interval> due = new ArrayList<>();
    if (!boat.fittingsOf(circuit, FittingKind.IMPELLER).isEmpty()) {
      due.add(Interval.IMPELLER);
    }
    if (circuit.isRawWater()
        && (circuit.hasSegment(SegmentKind.ELBOW) || circuit.hasSegment(SegmentKind.RISER))) {
      due.add(Interval.ELBOW);
    }
    return due;
  }
}
