package elsko.core.trip;

/** How much more than a trip burns has to be in the tank; the trade disagrees. */
public enum FuelSchool {
  /** What the trip burns and a fifth more. */
  TWENTY_PERCENT("a fifth more than the trip burns", 2.4),
  /** A third out, a third back, a third in reserve. */
  THIRDS("a third out, a third back, a third in reserve", 3);

  private final String words;
  private final double perOutbound;

  FuelSchool(String words, double perOutbound) {
    this.words = words;
    this.perOutbound = perOutbound;
  }

  public String words() {
    return words;
  }

  /**
   * What has to be in the tank when it is left and come back to, for each liter burnt going out.
   */
  double perOutbound() {
    return perOutbound;
  }

  /**
   * What has to be usable, L.
   *
   * @param burnt on the whole trip, L
   */
  double needed(double burnt, boolean roundTrip) {
    return switch (this) {
      case TWENTY_PERCENT -> 1.2 * burnt;
      case THIRDS -> 3 * (roundTrip ? burnt / 2 : burnt);
    };
  }
}
