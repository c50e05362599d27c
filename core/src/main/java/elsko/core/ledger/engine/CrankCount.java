package elsko.core.ledger.engine;

import elsko.core.Words;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Fuel;
import java.time.Duration;
import java.time.Instant;

/**
 * How long a starter has turned an engine that would not fire, since its muffler was last emptied.
 * Rest, a new day or another device do not start it anew.
 *
 * @param openSeconds with the seacock open: water was pumped into the muffler
 * @param allSeconds whether the seacock was open or not
 * @param lastAt when it turned last; null when it never did
 */
public record CrankCount(double openSeconds, double allSeconds, Instant lastAt) {
  static final CrankCount NONE = new CrankCount(0, 0, null);

  /** A starter rests so long between two turns. */
  public static final Duration REST = Duration.ofSeconds(30);

  /** A water lift: from here on shutting the seacock is advised, s of turning. Estimate. */
  private static final double ADVISE_SHUT = 20;

  /** And from here it is required, s. */
  private static final double REQUIRE_SHUT = 60;

  /** In all no longer than this, s. */
  private static final double STOP = 120;

  private static final double PETROL_TURN = 10;
  private static final double DIESEL_TURN = 30;

  /** What may be done next. */
  public enum Standing {
    MAY_TURN,
    ADVISE_SHUT,
    SHUT_FIRST,
    STOP
  }

  CrankCount turned(double seconds, boolean seacockOpen, Instant at) {
    return new CrankCount(openSeconds + (seacockOpen ? seconds : 0), allSeconds + seconds, at);
  }

  /** One turn lasts at most so long, s. */
  public static double mostSeconds(EngineDescription engine) {
    return engine.fuel() == Fuel.PETROL ? PETROL_TURN : DIESEL_TURN;
  }

  /** Only a water lift fills while an engine is turned. */
  public Standing standing(Exhaust exhaust, boolean seacockOpen) {
    if (exhaust != Exhaust.WATER_LIFT) {
      return Standing.MAY_TURN;
    }
    if (allSeconds >= STOP) {
      return Standing.STOP;
    }
    if (seacockOpen && openSeconds >= REQUIRE_SHUT) {
      return Standing.SHUT_FIRST;
    }
    return seacockOpen && openSeconds >= ADVISE_SHUT ? Standing.ADVISE_SHUT : Standing.MAY_TURN;
  }

  /** What is said to whoever is about to turn it. */
  public String words(Exhaust exhaust, boolean seacockOpen) {
    String so =
        allSeconds == 0
            ? ""
            : "Turned %s s, %s s of them with the seacock open. "
                .formatted(Words.number(allSeconds, 0), Words.number(openSeconds, 0));
    return so
        + switch (standing(exhaust, seacockOpen)) {
          case STOP ->
              "Stop: no more turning. Drain the muffler, then find out why it will not fire; water in a"
                  + " cylinder bends rods.";
          case SHUT_FIRST -> "Shut the seacock before it is turned again: the muffler fills.";
          case ADVISE_SHUT -> "Better shut the seacock now, and open it within 15 s of firing.";
          case MAY_TURN ->
              "Neutral, lanyard, battery, fuse looked at first. %s s of rest between two turns."
                  .formatted(REST.toSeconds());
        };
  }
}
