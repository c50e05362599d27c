package elsko.core.procedure;

import static elsko.core.procedure.request.DescaleVariant.*;
import static elsko.core.procedure.request.FlushVariant.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.BeltSchool;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.Practices;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class VariantsTest {
  static List<Arguments> flushes() {
    return List.of(
        Arguments.of(Hulls.sterndrive(null), "engine", List.of(MUFFS, INTAKE_HOSE, PIPE_IN_BUCKET)),
        Arguments.of(
            Hulls.vDrive(DrainArrangement.HEX_PLUGS),
            "engine",
            List.of(SUCTION_CUP, PIPE_IN_BUCKET)),
        Arguments.of(Hulls.twinDiesel(), "port-engine", List.of(PIPE_IN_BUCKET)),
        Arguments.of(Hulls.twinDiesel(), "generator", List.of(STRAINER_TOP_UP, PIPE_IN_BUCKET)),
        Arguments.of(Hulls.saildrive(), "engine", List.of(STRAINER_TOP_UP, PIPE_IN_BUCKET)),
        Arguments.of(
            Hulls.smallDiesel(),
            "engine",
            List.of(TEE_AND_BUCKET, STRAINER_TOP_UP, PIPE_IN_BUCKET)),
        Arguments.of(Hulls.outboard(), "engine", List.of(MUFFS, PIPE_IN_BUCKET)),
        Arguments.of(Hulls.jet(true), "engine", List.of(TWO_PORT)),
        Arguments.of(Hulls.airCooled(), "engine", List.of()));
  }

  @ParameterizedTest
  @MethodSource("flushes")
  void eachEngineIsFlushedByWhatFitsIt(
      BoatDescription description, String circuit, List<FlushVariant> variants) {
    Boat boat = Boat.of(description);
    assertThat(FlushVariant.possible(boat, boat.circuit(circuit))).isEqualTo(variants);
  }

  static List<Arguments> descales() {
    return List.of(
        Arguments.of(Hulls.sterndrive(null), List.of(TANK_SOAK)),
        Arguments.of(Hulls.sterndriveClosed(), List.of(TANK_SOAK, CLOSED_LOOP)),
        Arguments.of(Hulls.saildrive(), List.of(STRAINER_SOAK, TANK_SOAK, CLOSED_LOOP)),
        Arguments.of(Hulls.smallDiesel(), List.of(STRAINER_SOAK, TANK_SOAK)),
        Arguments.of(Hulls.outboard(), List.of()),
        Arguments.of(Hulls.jet(false), List.of()));
  }

  @ParameterizedTest
  @MethodSource("descales")
  void acidGoesWhereItCan(BoatDescription description, List<DescaleVariant> variants) {
    Boat boat = Boat.of(description);
    assertThat(DescaleVariant.possible(boat, boat.circuit("engine"))).isEqualTo(variants);
  }

  @Test
  void onlyWhatAVariantReachesStartsItsClockAnew() {
    Boat tern = Boat.of(Hulls.saildrive());
    assertThat(STRAINER_SOAK.reaches(tern.circuit("engine")))
        .extracting(Segment::key)
        .contains("strainer", "water-lift")
        .doesNotContain("leg", "intake-hose");
    assertThat(CLOSED_LOOP.reaches(tern.circuit("engine")))
        .extracting(Segment::key)
        .containsExactly("exchanger");
    Story story = new Story(Hulls.saildrive()).wet();
    story.open(Procedure.DESCALE, Map.of("engine", "CLOSED_LOOP")).walk();
    assertThat(story.state().descaled()).containsEntry("engine", List.of("exchanger"));
  }

  @Test
  void withASecondShotAboutAQuarterIsKeptBack() {
    Card card = new Story(Hulls.sterndrive(null)).wet().open(Procedure.DESCALE).card();
    double first = liters(card, "first-shot");
    double second = liters(card, "second-shot");
    assertThat(first).isCloseTo(Math.ceil((18.5 + 1) * 1.1), within(1e-9));
    assertThat(second / (first + second)).isCloseTo(0.25, within(0.03));
    assertThat(card.step("first-shot").soak())
        .extracting(Step.Soak::fromMinutes, Step.Soak::toMinutes)
        .containsExactly(240, 360);
    assertThat(card.step("sea-trial").people()).isEqualTo(2);
  }

  private static double liters(Card card, String step) {
    return card.step(step).asks().stream()
        .filter(Ask.Descale.class::isInstance)
        .mapToDouble(ask -> ((Ask.Descale) ask).liters())
        .sum();
  }

  @Test
  void aFlushTakesUpOnlyWhatWasChosen() {
    Story story = new Story(Hulls.twinDiesel()).wet();
    story.open(Procedure.FLUSH, Map.of("generator", "STRAINER_TOP_UP"));
    assertThat(story.card().steps())
        .extracting(Step::key)
        .containsExactly("generator.flush", "after-flush");
    assertThatThrownBy(() -> new Story(Hulls.airCooled()).open(Procedure.FLUSH))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("nothing a fresh-water flush is for");
  }

  @Test
  void idleAfloatTheSeacockStaysShutWithTheKeyOnIt() {
    Story story = new Story(Hulls.smallDiesel()).wet();
    story.set("seacock", FittingState.SHUT);
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    story.set("seacock", FittingState.OPEN);
    story.open(Procedure.FLUSH).walk();
    assertThat(story.state().fitting("key").state()).isEqualTo(FittingState.ON_SEACOCK);
    assertThat(story.state().fitting("seacock").state()).isEqualTo(FittingState.SHUT);
  }

  @Test
  void whatOpensAPathThatNothingShutsIsNotDoneAfloat() {
    Story story = new Story(Hulls.sterndrive(null)).wet();
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    for (Procedure procedure : List.of(Procedure.FLUSH, Procedure.DESCALE, Procedure.WINTERIZE)) {
      assertThatThrownBy(() -> story.open(procedure)).hasMessageContaining("Lift it first");
    }
    story.open(Procedure.LAY_UP_SERVICE);
    assertThat(story.card().step("warm-up").how().toString()).startsWith("Afloat");
  }

  @Test
  void theBoatDecidesBeforeTheYardAndTheCardBeforeBoth() {
    Practices yard =
        new Practices(
            true, Map.of(Layout.STERNDRIVE, Method.DRAW), BeltSchool.DEFLECTION, 4, Set.of());
    Boat plain = Boat.of(Hulls.sterndrive(null));
    assertThat(Choices.usualMethod(plain, plain.circuit("engine"), Practices.USUAL))
        .isEqualTo(Method.POUR);
    assertThat(Choices.usualMethod(plain, plain.circuit("engine"), yard)).isEqualTo(Method.DRAW);
    Boat own = Boat.of(Hulls.sterndrive(null).with(Method.DRY));
    assertThat(Choices.usualMethod(own, own.circuit("engine"), yard)).isEqualTo(Method.DRY);
    Story story = new Story(Hulls.sterndrive(null).with(Method.DRY)).wet();
    story.practices = yard;
    assertThat(whose(story.open(Procedure.WINTERIZE))).isEqualTo("as this boat is always done");
    Story other = new Story(Hulls.sterndrive(null)).wet();
    other.practices = yard;
    assertThat(whose(other.open(Procedure.WINTERIZE)))
        .isEqualTo("as this yard does its sterndrive boats");
    Story chosen = new Story(Hulls.sterndrive(null)).wet();
    assertThat(whose(chosen.open(Procedure.WINTERIZE, Map.of("engine", "DRY"))))
        .isEqualTo("chosen for this card");
  }

  private static String whose(Story story) {
    return story.card().chosen().get(0).whose();
  }

  @Test
  void aChoiceACircuitDoesNotHaveIsRefusedWithWhatItHas() {
    Story story = new Story(Hulls.twinDiesel()).wet();
    assertThatThrownBy(() -> story.open(Procedure.WINTERIZE, Map.of("port-engine", "POUR")))
        .hasMessageContaining("Port engine raw water cannot be done that way")
        .hasMessageContaining("drain, then draw through")
        .hasMessageContaining("thermostat housing");
    assertThatThrownBy(() -> story.open(Procedure.FLUSH, Map.of("port-engine", "MUFFS")))
        .hasMessageContaining("it can be intake pipe in a bucket");
    assertThatThrownBy(() -> story.open(Procedure.FLUSH, Map.of("sauna", "MUFFS")))
        .hasMessageContaining("no circuit called \"sauna\"");
  }

  @Test
  void undrainedTheTankDoesNotReachWhatStandsBeforeIt() {
    Story story = new Story(Hulls.saildrive().with(Hulls.answers())).wet();
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRAW_UNDRAINED"));
    assertThat(story.card().step("hoses-low").why()).contains("never reached");
    assertThat(story.card().step("drain").asks())
        .filteredOn(Ask.Open.class::isInstance)
        .extracting(Ask::label)
        .containsExactly("leg passages");
    story.walk();
    assertThat(story.state().circuit("engine").contents())
        .containsEntry("intake-hose", elsko.core.ledger.circuit.CircuitState.Content.EMPTY)
        .containsEntry("water-lift", elsko.core.ledger.circuit.CircuitState.Content.ANTIFREEZE);
  }
}
