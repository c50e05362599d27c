package elsko.core.boat.path;

/**
 * What cracks, how slowly its water follows the air, and what its repair costs against a hose.
 * Estimates that a yard may replace.
 */
public enum PocketKind {
  HOSE(0.7, 1),
  DOMESTIC_LINE(0.5, 2),
  PUMP(0.7, 3),
  ELBOW(0.7, 3),
  COOLER(0.7, 3),
  HEATER_CORE(0.7, 3),
  RISER(1, 4),
  STRAINER(1.5, 1),
  EXCHANGER(2, 6),
  MANIFOLD(3, 8),
  MUFFLER(6, 3),
  BLOCK(10, 25),
  GENERATOR(10, 12),
  WATER_HEATER(24, 4),
  TANK(40, 4),
  /** Nobody has said what it is: taken for quick to freeze. */
  NOT_SAID(0.7, 4);

  private final double tauHours;
  private final double repairCost;

  PocketKind(double tauHours, double repairCost) {
    this.tauHours = tauHours;
    this.repairCost = repairCost;
  }

  /** Time constant against the air around it, h. */
  public double tauHours() {
    return tauHours;
  }

  /** It cannot give way to ice. */
  public boolean isRigid() {
    return switch (this) {
      case HOSE, DOMESTIC_LINE, TANK, MUFFLER, NOT_SAID -> false;
      default -> true;
    };
  }

  /** In hoses. */
  public double repairCost() {
    return repairCost;
  }

  /** What a segment of a circuit counts as. */
  public static PocketKind of(Circuit circuit, Segment segment) {
    PocketKind own = circuit.handling().pockets().get(segment.key());
    return own == null ? usual(circuit, segment) : own;
  }

  private static PocketKind usual(Circuit circuit, Segment segment) {
    return switch (segment.kind()) {
      case LEG, PUMP -> PUMP;
      case HOSE -> HOSE;
      case STRAINER -> STRAINER;
      case COOLER -> COOLER;
      case EXCHANGER -> EXCHANGER;
      case BLOCK, COOLANT -> circuit.engine() == Position.GENERATOR ? GENERATOR : BLOCK;
      case MANIFOLD -> MANIFOLD;
      case RISER -> RISER;
      case ELBOW -> ELBOW;
      case MUFFLER -> MUFFLER;
      case TANK -> TANK;
      case HEATER -> WATER_HEATER;
    };
  }
}
