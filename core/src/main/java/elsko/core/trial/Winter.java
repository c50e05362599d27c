package elsko.core.trial;

import elsko.core.frost.CircuitWater;
import elsko.core.frost.Enclosure;
import elsko.core.frost.FrostPast;
import elsko.core.frost.Outlook;
import elsko.core.frost.Sheltered;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.trueboat.InTheCold;
import elsko.core.trueboat.TrueBoat;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;

/** What a winter does to a true boat, and what the frost clock said of it the evening before. */
final class Winter {
  private static final List<Enclosure.Kind> STANDS =
      List.of(Enclosure.Kind.OPEN, Enclosure.Kind.TARP, Enclosure.Kind.COLD_SHED);

  /** So long after a frost it is asked what is feared; it has thawed by then, or not. */
  private static final int LATER_DAYS = 5;

  private final Weather weather;
  private final Enclosure.Kind stands;
  private final List<Sheltered> shelters;

  /** By circuit, what of it broke first. */
  private final Map<String, Crack> cracks = new LinkedHashMap<>();

  /** What broke, and on which day. */
  record Crack(String circuit, String segment, LocalDate on) {}

  Winter(TrueBoat truth, long seed) {
    Random nature = new Random(seed * 17 + 3);
    weather = Weather.of(seed);
    stands = STANDS.get(nature.nextInt(STANDS.size()));
    shelters =
        List.of(
            new Sheltered(
                Weather.LAY_UP.atStartOfDay(Weather.ZONE).toInstant(), Enclosure.of(stands)));
    double[] air = weather.around(stands, nature);
    InTheCold cold = truth.leftInTheCold(air[0]);
    for (int hour = 0; hour < air.length; hour++) {
      LocalDate on = Weather.LAY_UP.plusDays(1 + hour / 24);
      for (InTheCold.Cracked cracked : cold.hour(air[hour])) {
        cracks.putIfAbsent(cracked.circuit(), new Crack(cracked.circuit(), cracked.segment(), on));
      }
    }
  }

  /** The first crack of each circuit that got one. */
  Iterable<Crack> cracks() {
    return cracks.values();
  }

  boolean cracked(String circuit) {
    return cracks.containsKey(circuit);
  }

  /** Every claim about frost that turned out false. */
  void denied(BoatState state, Consumer<Claim> to) {
    for (Crack crack : cracks.values()) {
      TrueBoat.Broken broken = new TrueBoat.Broken(crack.circuit(), crack.segment(), 0, 1);
      if (!saidTheEveningBefore(state, crack)) {
        to.accept(new Claim(Claim.Kind.NOT_TONIGHT, broken));
      }
      if (takesForWater(state, crack) && !fearedAfterwards(state, crack)) {
        to.accept(new Claim(Claim.Kind.WHOLE, broken));
      }
    }
  }

  /** Whether, the evening before, the circuit was late or had to be dealt with at once. */
  private boolean saidTheEveningBefore(BoatState state, Crack crack) {
    LocalDate evening = crack.on().minusDays(1);
    var clock = weather.clock(evening);
    Outlook outlook =
        clock.outlook(Enclosure.of(stands), clock.remembered(shelters, CircuitWater.of(state)));
    return outlook.circuits().stream()
        .filter(circuit -> circuit.circuit().equals(crack.circuit()))
        .anyMatch(circuit -> circuit.deadline() != null && circuit.deadline().isBefore(crack.on()));
  }

  private boolean takesForWater(BoatState state, Crack crack) {
    return state.circuits().stream()
        .filter(circuit -> circuit.circuit().key().equals(crack.circuit()))
        .anyMatch(circuit -> circuit.contents().get(crack.segment()) == CircuitState.Content.WATER);
  }

  private boolean fearedAfterwards(BoatState state, Crack crack) {
    return FrostPast.of(state, shelters, weather.memory(crack.on().plusDays(LATER_DAYS)))
        .lookFirst()
        .contains(crack.circuit());
  }
}
