package elsko.core.plan;

/** What somebody must be able to do for a task. */
public enum Skill {
  ENGINE_PETROL("petrol engines"),
  ENGINE_DIESEL("diesel engines"),
  SYSTEMS("systems"),
  RIGGING("rigging"),
  LIFT("the lift");

  private final String words;

  Skill(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
