package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.frost.Night;
import elsko.core.frost.Tonight;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class AcceptedTest {
  private final Story story = Story.fourDrains().wet();
  private final LocalDate today = LocalDate.ofInstant(story.now(), ZoneOffset.UTC);

  private void accept(String circuit, LocalDate until, Double untilC) {
    story.say(new Fact.Accepted(circuit, "heater in it", until, untilC));
  }

  private void acceptAll(LocalDate until, Double untilC) {
    for (CircuitState circuit : story.state().circuits()) {
      if (!circuit.protection().isSafe()) {
        accept(circuit.circuit().key(), until, untilC);
      }
    }
  }

  private BoatState on(Instant at, ZoneId zone) {
    return Ledger.fold(story.boat, new ProofRules(story.need, null, at, zone), story.log);
  }

  @Test
  void itLeavesWhatIsToBeDecidedAndProvesNothing() {
    assertThat(Decision.of(story.state())).isPresent();
    acceptAll(today.plusDays(3), null);
    BoatState state = story.state();
    assertThat(Decision.of(state)).isEmpty();
    assertThat(state.circuit("engine").protection()).isEqualTo(Protection.WET);
    assertThat(state.protection().isSafe()).isFalse();
    assertThat(state.circuit("engine").accepted().words().toString())
        .isEqualTo("Accepted until 6 Nov by technician: heater in it");
  }

  @Test
  void onItsDayItComesBack() {
    acceptAll(today.plusDays(3), null);
    Instant lastEvening =
        today.plusDays(3).atStartOfDay(ZoneOffset.UTC).toInstant().minusSeconds(1);
    assertThat(Decision.of(on(lastEvening, ZoneOffset.UTC))).isEmpty();
    assertThat(Decision.of(on(lastEvening.plusSeconds(1), ZoneOffset.UTC))).isPresent();
    // In a yard further east that day has begun.
    assertThat(Decision.of(on(lastEvening, ZoneId.of("Europe/Helsinki")))).isPresent();
  }

  @Test
  void whenTheNightMayGetSoColdItComesBack() {
    acceptAll(null, -4.0);
    Night mild = new Night(today, 1, -3.9, 0.2);
    Night cold = new Night(today, 0, -4.0, 0.4);
    assertThat(Tonight.ofAccepted(story.state(), mild)).isNull();
    assertThat(Tonight.ofAccepted(story.state(), cold).words().toString())
        .startsWith("Accepted until −4 °C by technician: heater in it.");
  }

  @Test
  void oneCircuitIsAcceptedAndTheOthersAreStillDecided() {
    Story twin = new Story(elsko.core.Hulls.twinDiesel()).wet();
    String port = twin.boat.engineCircuit(Position.PORT).key();
    twin.say(new Fact.Accepted(port, "alongside, heated", today.plusDays(3), null));
    assertThat(Decision.of(twin.state()).orElseThrow().words().toString())
        .doesNotContain(twin.boat.circuit(port).name())
        .contains(twin.boat.engineCircuit(Position.STARBOARD).name());
  }

  @Test
  void whateverChangesInItEndsIt() {
    accept("engine", today.plusDays(3), null);
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    story.say(new Fact.LowPointSeen("block-port", Seen.RAN_CLEAR));
    assertThat(story.state().circuit("engine").accepted()).isNull();
  }

  @Test
  void whatIsSafeIsNotAcceptedNorForEverNorWithoutAReason() {
    story.drainAll();
    assertThatThrownBy(() -> accept("engine", today.plusDays(3), null))
        .hasMessageContaining("safe as it is");
    Story wet = Story.fourDrains().wet();
    for (LocalDate day : new LocalDate[] {today, today.minusDays(1), today.plusDays(201)}) {
      assertThatThrownBy(() -> wet.say(new Fact.Accepted("engine", "x", day, null)))
          .isInstanceOfSatisfying(
              Refused.class, refused -> assertThat(refused.field()).isEqualTo("until"));
    }
    assertThatThrownBy(() -> new Fact.Accepted("engine", "x", null, null))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Fact.Accepted("engine", " ", today, null))
        .isInstanceOf(Refused.class);
  }

  @Test
  void aCrackIsNeverAccepted() {
    acceptAll(today.plusDays(3), null);
    story.say(new Fact.FrostLooked("engine", FrostFinding.CRACK));
    assertThat(Decision.of(story.state()).orElseThrow().kind()).isEqualTo(Decision.Kind.BROKEN);
    assertThatThrownBy(() -> accept("engine", today.plusDays(3), null))
        .hasMessageContaining("mended");
  }
}
