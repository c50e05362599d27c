package elsko.core.trueboat;

import elsko.core.boat.path.LowPoint;
import java.util.List;

/** A low point as it really is: what it lets out, and what lies in its way. */
final class Opening {
  /** Less than that is not seen to run, L. */
  private static final double SEEN_LITERS = 0.03;

  private final LowPoint point;
  private final List<Vessel> vessels;
  private Condition condition;

  /** Something came out of it since somebody looked at it. */
  private boolean runs;

  Opening(LowPoint point, List<Vessel> vessels, Condition condition) {
    this.point = point;
    this.vessels = vessels;
    this.condition = condition;
  }

  LowPoint point() {
    return point;
  }

  /** Lets out what runs; {@code vented}: air gets in above. */
  Saw letOut(boolean vented) {
    boolean passes = condition == Condition.CLEAR || condition == Condition.AIR_LOCKED && vented;
    if (!passes) {
      return Saw.NOTHING_CAME;
    }
    double came = vessels.stream().mapToDouble(Vessel::runOut).sum();
    runs |= came > SEEN_LITERS;
    return came > SEEN_LITERS ? Saw.RAN : Saw.NOTHING_CAME;
  }

  /** Whether something came since it was looked at last. */
  boolean look() {
    boolean came = runs;
    runs = false;
    return came;
  }

  /** Silt gives way; scale does not. */
  void rod() {
    if (condition == Condition.SILTED) {
      condition = Condition.CLEAR;
    }
  }

  /** Whether a rod gets to the cavity. */
  boolean rodGoesIn() {
    return condition != Condition.SCALED;
  }

  /** What a bottle held under it catches; water where nothing stands. */
  double sample() {
    Vessel speaks =
        vessels.stream()
            .filter(vessel -> vessel.segment().key().equals(point.segment()))
            .findFirst()
            .orElse(vessels.get(0));
    return speaks.atLowEnd();
  }

  /** Whether a bottle held under it fills. */
  boolean fillsABottle() {
    boolean runs = condition == Condition.CLEAR || condition == Condition.AIR_LOCKED;
    return runs && vessels.stream().mapToDouble(Vessel::liters).sum() > SEEN_LITERS;
  }
}
