package elsko.core.limits;

import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;

/** How a yard measures the tension of a belt; the trade disagrees. */
public enum BeltSchool {
  DEFLECTION(
      Text.of("span and deflection, %s", Quantity.of(42, Measure.GIVE)), Limits.BELT_DEFLECTION),
  TWIST_80_TO_100(Text.of("twist by hand, 80 to 100°"), Limits.BELT_TWIST),
  TWIST_AT_MOST_90(Text.of("twist by hand, at most 90°"), Limits.BELT_TWIST_AT_MOST),
  SHORT_SPAN(
      Text.of("short span, up to %s at light pressure", Quantity.millimeters(10)),
      Limits.BELT_SHORT_SPAN);

  private final Text words;
  private final Limit limit;

  BeltSchool(Text words, Limit limit) {
    this.words = words;
    this.limit = limit;
  }

  public Text words() {
    return words;
  }

  public Limit limit() {
    return limit;
  }
}
