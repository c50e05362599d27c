package elsko.server.castoff;

import elsko.core.Refused;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.castoff.Answers;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.trip.FuelFitted;
import elsko.core.trip.FuelSchool;
import elsko.core.trip.Trip;
import elsko.core.trip.TripFuel;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What was found on a round.
 *
 * @param id made by the sender, so that sending again keeps nothing new
 * @param sentAt now, by the clock of the device; may be left out
 * @param trip null while nobody has worked its fuel out
 */
record RoundIn(
    UUID id,
    Instant deviceTime,
    @Nullable Instant sentAt,
    RoundKind kind,
    List<SetIn> set,
    List<SeenIn> seen,
    List<NumberIn> read,
    @Nullable TripIn trip) {

  /** How a fitting was found. */
  record SetIn(String fitting, FittingState state) {}

  /** What was looked at. */
  record SeenIn(@Nullable Position engine, String condition, String finding) {}

  /** A number that was read. */
  record NumberIn(
      @Nullable Position engine, String limit, @Nullable Double value, @Nullable Double against) {}

  /**
   * Either {@code hours}, or {@code distanceNm} and {@code speedKn}.
   *
   * @param fitted what the boat burns, where that is not kept or is otherwise today
   */
  record TripIn(
      @Nullable Double hours,
      @Nullable Double distanceNm,
      @Nullable Double speedKn,
      Boolean roundTrip,
      FuelSchool school,
      List<Double> gaugePercent,
      @Nullable FuelFitted fitted) {
    TripFuel fuel(@Nullable FuelFitted kept) {
      FuelFitted of = fitted == null ? kept : fitted;
      if (of == null) {
        throw Refused.value(
            "trip.fitted", "Enter its fuel consumption, and the tank it draws from.");
      }
      return at("trip.", () -> TripFuel.of(trip(), of.at(gaugePercent)));
    }

    private Trip trip() {
      boolean back = Boolean.TRUE.equals(roundTrip);
      if ((hours == null) == (distanceNm == null)) {
        throw Refused.value("hours", "Give either hours, or a distance with a speed.");
      }
      if (hours != null) {
        return new Trip(hours, speedKn, back, school);
      }
      if (speedKn == null) {
        throw Refused.value("speedKn", "Say how fast it goes.");
      }
      return Trip.over(distanceNm, speedKn, back, school);
    }
  }

  /** The same as facts; what cannot be meant is refused at its place in the list. */
  Answers answers() {
    List<Fact.FittingSet> sets = new ArrayList<>();
    for (SetIn one : orNone(set)) {
      if (one.fitting() == null || one.state() == null) {
        throw Refused.value("set[%d]".formatted(sets.size()), "Say how the fitting stands.");
      }
      sets.add(new Fact.FittingSet(one.fitting(), one.state(), false, ""));
    }
    List<Fact.ConditionSeen> sights = new ArrayList<>();
    for (SeenIn one : orNone(seen)) {
      sights.add(
          at(
              "seen[%d].".formatted(sights.size()),
              () -> new Fact.ConditionSeen(one.engine(), one.condition(), one.finding())));
    }
    List<Fact.ReadingTaken> numbers = new ArrayList<>();
    for (NumberIn one : orNone(read)) {
      numbers.add(at("read[%d].".formatted(numbers.size()), () -> number(one)));
    }
    return new Answers(sets, sights, numbers);
  }

  private static Fact.ReadingTaken number(NumberIn one) {
    if (one.value() == null) {
      throw Refused.value("value", "Enter a number.");
    }
    return new Fact.ReadingTaken(one.engine(), one.limit(), one.value(), one.against());
  }

  private static <T> List<T> orNone(@Nullable List<T> list) {
    return list == null ? List.of() : list;
  }

  private static <T> T at(String place, Supplier<T> made) {
    try {
      return made.get();
    } catch (Refused refused) {
      throw Refused.value(place + refused.field(), refused.reason());
    }
  }
}
