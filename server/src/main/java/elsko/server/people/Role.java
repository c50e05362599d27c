package elsko.server.people;

/** What a person may do. */
public enum Role {
  /** Everything. */
  COORDINATOR,
  /** Cards, readings, samples. */
  TECHNICIAN,
  /** Berths, and the fittings that concern moving. */
  YARD_HAND,
  /** Reads. */
  VIEWER;

  /** Whether these people carry out procedures. */
  boolean worksOnCards() {
    return this == COORDINATOR || this == TECHNICIAN;
  }
}
