package elsko.core.boat.description;

import elsko.core.boat.path.Position;
import org.jspecify.annotations.Nullable;

/**
 * How big an engine is. What its raw-water path holds and draws goes by it, where its layout has no
 * volumes of its own. Liters; L/min at idle.
 */
public enum PowerClass {
  SMALL("small: 1 or 2 cylinders, to 15 kW", 0.8, 0.5, 0, 0.2, 0.8, 0.2, 4, 5),
  YACHT("yacht: 3 or 4 cylinders, 15 to 60 kW", 1.2, 0.8, 0.3, 0.3, 1.5, 0.3, 7, 9),
  MOTOR_BOAT("motor boat: 4 to 6 cylinders, 60 to 200 kW", 2.0, 1.5, 0.8, 0.5, 3.0, 0.8, 15, 20),
  LARGE("large: 200 kW and more", 3.0, 2.5, 1.5, 0.8, 5.0, 1.5, 60, 40),
  PETROL_V("petrol V6 or V8", 1.5, 1.0, 0.5, 0.3, 2.5, 3.0, 10, 19);

  /** A generator draws so much, L/min. */
  private static final double GENERATOR_DRAWS = 8;

  /** A hull from here on is a large motor yacht's, m. */
  private static final double LARGE_FROM_M = 15;

  private final String words;
  private final double hose;
  private final double strainer;
  private final double cooler;
  private final double pump;
  private final double exchanger;
  private final double manifold;
  private final double muffler;
  private final double draws;

  PowerClass(
      String words,
      double hose,
      double strainer,
      double cooler,
      double pump,
      double exchanger,
      double manifold,
      double muffler,
      double draws) {
    this.words = words;
    this.hose = hose;
    this.strainer = strainer;
    this.cooler = cooler;
    this.pump = pump;
    this.exchanger = exchanger;
    this.manifold = manifold;
    this.muffler = muffler;
    this.draws = draws;
  }

  public String words() {
    return words;
  }

  /** As it was described; else what its fuel and cylinders propose. */
  public static PowerClass of(EngineDescription engine) {
    return engine.details().powerClass() != null
        ? engine.details().powerClass()
        : proposed(engine, null, null);
  }

  /**
   * What an engine most likely is.
   *
   * @param kind of boat, {@code hullM} its length, m; null where nobody said
   */
  public static PowerClass proposed(
      EngineDescription engine, @Nullable BoatKind kind, @Nullable Double hullM) {
    if (engine.hasTwoRows()) {
      return PETROL_V;
    }
    boolean motor = kind == BoatKind.POWER;
    if (engine.position() != Position.GENERATOR
        && motor
        && hullM != null
        && hullM >= LARGE_FROM_M) {
      return engine.cylinders() >= 6 ? LARGE : MOTOR_BOAT;
    }
    if (engine.cylinders() <= 2) {
      return SMALL;
    }
    if (engine.cylinders() <= 3) {
      return YACHT;
    }
    if (engine.cylinders() == 4) {
      return motor && engine.fuel() == Fuel.DIESEL ? MOTOR_BOAT : YACHT;
    }
    return engine.cylinders() > 6 ? LARGE : MOTOR_BOAT;
  }

  public double hose() {
    return hose;
  }

  public double strainer() {
    return strainer;
  }

  /** Oil or gear cooler; 0 where such an engine has none. */
  public double cooler() {
    return cooler;
  }

  public double pump() {
    return pump;
  }

  public double exchanger() {
    return exchanger;
  }

  public double manifold() {
    return manifold;
  }

  public double muffler() {
    return muffler;
  }

  /** What such an engine draws at idle, L/min. */
  public double drawsLitersPerMinute() {
    return draws;
  }

  /** What an engine draws at idle: as it was measured, else by what it is, L/min. */
  public static double draws(EngineDescription engine) {
    Double measured = engine.details().drawsLitersPerMinute();
    if (measured != null) {
      return measured;
    }
    return engine.position() == Position.GENERATOR
        ? GENERATOR_DRAWS
        : of(engine).drawsLitersPerMinute();
  }
}
