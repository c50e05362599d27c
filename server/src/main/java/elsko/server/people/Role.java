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

  /** As it is written in a sentence. */
  public String words() {
    return switch (this) {
      case COORDINATOR -> "coordinator";
      case TECHNICIAN -> "technician";
      case YARD_HAND -> "yard hand";
      case VIEWER -> "viewer";
    };
  }

  /** Whether these people carry out procedures. */
  boolean worksOnCards() {
    return this == COORDINATOR || this == TECHNICIAN;
  }
}
