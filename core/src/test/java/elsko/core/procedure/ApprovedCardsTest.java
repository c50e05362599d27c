package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.pump.WaterOutCardTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whole cards, written out and read line by line. After a change that is meant, run with {@code
 * -Delsko.approve=true}, and read the difference before it is kept.
 */
class ApprovedCardsTest {
  private static final Path APPROVED = Path.of("src/test/resources/elsko/core/procedure/approved");

  static Stream<Arguments> cards() {
    return Stream.of(
        card("sterndrive-v8", Hulls.sterndrive(DrainArrangement.FOUR_DRAINS), Procedure.WINTERIZE),
        card("sterndrive-v8", Hulls.sterndrive(DrainArrangement.FOUR_DRAINS), Procedure.DESCALE),
        card("sterndrive-closed", Hulls.sterndriveClosed(), Procedure.WINTERIZE),
        card("v-drive-earlier", Hulls.vDrive(DrainArrangement.HEX_PLUGS), Procedure.WINTERIZE),
        card("v-drive-later", Hulls.vDrive(DrainArrangement.FINGER_PLUGS), Procedure.WINTERIZE),
        card("twin-diesel", Hulls.twinDiesel(), Procedure.WINTERIZE),
        card("twin-diesel", Hulls.twinDiesel(), Procedure.FLUSH),
        card("saildrive", Hulls.saildrive(), Procedure.WINTERIZE),
        card("saildrive", Hulls.saildrive(), Procedure.FLUSH),
        card("saildrive", Hulls.saildrive(), Procedure.DESCALE),
        card("saildrive", Hulls.saildrive(), Procedure.LAY_UP_SERVICE),
        card("small-diesel", Hulls.smallDiesel(), Procedure.WINTERIZE),
        card("small-diesel", Hulls.smallDiesel(), Procedure.FLUSH),
        card("vintage", Hulls.vintage(), Procedure.WINTERIZE),
        card("outboard", Hulls.outboard(), Procedure.WINTERIZE),
        card("outboard", Hulls.outboard(), Procedure.INTAKE),
        card("jet", Hulls.jet(false), Procedure.WINTERIZE),
        card("jet", Hulls.jet(false), Procedure.FLUSH),
        card("jet-with-valve", Hulls.jet(true), Procedure.FLUSH),
        card("air-cooled", Hulls.airCooled(), Procedure.WINTERIZE),
        card("specialist", Hulls.iceAndWatermaker(), Procedure.WINTERIZE),
        card("no-engine", Hulls.noEngine(), Procedure.WINTERIZE),
        card("small-diesel", Hulls.smallDiesel(), Procedure.PUMP),
        card("sterndrive-v8", Hulls.sterndrive(DrainArrangement.FOUR_DRAINS), Procedure.PUMP),
        card("outboard", Hulls.outboard(), Procedure.PUMP));
  }

  private static Arguments card(String name, BoatDescription boat, Procedure procedure) {
    return Arguments.of(name, boat, procedure);
  }

  @ParameterizedTest(name = "{0} {2}")
  @MethodSource("cards")
  void theWholeCardReadsAsApproved(String name, BoatDescription boat, Procedure procedure)
      throws IOException {
    Story story = new Story(boat).wet().open(procedure);
    approve(name + "." + fileName(procedure), CardText.of(story.boat, story.card()));
  }

  @Test
  void theServiceOfAVisitKnowsWhatWinterizingDidAndStillDoes() throws IOException {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW);
    story.open(Procedure.LAY_UP_SERVICE);
    approve("visit.service-beside-a-draw.txt", CardText.of(story.boat, story.card()));

    Story warmed = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    warmed.walkTo("warm-up", Map.of()).open(Procedure.LAY_UP_SERVICE);
    approve("visit.service-after-a-warm-up.txt", CardText.of(warmed.boat, warmed.card()));
  }

  @Test
  void theServiceOfAProvenBoatLeavesItsProofAsItIs() throws IOException {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walk();
    story.in(Duration.ofDays(1)).open(Procedure.LAY_UP_SERVICE);
    approve("visit.service-of-a-proven-boat.txt", CardText.of(story.boat, story.card()));
  }

  @Test
  void aPumpThatLeaksAndLostVanesSaysWhatThatTakes() throws IOException {
    Story story = new Story(Hulls.smallDiesel()).wet().open(Procedure.PUMP);
    story.at("pump-impeller", new Fact.ReadingTaken(null, "impeller-vanes", 6, 8.0));
    story.at("pump-shaft", new Fact.ConditionSeen(null, "pump-tell-tale", "water"));
    approve("small-diesel.pump-worn.txt", CardText.of(story.boat, story.card()));
  }

  @Test
  void waterInTheCylindersIsACardOfItsOwn() throws IOException {
    Story diesel = WaterOutCardTest.stoppedDead(Hulls.smallDiesel());
    approve("small-diesel.water-out.txt", CardText.of(diesel.boat, diesel.card()));
    Story petrol = WaterOutCardTest.stoppedDead(Hulls.vintage());
    approve("vintage.water-out.txt", CardText.of(petrol.boat, petrol.card()));
  }

  static Stream<Arguments> commissioned() {
    return Stream.of(
        Arguments.of("saildrive", Hulls.saildrive()),
        Arguments.of("v-drive-later", Hulls.vDrive(DrainArrangement.FINGER_PLUGS)),
        Arguments.of("sterndrive-v8", Hulls.sterndrive(DrainArrangement.FOUR_DRAINS)));
  }

  @ParameterizedTest(name = "{0} commissioned")
  @MethodSource("commissioned")
  void theSpringCardUndoesWhatTheWinterDid(String name, BoatDescription boat) throws IOException {
    Story story = new Story(boat).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION);
    approve(name + "." + fileName(Procedure.COMMISSION), CardText.of(story.boat, story.card()));
  }

  private static String fileName(Procedure procedure) {
    return procedure.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + ".txt";
  }

  private static void approve(String file, String text) throws IOException {
    Path approved = APPROVED.resolve(file);
    if (Boolean.getBoolean("elsko.approve")) {
      Files.createDirectories(APPROVED);
      Files.writeString(approved, text);
    }
    assertThat(approved).exists();
    assertThat(text).isEqualTo(Files.readString(approved));
  }
}
