package elsko.core.boat.description;

/** What turns a raw-water pump. */
public enum PumpDrive {
  GEAR,
  BELT,
  ELECTRIC
}
