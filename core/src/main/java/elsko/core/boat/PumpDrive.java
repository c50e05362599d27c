package elsko.core.boat;

/** What turns a raw-water pump. */
public enum PumpDrive {
  GEAR,
  BELT,
  ELECTRIC
}
