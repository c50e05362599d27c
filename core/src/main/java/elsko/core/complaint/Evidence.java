package elsko.core.complaint;

import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.due.DueItem;
import elsko.core.ledger.BoatState;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import elsko.core.limits.PumpConditions;
import elsko.core.limits.RoundConditions;
import elsko.core.trend.EngineTrends;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a boat's record says for or against a cause. The factors are our estimates. */
record Evidence(
    BoatState state, @Nullable Position engine, List<DueItem> due, List<EngineTrends> trends) {
  private static final double SPEAKS_FOR = 2;
  private static final double SPEAKS_STRONGLY = 4;
  private static final double SPEAKS_AGAINST = 0.4;

  /** What falls due that wears with a cause. */
  private static final Map<String, Interval> WEARS =
      Map.of(
          Causes.IMPELLER, Interval.IMPELLER,
          Causes.SCALE, Interval.DESCALE,
          Causes.ELBOW, Interval.ELBOW,
          Causes.FUEL_FILTER, Interval.FUEL_FILTER,
          Causes.COOLANT, Interval.COOLANT);

  /** The finding of a condition that points at a cause. */
  private static final Map<String, String> SHOWS =
      Map.of(
          Causes.STRAINER, RoundConditions.STRAINER.key(),
          Causes.IMPELLER, Conditions.IMPELLER_LOOK.key(),
          Causes.PUMP_SEALS, PumpConditions.TELL_TALE.key(),
          Causes.OIL_LEVEL, Conditions.OIL_LEVEL.key(),
          Causes.BATTERY, Limits.BATTERY.key());

  private record Weight(double factor, Text because) {
    Weight(double factor, String because) {
      this(factor, Text.of(because));
    }
  }

  private static final Weight NOTHING = new Weight(1, "");

  /** Whether the boat has what a cause is about. */
  boolean canBe(Cause cause) {
    Circuit circuit = circuit();
    if (circuit == null) {
      return !cause.key().equals(Causes.COOLANT);
    }
    Boat boat = state.boat();
    return switch (cause.key()) {
      case Causes.STRAINER, Causes.LID -> has(circuit, FittingKind.STRAINER_LID);
      case Causes.IMPELLER, Causes.PIECES -> has(circuit, FittingKind.IMPELLER);
      case Causes.MUFFLER -> circuit.hasSegment(SegmentKind.MUFFLER);
      case Causes.ELBOW ->
          circuit.hasSegment(SegmentKind.ELBOW) || circuit.hasSegment(SegmentKind.RISER);
      case Causes.SCALE, Causes.INTAKE -> circuit.isRawWater();
      case Causes.COOLANT ->
          boat.circuits().stream()
              .anyMatch(
                  other ->
                      other.engine() == engine
                          && other.kind() == elsko.core.boat.path.CircuitKind.COOLANT);
      default -> true;
    };
  }

  Suspicion of(Cause cause) {
    Weight weight = weight(cause);
    return new Suspicion(cause, cause.share() * weight.factor(), weight.because());
  }

  private Weight weight(Cause cause) {
    if (cause.key().equals(Causes.PIECES)) {
      Integer missing = engine == null ? null : state.missingPieces().get(engine);
      return missing == null
          ? new Weight(SPEAKS_AGAINST, "")
          : new Weight(
              SPEAKS_STRONGLY * SPEAKS_FOR, "%d pieces were never found".formatted(missing));
    }
    Weight seen = seen(SHOWS.get(cause.key()));
    if (seen != NOTHING) {
      return seen;
    }
    if (narrows() && (cause.key().equals(Causes.SCALE) || cause.key().equals(Causes.ELBOW))) {
      return new Weight(SPEAKS_FOR, "Its gauge holds over its own history");
    }
    return worn(WEARS.get(cause.key()));
  }

  private Weight seen(@Nullable String condition) {
    if (condition == null) {
      return NOTHING;
    }
    return state.readings().stream()
        .filter(reading -> reading.key().equals(condition))
        .filter(reading -> reading.engine() == null || reading.engine() == engine)
        .reduce((earlier, later) -> later)
        .map(
            reading ->
                switch (reading.judgement().call()) {
                  case GOOD -> NOTHING;
                  case MEND, STOP ->
                      new Weight(
                          SPEAKS_STRONGLY,
                          Text.of("%s: %s", reading.name(), reading.found()).sentence());
                })
        .orElse(NOTHING);
  }

  private Weight worn(@Nullable Interval interval) {
    if (interval == null) {
      return NOTHING;
    }
    for (DueItem item : due) {
      if (item.interval() == interval && (item.engine() == null || item.engine() == engine)) {
        return switch (item.standing()) {
          case AT_ONCE -> new Weight(SPEAKS_STRONGLY, item.why());
          case OVERDUE, NO_RECORD ->
              new Weight(
                  SPEAKS_FOR,
                  Words.sentence("%s: %s".formatted(interval.words(), item.standing().words())));
          case SOON, BEFORE_LAY_UP, NOT_COUNTED -> NOTHING;
          case LATER ->
              item.last() == null
                  ? NOTHING
                  : new Weight(
                      SPEAKS_AGAINST, Words.sentence(interval.words() + ": done not long ago"));
        };
      }
    }
    return NOTHING;
  }

  private boolean narrows() {
    return trends.stream().anyMatch(trend -> trend.engine() == engine && trend.narrows());
  }

  private @Nullable Circuit circuit() {
    return engine == null ? null : state.boat().engineCircuit(engine);
  }

  private boolean has(Circuit circuit, FittingKind kind) {
    return state.boat().fittingOf(circuit, kind) != null;
  }
}
