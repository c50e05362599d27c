package elsko.core.ledger.fact;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class EntryWordsTest {
  static Stream<Arguments> entries() {
    return Stream.of(
        Arguments.of(
            new Fact.FittingSet("block-port-drain", FittingState.OUT_BAGGED, false, ""),
            "Port block drain OUT, bagged"),
        Arguments.of(
            new Fact.FittingSet("block-port-drain", FittingState.OUT_BAGGED, true, ""),
            "Port block drain OUT, bagged for a sample"),
        Arguments.of(
            new Fact.FittingSet("key", FittingState.OFFICE, false, "owner away"),
            "Key in the office: owner away"),
        Arguments.of(new Fact.FittingSet("once-was", FittingState.IN, false, ""), "Once-was IN"),
        Arguments.of(
            new Fact.LowPointSeen("block-port", Seen.DID_NOT_RUN), "Port block did not run"),
        Arguments.of(new Fact.CircuitSeen("engine", false), "Engine raw water: water in it"),
        Arguments.of(
            new Fact.CircuitSeen("engine", true),
            "Engine raw water: in service, water in it on purpose"),
        Arguments.of(new Fact.EngineStarted(null, StartBasis.KICK, 2), "Engine kicked for 2 s"),
        Arguments.of(new Fact.EngineStarted(null, StartBasis.FED, 0), "Engine started on its feed"),
        Arguments.of(new Fact.EngineStarted(null, StartBasis.AFLOAT, 0), "Engine started afloat"),
        Arguments.of(new Fact.EngineStopped(null), "Engine stopped"),
        Arguments.of(
            new Fact.FluidUsed("engine", Story.LOT, 4.5, "recirculation-hose"),
            "Poured 4.5 L of lot P38-1 into recirculation hose"),
        Arguments.of(
            new Fact.FluidUsed("engine", Story.LOT, 19, null),
            "Drew 19 L of lot P38-1 through engine raw water"),
        Arguments.of(
            new Fact.JugRead(Story.LOT, Story.GLASS, -19.1),
            "Jug of lot P38-1 reads −19.1 °C (PG freeze point) with bay glass"),
        Arguments.of(
            new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, -7.6, 14),
            "Sample, port block: −7.6 °C (PG freeze point), at 14 °C"),
        Arguments.of(
            new Fact.CouldNotSample("block-port", "seized"),
            "Port block: no sample possible: seized"),
        Arguments.of(new Fact.ReadingTaken(null, "warm-plateau", 74), "Warm plateau 74 °C"),
        Arguments.of(new Fact.BagCounted(1), "Bag counted: 1 plug"),
        Arguments.of(new Fact.BagCounted(5), "Bag counted: 5 plugs"),
        Arguments.of(new Fact.Noted("hears a drip"), "Note: hears a drip"),
        Arguments.of(
            new Fact.CardOpened(Procedure.WINTERIZE, Map.of("engine", "POUR")),
            "Winterizing card opened"),
        Arguments.of(new Fact.CardTaken(), "Goes on with the card"),
        Arguments.of(new Fact.StepDone(), "Step done"),
        Arguments.of(new Fact.StepSkipped("came warm"), "Step skipped: came warm"),
        Arguments.of(new Fact.BayEntered(), "In the bay"),
        Arguments.of(new Fact.BayLeft(), "Out of the bay"),
        Arguments.of(new Fact.BerthMoved(UUID.randomUUID(), "W1", true), "Moved to W1, afloat"),
        Arguments.of(new Fact.Withdrawn("wrong boat"), "Taken back: wrong boat"));
  }

  @ParameterizedTest
  @MethodSource("entries")
  void everyEntryReadsAsASentence(Fact fact, String words) {
    assertThat(EntryWords.of(Story.fourDrains().boat, fact).toString()).isEqualTo(words);
  }
}
