package elsko.core.limits;

/**
 * How a reading stands.
 *
 * @param words what it means and what to do; empty where it is only noted
 */
public record Judgement(Call call, String words) {
  public boolean isGood() {
    return call.isGood();
  }
}
