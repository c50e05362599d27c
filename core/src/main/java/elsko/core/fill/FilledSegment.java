package elsko.core.fill;

import elsko.core.fluid.GlycolCurve;

/**
 * What a fill is predicted to leave in one segment. Freeze and burst point are those of its lowest
 * cell, the one that is judged.
 *
 * @param massFraction mean of all that stands in it
 * @param lowestCellMassFraction of its cells that hold anything, the weakest
 * @param level liters held over its volume, 0 to 1
 */
public record FilledSegment(
    String name,
    double massFraction,
    double lowestCellMassFraction,
    double level,
    double freezePointC,
    double burstPointC,
    boolean burstIsFloor) {
  /** A level from which on a segment counts as full. */
  static final double FULL = 0.999;

  static FilledSegment of(String name, Fill fill, int segment, GlycolCurve curve) {
    double lowest = Math.min(GlycolCurve.MAX_MASS_FRACTION, fill.lowestCell(segment));
    return new FilledSegment(
        name,
        fill.massFraction(segment),
        lowest,
        fill.level(segment),
        curve.freezePointC(lowest),
        curve.burstPointC(lowest),
        curve.burstIsFloor(lowest));
  }

  /** A strong puddle is not a full segment. */
  public boolean full() {
    return level >= FULL;
  }
}
