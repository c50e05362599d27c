package elsko.core.limits;

/** How a yard measures the tension of a belt; the trade disagrees. */
public enum BeltSchool {
  DEFLECTION("span and deflection, 42 mm per meter", Limits.BELT_DEFLECTION),
  TWIST_80_TO_100("twist by hand, 80 to 100°", Limits.BELT_TWIST),
  TWIST_AT_MOST_90("twist by hand, at most 90°", Limits.BELT_TWIST_AT_MOST),
  SHORT_SPAN("short span, up to 10 mm at light pressure", Limits.BELT_SHORT_SPAN);

  private final String words;
  private final Limit limit;

  BeltSchool(String words, Limit limit) {
    this.words = words;
    this.limit = limit;
  }

  public String words() {
    return words;
  }

  public Limit limit() {
    return limit;
  }
}
