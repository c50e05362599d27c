package elsko.core.gauge;

import java.util.Random;

/**
 * A stand-in for the gauges of a real engine, as long as none is connected: warms up, holds, and
 * can have a fault.
 */
public record SimulatedEngine(Fault fault, double holdsAtC, long seed) {
  private static final double COLD_C = 14;
  private static final double WARMS_BY_MINUTE = 11;
  private static final double NOISE_K = 0.3;
  private static final double IDLE_RPM = 1050;
  private static final double FLOW = 17;

  /** What is wrong with it. */
  public enum Fault {
    NONE("nothing"),
    STUCK_THERMOSTAT("thermostat stuck shut"),
    WORN_IMPELLER("worn impeller"),
    BLOCKED_ELBOW("blocked elbow");

    private final String words;

    Fault(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What its gauges show so many minutes after the start. */
  public GaugeReading at(double minute) {
    Random chance = new Random(seed + Math.round(minute * 60));
    double wobble = (chance.nextDouble() * 2 - 1) * NOISE_K;
    double revs = IDLE_RPM + 20 * chance.nextDouble();
    return new GaugeReading(
        minute,
        round(Math.min(150, temperature(minute) + wobble)),
        (double) Math.round(revs),
        round(Math.max(0, flow(minute))));
  }

  private double temperature(double minute) {
    double climbing = COLD_C + WARMS_BY_MINUTE * minute;
    double past = Math.max(0, minute - (holdsAtC - COLD_C) / WARMS_BY_MINUTE);
    return switch (fault) {
      case NONE -> Math.min(climbing, holdsAtC);
      case STUCK_THERMOSTAT -> climbing;
      case WORN_IMPELLER -> Math.min(climbing, holdsAtC) + 1.2 * past;
      case BLOCKED_ELBOW -> Math.min(climbing, holdsAtC) + 3 * past;
    };
  }

  private double flow(double minute) {
    if (minute < 0.3) {
      return 0;
    }
    return switch (fault) {
      case NONE, STUCK_THERMOSTAT -> FLOW;
      case WORN_IMPELLER -> minute < 0.8 ? 0 : 0.3 * FLOW;
      case BLOCKED_ELBOW -> Math.max(1, 0.8 * FLOW - minute);
    };
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
