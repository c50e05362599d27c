package elsko.core.boat.path;

import static elsko.core.boat.path.FittingState.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a person can set on a boat, and the states it can be set to, in-commission first. */
public enum FittingKind {
  SEACOCK("seacock", OPEN, SHUT),
  BILGE_BRANCH("bilge branch", SHUT, OPEN),
  DRAIN_PLUG("drain plug", IN, OUT_BAGGED, OUT_MISSING),
  PETCOCK("petcock", IN, OUT_BAGGED, OUT_MISSING),
  THREADED_SENSOR("threaded sensor", IN, OUT_BAGGED, OUT_MISSING),
  SENSOR_WIRE("sensor wire", ON, OFF),
  HULL_PLUG("hull plug", IN, OUT_BAGGED),
  STRAINER_BASKET("strainer basket", IN, OUT),
  STRAINER_LID("strainer lid", SEALED, OFF),
  STRAINER_SEAL("strainer sealing ring", SEATED, MISSING),
  HOSE_END("hose end", CLAMPED, OFF),
  /** Behind an exchanger: a bypass hose goes on there, and nothing drains by it. */
  OUTLET_HOSE("outlet hose", CLAMPED, OFF),
  FLUSH_CAP("flush cap", IN, OUT),
  TEE_PLUG("tee plug", IN, OUT),
  FLUSH_PORT("flush port", IN, OUT),
  BATTERY_SWITCH("battery switch", ON, OFF),
  KEY("key", HELM, ON_SEACOCK, OFFICE),
  DRIVE("drive", DOWN, UP),
  HEATER_BYPASS("water-heater bypass", NORMAL, BYPASSED),
  BILGE_PUMP("bilge pump", AUTO, OFF),
  EXHAUST_COVER("exhaust cover", OFF, ON),
  VENT_MESH("vent mesh", OFF, ON),
  COVER("cover", OFF, TARP, SHRINK_WRAP),
  SPARK_PLUGS("spark plugs", FITTED, REMOVED),
  BELT("belt", FITTED, REMOVED),
  IMPELLER("impeller", FITTED, REMOVED),
  FEED(
      "feed of the raw-water pump",
      NONE,
      HOSE,
      SUCTION_CUP,
      BUCKET,
      TANK,
      STRAINER,
      FittingState.BILGE_BRANCH),
  LOAD_LIMIT("load limit", NONE, LOW_LOAD_ONLY);

  private final String words;
  private final List<FittingState> states;
  private final Set<FittingState> all;

  FittingKind(String words, FittingState... states) {
    this.words = words;
    this.states = List.of(states);
    this.all = EnumSet.copyOf(this.states);
  }

  public String words() {
    return words;
  }

  public List<FittingState> states() {
    return states;
  }

  /** Whether it can be set to that. */
  public boolean has(@Nullable FittingState state) {
    return all.contains(state);
  }

  public FittingState inCommission() {
    return states.get(0);
  }

  /** Whether whoever moves boats may set it. */
  public boolean concernsMoving() {
    return switch (this) {
      case HULL_PLUG, BATTERY_SWITCH, KEY, DRIVE, BILGE_PUMP, EXHAUST_COVER, COVER, SEACOCK -> true;
      default -> false;
    };
  }

  /** A plug, petcock or threaded sensor whose hole drains a segment. */
  public boolean isDrain() {
    return this == DRAIN_PLUG || this == PETCOCK || this == THREADED_SENSOR;
  }

  /** Something that goes into the bag on the wheel when it is taken out. */
  public boolean isBagged() {
    return isDrain() || this == HULL_PLUG;
  }

  /** Whether the sea comes in, or the engine is harmed, when it floats like this. */
  public boolean keepsAshore() {
    return switch (this) {
      case HOSE_END,
          OUTLET_HOSE,
          FLUSH_CAP,
          TEE_PLUG,
          FLUSH_PORT,
          EXHAUST_COVER,
          STRAINER_LID,
          STRAINER_SEAL ->
          true;
      default -> isBagged();
    };
  }

  /** The state in which it lets a low point run out, or null. */
  public @Nullable FittingState opensAt() {
    return switch (this) {
      case DRAIN_PLUG, PETCOCK, THREADED_SENSOR -> OUT_BAGGED;
      case HOSE_END, STRAINER_LID -> OFF;
      case FLUSH_PORT, TEE_PLUG -> OUT;
      case SEACOCK -> OPEN;
      case DRIVE -> DOWN;
      default -> null;
    };
  }
}
