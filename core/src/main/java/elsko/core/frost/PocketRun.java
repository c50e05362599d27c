package elsko.core.frost;

/** One pocket, followed hour by hour. */
public final class PocketRun {
  private final double tau;
  private final double tf;
  private final double keeps;
  private final double icePerKelvinHour;
  private double temperatureC;
  private double ice;
  private double mostIce;
  private double hours;
  private double toFreezePoint = Double.NaN;
  private double toDamage = Double.NaN;

  /**
   * @param startC how warm it is at first, °C
   */
  public PocketRun(Pocket pocket, double startC) {
    tau = pocket.tauHours();
    tf = pocket.freezePointC();
    keeps = Math.exp(-1 / tau);
    icePerKelvinHour = 1 / (tau * Pocket.LATENT_K);
    temperatureC = Math.max(startC, tf);
    if (startC <= tf) {
      toFreezePoint = 0;
    }
  }

  /** Goes on from where it was carried to. */
  PocketRun(Pocket pocket, double startC, double startIce) {
    this(pocket, startIce > 0 ? pocket.freezePointC() : startC);
    ice = startIce;
    mostIce = startIce;
  }

  /** Goes on by one hour with air of this temperature around it. */
  public void hour(double airC) {
    double left = 1;
    if (ice > 0 && airC > tf) {
      left = melts(airC);
    }
    if (ice == 0 && left > 0) {
      left = follows(airC, left);
    }
    if (left > 0 && airC < tf) {
      freezes(airC, left);
    }
    hours += 1;
  }

  /** Returns what is left of the hour once the last ice is gone. */
  private double melts(double airC) {
    double perHour = (airC - tf) * icePerKelvinHour;
    if (ice >= perHour) {
      ice -= perHour;
      return 0;
    }
    double took = ice / perHour;
    ice = 0;
    temperatureC = tf;
    return 1 - took;
  }

  /** Returns what is left of the hour once the freeze point is reached. */
  private double follows(double airC, double left) {
    double end = airC + (temperatureC - airC) * (left == 1 ? keeps : Math.exp(-left / tau));
    if (end > tf || airC >= tf) {
      temperatureC = end;
      return 0;
    }
    double until = temperatureC > tf ? tau * Math.log((temperatureC - airC) / (tf - airC)) : 0;
    temperatureC = tf;
    if (Double.isNaN(toFreezePoint)) {
      toFreezePoint = hours + 1 - left + until;
    }
    return left - until;
  }

  private void freezes(double airC, double left) {
    double perHour = (tf - airC) * icePerKelvinHour;
    if (Double.isNaN(toDamage) && ice + perHour * left >= Pocket.DAMAGE_AT) {
      toDamage = hours + 1 - left + Math.max(0, Pocket.DAMAGE_AT - ice) / perHour;
    }
    ice = Math.min(1, ice + perHour * left);
    mostIce = Math.max(mostIce, ice);
  }

  double temperatureC() {
    return temperatureC;
  }

  /** The most of it that was ever ice. */
  double mostIce() {
    return mostIce;
  }

  /** The part of it that is ice. */
  public double ice() {
    return ice;
  }

  double hoursToFreezePoint() {
    return toFreezePoint;
  }

  double hoursToDamage() {
    return toDamage;
  }

  /** Hours to damage through all of these, or NaN; stops looking once it is damaged. */
  double hoursToDamage(double[] airC, int from) {
    int hour = from;
    while (hour < airC.length && Double.isNaN(toDamage)) {
      hour = coasts(airC, hour, airC.length);
      if (hour < airC.length) {
        hours = hour - from;
        hour(airC[hour]);
        hour++;
      }
    }
    return toDamage;
  }

  /** Goes through these hours, whatever it does to it; counts them from {@code zero} on. */
  void through(double[] airC, int from, int to, int zero) {
    int hour = from;
    while (hour < to) {
      hour = coasts(airC, hour, to);
      if (hour < to) {
        hours = hour - zero;
        hour(airC[hour]);
        hour++;
      }
    }
  }

  /**
   * Hours in which nothing freezes need one multiplication each; returns the first that is not so.
   */
  private int coasts(double[] airC, int from, int to) {
    if (ice > 0) {
      return from;
    }
    double t = temperatureC;
    double takes = 1 - keeps;
    int hour = from;
    for (; hour < to; hour++) {
      double end = t * keeps + airC[hour] * takes;
      if (end <= tf) {
        break;
      }
      t = end;
    }
    temperatureC = t;
    return hour;
  }
}
