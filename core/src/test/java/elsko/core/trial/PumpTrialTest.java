package elsko.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.trueboat.TruePump;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every card of every layout, worked on boats whose pumps are as they are and not as described. */
class PumpTrialTest {
  private static final int ANY_BOATS = 6;

  private record Case(BoatDescription boat, Procedure procedure, Map<String, String> choices) {}

  private static List<BoatDescription> boats() {
    List<BoatDescription> boats =
        new ArrayList<>(
            List.of(
                Hulls.sterndrive(null),
                Hulls.sterndriveClosed(),
                Hulls.vDrive(null),
                Hulls.twinDiesel(),
                Hulls.saildrive(),
                Hulls.smallDiesel(),
                Hulls.vintage(),
                Hulls.outboard(),
                Hulls.jet(false)));
    LongStream.range(0, ANY_BOATS).mapToObj(AnyBoat::of).forEach(boats::add);
    return boats;
  }

  private static Stream<Case> cases() {
    List<Case> cases = new ArrayList<>();
    for (BoatDescription described : boats()) {
      cases.add(new Case(described, Procedure.LAY_UP_SERVICE, Map.of()));
      cases.add(new Case(described, Procedure.INTAKE, Map.of()));
      Boat boat = Boat.of(described);
      for (Circuit circuit : boat.engineCircuits()) {
        for (Method method : circuit.methods()) {
          cases.add(with(described, Procedure.WINTERIZE, circuit, method));
        }
        FlushVariant.possible(boat, circuit)
            .forEach(it -> cases.add(with(described, Procedure.FLUSH, circuit, it)));
        DescaleVariant.possible(boat, circuit)
            .forEach(it -> cases.add(with(described, Procedure.DESCALE, circuit, it)));
      }
    }
    return cases.stream();
  }

  private static Case with(
      BoatDescription boat, Procedure procedure, Circuit circuit, Enum<?> choice) {
    return new Case(boat, procedure, Map.of(circuit.key(), choice.name()));
  }

  private static void each(Set<Mistake> mistakes, BiConsumer<Case, PumpTrial> then) {
    cases()
        .parallel()
        .forEach(
            one ->
                then.accept(
                    one, PumpTrial.of(one.boat(), one.procedure(), one.choices(), mistakes, 7)));
  }

  @Test
  void byAnHonestHandNoPumpRunsDryAndNoneStartsOnADrySuction() {
    each(
        Set.of(),
        (one, trial) -> {
          assertThat(trial.stuck()).as(one.toString()).isNull();
          trial
              .pumps()
              .forEach(
                  (engine, pump) -> {
                    assertThat(pump.dryStarts()).as(engine + ", " + one).isZero();
                    assertThat(pump.drySeconds()).as(engine + ", " + one).isZero();
                  });
        });
  }

  @Test
  void aHandThatIgnoresTheCountdownWrecksTheImpellerAndTheCardHadSaidSo() {
    List<String> wrecked = java.util.Collections.synchronizedList(new ArrayList<>());
    each(
        Set.of(Mistake.IGNORES_THE_COUNTDOWN),
        (one, trial) -> {
          for (Map.Entry<Position, TruePump> pump : trial.pumps().entrySet()) {
            if (pump.getValue().isWrecked()) {
              wrecked.add(one.toString());
              assertThat(trial.warned()).as(one.toString()).contains(pump.getKey());
            }
          }
        });
    assertThat(wrecked).hasSizeGreaterThan(50);
  }
}
