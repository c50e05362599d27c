package elsko.core.limits;

import elsko.core.Text;

/**
 * How a reading stands.
 *
 * @param words what it means and what to do; empty where it is only noted
 */
public record Judgement(Call call, Text words) {
  public Judgement(Call call, String words) {
    this(call, Text.of(words));
  }

  public boolean isGood() {
    return call.isGood();
  }
}
