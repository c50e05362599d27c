package elsko.server.report;

import elsko.core.UnitSystem;
import elsko.core.Units;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sizes of paper people have where these units are used. */
final class Paper {
  private static final float HALF_LETTER_WIDTH = 396;
  private static final float HALF_LETTER_HEIGHT = 612;

  private Paper() {}

  static PDRectangle page(Units units) {
    return units.length() == UnitSystem.METRIC ? PDRectangle.A4 : PDRectangle.LETTER;
  }

  /** Half a page: a tag. */
  static PDRectangle tag(Units units) {
    return units.length() == UnitSystem.METRIC
        ? PDRectangle.A5
        : new PDRectangle(HALF_LETTER_WIDTH, HALF_LETTER_HEIGHT);
  }
}
