package elsko.core.fill;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;

/**
 * A segment as fluid fills it.
 *
 * @param name unique within its path
 * @param liters its volume, above 0
 * @param residual the part of it that water still holds when the fill begins, 0 to 1
 * @param cells equal, well-mixed cells in series, 1 or more
 * @param gated lies behind the thermostat
 */
public record FillSegment(String name, double liters, double residual, int cells, boolean gated)
    implements FillPart {
  private static final int MOST_CELLS = 50;
  private static final double MOST_LITERS = 10_000;

  public FillSegment {
    if (name == null || name.isBlank()) {
      throw Refused.value("name", "Give the segment a name.");
    }
    if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
      throw Refused.value(
          "liters", Text.of("Must be a volume above 0, at most %s.", Quantity.liters(10_000)));
    }
    Refused.within("residual", residual, 0, 1, "");
    if (cells < 1 || cells > MOST_CELLS) {
      throw Refused.value("cells", "A segment has 1 to 50 cells.");
    }
  }
}
