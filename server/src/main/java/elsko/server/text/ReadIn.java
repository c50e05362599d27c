package elsko.server.text;

import elsko.core.Text;
import elsko.core.Units;

/** The units whoever asks reads in. On screens that is metric. */
public final class ReadIn {
  private ReadIn() {}

  static Units units() {
    return Units.METRIC;
  }

  /** As whoever asks reads it. */
  public static String words(Text text) {
    return text.in(units());
  }
}
