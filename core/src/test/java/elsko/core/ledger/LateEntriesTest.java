package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Late;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.rules.Interlocks;
import elsko.core.ledger.rules.LateRules;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What comes in after it happened: folded where it belongs, and never evidence of what nobody saw.
 */
class LateEntriesTest {
  private final Story story = Story.fourDrains().wet();
  private final List<Entry> log = new ArrayList<>(story.log);
  private final Instant arrives = story.now().plus(Duration.ofHours(9));

  private static Fact set(String fitting, FittingState to) {
    return new Fact.FittingSet(fitting, to, false, "");
  }

  /** It happened so many minutes after the boat came in, and was kept hours later. */
  private Entry at(int minutes, Fact fact) {
    return at(minutes, fact, null);
  }

  private Entry at(int minutes, Fact fact, Late late) {
    Instant happened = story.now().plus(Duration.ofMinutes(minutes));
    Entry entry =
        new Entry(UUID.randomUUID(), "technician", happened, arrives, null, null, null, fact)
            .with(late);
    log.add(entry);
    return entry;
  }

  private BoatState state() {
    return Ledger.fold(story.boat, story.need, log);
  }

  private LateRules rules() {
    return new LateRules(story.boat, ProofRules.of(story.need), Story.RULES, log);
  }

  @Test
  void whatHappenedLastStandsWheneverItCameIn() {
    at(60, set("block-port-drain", FittingState.OUT_BAGGED));
    at(0, set("block-port-drain", FittingState.IN));
    assertThat(state().fitting("block-port-drain").state()).isEqualTo(FittingState.OUT_BAGGED);
  }

