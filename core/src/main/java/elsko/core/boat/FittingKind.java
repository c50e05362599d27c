package elsko.core.boat;

import static elsko.core.boat.FittingState.*;

import java.util.List;

/** What a person can set on a boat, and the states it can be set to, in-commission first. */
public enum FittingKind {
  DRAIN_PLUG(false, IN, OUT_BAGGED, OUT_MISSING),
  THREADED_SENSOR(false, IN, OUT_BAGGED, OUT_MISSING),
  SENSOR_WIRE(false, ON, OFF),
  HULL_PLUG(true, IN, OUT_BAGGED),
  HOSE_END(false, CLAMPED, OFF),
  BATTERY_SWITCH(true, ON, OFF),
  KEY(true, HELM, ON_SEACOCK, OFFICE),
  DRIVE(true, DOWN, UP),
  BILGE_PUMP(true, AUTO, OFF),
  EXHAUST_COVER(true, OFF, ON),
  COVER(true, OFF, TARP, SHRINK_WRAP),
  SPARK_PLUGS(false, FITTED, REMOVED),
  BELT(false, FITTED, REMOVED),
  IMPELLER(false, FITTED, REMOVED),
  FEED(false, NONE, HOSE, SUCTION_CUP, BUCKET, TANK);

  private final boolean concernsMoving;
  private final List<FittingState> states;

  FittingKind(boolean concernsMoving, FittingState... states) {
    this.concernsMoving = concernsMoving;
    this.states = List.of(states);
  }

  public List<FittingState> states() {
    return states;
  }

  public FittingState inCommission() {
    return states.get(0);
  }

  /** Whether whoever moves boats may set it. */
  public boolean concernsMoving() {
    return concernsMoving;
  }

  /** A plug or threaded sensor whose hole drains a segment. */
  public boolean isDrain() {
    return this == DRAIN_PLUG || this == THREADED_SENSOR;
  }

  /** Something that goes into the bag on the wheel when it is taken out. */
  public boolean isBagged() {
    return isDrain() || this == HULL_PLUG;
  }
}
