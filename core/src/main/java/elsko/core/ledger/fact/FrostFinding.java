package elsko.core.ledger.fact;

import elsko.core.Refused;
import elsko.core.limits.Call;
import java.util.Locale;

/** What somebody finds who looks for what frost did to a circuit. */
public enum FrostFinding {
  NOTHING("nothing broken, nothing weeping", Call.GOOD, "Good."),
  ICE("ice in it", Call.STOP, "Let it thaw by itself, then look again. Nothing turns before that."),
  WEEPING(
      "a core plug or joint weeps",
      Call.STOP,
      "It is mended and looked at again before any start."),
  CRACK("a crack", Call.STOP, "It is mended and looked at again before any start.");

  private final String words;
  private final Call call;
  private final String todo;

  FrostFinding(String words, Call call, String todo) {
    this.words = words;
    this.call = call;
    this.todo = todo;
  }

  /** What it means for who found it. */
  public String todo() {
    return todo;
  }

  public String words() {
    return words;
  }

  public Call call() {
    return call;
  }

  /** As the wire names it. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** Refuses what is none. */
  public static FrostFinding of(String key) {
    for (FrostFinding finding : values()) {
      if (finding.key().equals(key)) {
        return finding;
      }
    }
    throw Refused.value("finding", "Say what was found: nothing, ice, a weeping plug or a crack.");
  }
}
