package elsko.bench.row;

import elsko.bench.row.Measured.Kind;
import java.util.Locale;

/**
 * A row as it is written down.
 *
 * @param part what it was measured together with
 * @param calibrationMs what the fixed piece of work took just before; 0 when it was not measured
 * @param on the day
 * @param before the value written before; empty when there was none
 * @param slower how many times slower than that; empty when it is not
 */
public record Row(
    String part,
    String what,
    String value,
    double figure,
    Kind kind,
    String target,
    boolean met,
    double calibrationMs,
    String on,
    String before,
    String slower) {
  /** These machines are noisy: less than that says nothing. */
  private static final double WORTH_SAYING = 1.25;

  /** Letters of what went wrong. */
  private static final int SAID = 300;

  static Row of(String part, Measured now, double calibrationMs, String on, Row before) {
    double ratio = before == null ? 1 : before.slowedTo(now.figure(), calibrationMs);
    return new Row(
        part,
        now.what(),
        now.value(),
        now.figure(),
        now.kind(),
        now.target(),
        now.met(),
        calibrationMs,
        on,
        before == null ? "" : before.value(),
        ratio < WORTH_SAYING ? "" : String.format(Locale.ROOT, "%.1f ×", ratio));
  }

  /** What went wrong is marked; the figure stays the one before, for the next run to go by. */
  static Row failed(String part, String what, String on, Row before, Exception wrong) {
    String reason = String.valueOf(wrong.getMessage()).replaceAll("\\s+", " ");
    String said = reason.length() > SAID ? reason.substring(0, SAID) + " …" : reason;
    return new Row(
        part,
        what,
        "FAILED: %s: %s".formatted(wrong.getClass().getSimpleName(), said),
        before == null ? 0 : before.figure(),
        before == null ? Kind.QUALITY : before.kind(),
        before == null ? "" : before.target(),
        false,
        before == null ? 0 : before.calibrationMs(),
        on,
        before == null ? "" : before.value(),
        "");
  }

  /**
   * How many times slower a new figure is than this one, each held against what the machine did at
   * its time; 1 where nothing can be said.
   */
  public double slowedTo(double now, double nowCalibrationMs) {
    if (figure <= 0 || now <= 0 || kind == Kind.QUALITY) {
      return 1;
    }
    double machine = calibrationMs > 0 ? nowCalibrationMs / calibrationMs : 1;
    return switch (kind) {
      case TIME -> now / figure / machine;
      case RATE -> figure / now / machine;
      case SIZE, QUALITY -> now / figure;
    };
  }
}