  @Test
  void aDrainOpenedBeforeTheSamplesButEnteredAfterThemUndoesNothing() {
    Story proven =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("prove", Map.of());
    log.clear();
    log.addAll(proven.log);
    assertThat(state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    Instant afterProof = proven.now().plus(Duration.ofMinutes(3));
    log.add(
        new Entry(
            UUID.randomUUID(),
            "technician",
            afterProof,
            arrives,
            null,
            null,
            null,
            set("block-port-drain", FittingState.OUT_BAGGED)));
    assertThat(state().circuit("engine").protection()).isEqualTo(Protection.WET);
  }

  /**
   * A drain that was OUT while it was filled, told only afterwards: nobody knows what stands in it.
   */
  @ParameterizedTest
  @EnumSource(
      value = Method.class,
      names = {"POUR", "DRAW"})
  void aFillThroughADrainThatWasOutClaimsNothing(Method method) {
    Story filled = Story.winterizing(DrainArrangement.FOUR_DRAINS, method).walk();
    log.clear();
    log.addAll(filled.log);
    assertThat(state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    Entry fill =
        log.stream()
            .filter(entry -> entry.fact() instanceof Fact.FluidUsed)
            .findFirst()
            .orElseThrow();
    log.add(
        new Entry(
            UUID.randomUUID(),
            "technician",
            fill.deviceTime().minusMillis(500),
            arrives,
            null,
            null,
            null,
            set("block-port-drain", FittingState.OUT_BAGGED)));
    assertThat(state().circuit("engine").protection()).isEqualTo(Protection.WET);
  }

  @Test
  void whatWasEnteredInItsTurnNeedsNoPlaceFound() {
    Entry last = at(60, new Fact.Noted("cold"));
    assertThat(LateRules.comesBetween(story.log, last)).isFalse();
    assertThat(LateRules.comesBetween(log, at(30, new Fact.Noted("colder")))).isTrue();
    assertThat(LateRules.waited(last)).isTrue();
  }

  @Test
  void aFewSecondsAreTheClocksAndNotTheOrder() {
    Entry last = at(10, new Fact.Noted("one"));
    Entry seconds = last.with(new Fact.Noted("two")).at(last.happened().minusSeconds(4));
    Entry minute = last.with(new Fact.Noted("three")).at(last.happened().minusSeconds(60));
    assertThat(LateRules.inStep(log, seconds).happened()).isEqualTo(last.happened());
    assertThat(LateRules.inStep(log, minute)).isEqualTo(minute);
    assertThat(LateRules.inStep(List.of(), seconds)).isEqualTo(seconds);
  }

  @Test
  void aStartThatARuleForbadeIsMarkedAndTheBoatAsks() {
    Fact start = new Fact.EngineStarted(null, StartBasis.FED, 0);
    at(0, set("drive", FittingState.UP));
    Entry sent = at(5, start);
    log.remove(sent);
    Refused why = null;
    try {
      Interlocks.check(
          rules().before(sent.happened()), "technician", start, Story.RULES, sent.happened());
    } catch (Refused refused) {
      why = refused;
    }
    assertThat(LateRules.marks(sent, why)).isTrue();
    Entry marked = sent.with(new Late(false, why.reason(), List.of()));
    log.add(marked);

    BoatState state = state();
    assertThat(state.contradicted()).containsExactly(marked);
    assertThat(Decision.of(state))
        .get()
        .satisfies(
            decision -> {
              assertThat(decision.kind()).isEqualTo(Decision.Kind.CONTRADICTED);
              assertThat(decision.words().toString()).contains("entered late").contains("UP");
            });
    at(200, new Fact.LateSettled(marked.id(), "looked at the joints: whole"));
    assertThat(state().contradicted()).isEmpty();
  }

  @Test
  void whatIsEnteredNowIsRefusedAndSoIsPaper() {
    Fact start = new Fact.EngineStarted(null, StartBasis.FED, 0);
    Entry now =
        new Entry(UUID.randomUUID(), "technician", arrives, arrives, null, null, null, start);
    assertThat(LateRules.marks(now, Refused.state("engine", "no"))).isFalse();
    Entry late = at(5, start);
    assertThat(LateRules.marks(late, Refused.state("engine", "no"))).isTrue();
    assertThat(LateRules.marks(late, Refused.value("engine", "no"))).isFalse();
    assertThat(LateRules.marks(at(6, new Fact.StepDone()), Refused.state("step", "no"))).isFalse();
  }

  @Test
  void laterEntriesThatItUpsetsAreNamed() {
    at(0, set("block-port-drain", FittingState.IN));
    at(1, set("recirculation-hose", FittingState.OFF));
    Entry poured = at(60, new Fact.FluidUsed("engine", Story.LOT, 4, "recirculation-hose"));
    Entry note = at(61, new Fact.Noted("poured"));
    Entry out =
        new Entry(
            UUID.randomUUID(),
            "technician",
            story.now().plus(Duration.ofMinutes(30)),
            arrives,
            null,
            null,
            null,
            set("block-port-drain", FittingState.OUT_BAGGED));

    assertThat(rules().upsetBy(out)).containsExactly(poured.id()).doesNotContain(note.id());
    log.add(out.with(new Late(false, null, List.of(poured.id()))));
    assertThat(state().contradicted()).extracting(Entry::id).containsExactly(out.id());
  }

  @Test
  void whatIsEnteredAfterwardsEndsAClaimAndMakesNone() {
    Late afterwards = new Late(true, null, List.of());
    Story proven =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("prove", Map.of());
    List<Entry> sampledAfterwards =
        proven.log.stream()
            .map(e -> e.fact() instanceof Fact.SampleRead ? e.with(afterwards) : e)
            .toList();
    assertThat(protection(proven, sampledAfterwards)).isEqualTo(Protection.FILLED);

    List<Entry> opened = new ArrayList<>(proven.log);
    opened.add(
        new Entry(
                UUID.randomUUID(),
                "technician",
                proven.now(),
                proven.now(),
                null,
                null,
                null,
                set("block-port-drain", FittingState.OUT_BAGGED))
            .with(afterwards));
    assertThat(protection(proven, opened)).isEqualTo(Protection.WET);
    BoatState left = Ledger.fold(proven.boat, proven.need, opened);
    assertThat(left.fitting("block-port-drain").isLooseEnd()).isTrue();
    opened.add(
        new Entry(
                UUID.randomUUID(),
                "technician",
                proven.now(),
                proven.now(),
                null,
                null,
                null,
                set("block-port-drain", FittingState.IN))
            .with(afterwards));
    assertThat(protection(proven, opened)).isNotEqualTo(Protection.PROVEN);
  }

  private static Protection protection(Story story, List<Entry> log) {
    return Ledger.fold(story.boat, story.need, log).circuit("engine").protection();
  }

  @Test
  void aCorrectionStandsWhereItsEntryHappened() {
    Entry out = at(10, set("block-port-drain", FittingState.OUT_BAGGED));
    at(20, set("block-port-drain", FittingState.IN));
    log.add(
        new Entry(
            UUID.randomUUID(),
            "technician",
            arrives,
            arrives,
            null,
            null,
            out.id(),
            set("block-port-drain", FittingState.OUT_MISSING)));
    assertThat(state().fitting("block-port-drain").state()).isEqualTo(FittingState.IN);
  }
}
