package elsko.core.castoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.Text;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.ledger.fact.Trouble;
import elsko.core.limits.Call;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.Practices;
import elsko.core.trial.AnyBoat;
import elsko.core.trip.FuelSchool;
import elsko.core.trip.Tank;
import elsko.core.trip.Trip;
import elsko.core.trip.TripFuel;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import org.junit.jupiter.api.Test;

class CastOffTest {
  private static final Trip TRIP = new Trip(4, 6.0, true, FuelSchool.TWENTY_PERCENT);
  private static final TripFuel ENOUGH = fuel(80);

  private static TripFuel fuel(double gauge) {
    return TripFuel.of(TRIP, List.of(new Tank("", 200, gauge, null, 20)));
  }

  /** A boat that was commissioned and lies afloat. */
  private static Story afloat(BoatDescription hull) {
    return new Story(hull).wet().open(Procedure.COMMISSION).walk();
  }

  private static Round round(Story story, RoundKind kind) {
    return Round.of(story.state(), Practices.USUAL, kind);
  }

  private static List<String> labels(Round round, String part) {
    return round.parts().stream()
        .filter(one -> one.key().equals(part))
        .flatMap(one -> one.asks().stream())
        .map(Ask::label)
        .toList();
  }

  /** Everything as it should be, up to and with a phase. */
  private static Answers good(Story story, Round round, Part.Phase last) {
    List<Fact.FittingSet> set = new ArrayList<>();
    List<Fact.ConditionSeen> seen = new ArrayList<>();
    List<Fact.ReadingTaken> read = new ArrayList<>();
    for (Part part : round.parts()) {
      if (part.phase().compareTo(last) > 0) {
        continue;
      }
      for (Ask ask : part.asks()) {
        for (Fact fact : Story.USUAL.to(ask, story.state())) {
          if (fact instanceof Fact.FittingSet one) {
            set.add(one);
          } else if (fact instanceof Fact.ConditionSeen one) {
            seen.add(one);
          } else {
            read.add((Fact.ReadingTaken) fact);
          }
        }
      }
    }
    return new Answers(set, seen, read);
  }

  private static Answers good(Story story, Round round) {
    return good(story, round, Part.Phase.RUNNING);
  }

  private static Answers with(Answers answers, Fact.ConditionSeen more) {
    List<Fact.ConditionSeen> seen = new ArrayList<>(answers.seen());
    seen.add(more);
    return new Answers(answers.set(), seen, answers.read());
  }

  @Test
  void aTwinHasBothEnginesAndItsGeneratorLookedAtAndStartedOneByOne() {
    Round round = round(afloat(Hulls.twinDiesel()), RoundKind.SHORT);
    assertThat(round.parts().stream().map(Part::title))
        .containsExactly(
            "Before hands go in",
            "Port engine, stopped",
            "Starboard engine, stopped",
            "Generator, stopped",
            "Before the hatch is closed",
            "At the helm",
            "Start the port engine",
            "Start the starboard engine",
            "Start the generator");
    assertThat(labels(round, "PORT-running")).contains("water at the exhaust after");
    assertThat(labels(round, "helm")).doesNotContain("petrol vapor", "lanyard of the stop switch");
  }

  @Test
  void petrolIsSniffedBeforePowerAndWhoeverSteersFastWearsTheLanyard() {
    Round round = round(afloat(Hulls.sterndrive(null)), RoundKind.SHORT);
    List<String> helm = labels(round, "helm");
    assertThat(helm.get(0)).isEqualTo("petrol vapor");
    assertThat(helm).contains("drive DOWN", "lanyard of the stop switch");
    assertThat(helm.get(helm.size() - 1)).isEqualTo("battery switch ON");
    assertThat(labels(round(afloat(Hulls.outboard()), RoundKind.SHORT), "helm"))
        .contains("lanyard of the stop switch")
        .doesNotContain("petrol vapor");
  }

  @Test
  void aSaildriveHasItsSealLookedAtAndTheFullRoundLooksAtMore() {
    Story story = afloat(Hulls.saildrive());
    List<String> brief = labels(round(story, RoundKind.SHORT), "CENTER-stopped");
    List<String> full = labels(round(story, RoundKind.FULL), "CENTER-stopped");
    assertThat(brief).contains("seacock OPEN", "strainer", "seal of the leg");
    assertThat(full).containsAll(brief).contains("look of the engine oil", "mounts and bolts");
    assertThat(labels(round(story, RoundKind.FULL), "CENTER-running"))
        .contains("gauge holds at", "exhaust smoke");
  }

  @Test
  void allGoodAndFuelEnoughIsAGoAndTheLogKeepsWhatWasFound() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    Fact.RoundDone done = CastOff.ended(story.state(), round, good(story, round), ENOUGH);
    assertThat(done.go()).isTrue();
    assertThat(done.reasons()).map(Text::toString).isEmpty();
    story.say(done);
    assertThat(story.state().lastRound().go()).isTrue();
    assertThat(story.state().reading(Position.CENTER, "strainer").found().toString())
        .isEqualTo("clear");
  }

  @Test
  void tooLittleFuelIsANoGoThatSaysHowMuchToAdd() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    // Burns 80 L, needs 96; 40 % of 200 L less 20 L that nothing can draw are 60.
    Fact.RoundDone done = CastOff.ended(story.state(), round, good(story, round), fuel(40));
    assertThat(done.go()).isFalse();
    assertThat(done.reasons()).map(Text::toString).containsExactly("Fuel: Not enough: add 36 L.");
  }

  @Test
  void aStopIsANoGoAtOnceWithoutAStartAndWhatIsToBePutRightIsNot() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    Answers stopped = good(story, round, Part.Phase.STOPPED);
    Answers leaks = with(stopped, new Fact.ConditionSeen(null, "bilge", "more"));
    Fact.RoundDone done = CastOff.ended(story.state(), round, leaks, null);
    assertThat(done.go()).isFalse();
    assertThat(done.reasons().get(0).toString()).startsWith("Bilge: more than last time.");
    Answers damp = with(good(story, round), new Fact.ConditionSeen(null, "bilge", "damp"));
    GoNoGo go = GoNoGo.of(story.state(), round, damp, ENOUGH);
    assertThat(go.go()).isTrue();
    assertThat(go.reasons()).extracting(GoNoGo.Reason::call).containsExactly(Call.MEND);
  }

  @Test
  void noGoBeforeEverythingIsAnsweredAndNoStartBeforeTheRest() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    Answers half = good(story, round, Part.Phase.HELM);
    assertThatThrownBy(() -> CastOff.ended(story.state(), round, half, ENOUGH))
        .hasMessageContaining("Still open: Start the engine: water at the exhaust after");
    Answers all = good(story, round);
    assertThatThrownBy(() -> CastOff.ended(story.state(), round, all, null))
        .hasMessageContaining("Still open: fuel for the trip");
    Answers startedFirst = new Answers(List.of(), List.of(), all.read());
    assertThatThrownBy(() -> CastOff.ended(story.state(), round, startedFirst, ENOUGH))
        .hasMessageContaining("First everything with the engines stopped");
  }

  @Test
  void aRoundChangesNothingItDoesNotAskFor() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    Answers good = good(story, round);
    List<Fact.FittingSet> more = new ArrayList<>(good.set());
    more.add(new Fact.FittingSet("impeller", FittingState.REMOVED, false, ""));
    Answers lid = new Answers(more, good.seen(), good.read());
    assertThatThrownBy(() -> CastOff.ended(story.state(), round, lid, ENOUGH))
        .hasMessageContaining("does not ask for \"impeller\"");
    Answers oil = with(good, new Fact.ConditionSeen(Position.CENTER, "oil-look", "amber"));
    assertThatThrownBy(() -> CastOff.ended(story.state(), round, oil, ENOUGH))
        .hasMessageContaining("does not ask for \"oil-look\"");
  }

  @Test
  void aSeacockFoundShutIsAStopAndIsKeptAsItIs() {
    Story story = afloat(Hulls.saildrive());
    Round round = round(story, RoundKind.SHORT);
    Answers good = good(story, round);
    Answers shut =
        new Answers(
            good.set().stream()
                .map(
                    set ->
                        set.fitting().equals("seacock")
                            ? new Fact.FittingSet("seacock", FittingState.SHUT, false, "")
                            : set)
                .toList(),
            good.seen(),
            good.read());
    Fact.RoundDone done = CastOff.ended(story.state(), round, shut, ENOUGH);
    assertThat(done.reasons()).map(Text::toString).containsExactly("Seacock is SHUT.");
    story.say(done);
    assertThat(story.state().fitting("seacock").state()).isEqualTo(FittingState.SHUT);
  }

  @Test
  void whatTheLogHasAgainstItIsANoGo() {
    Story ashore = new Story(Hulls.sterndrive(null)).wet().open(Procedure.WINTERIZE).walk();
    List<String> words =
        GoNoGo.standing(ashore.state(), round(ashore, RoundKind.SHORT)).stream()
            .map(reason -> reason.words().toString())
            .toList();
    assertThat(words).contains("By the record it stands ashore.", "Engine raw water is laid up.");
    Story story = afloat(Hulls.saildrive());
    assertThat(GoNoGo.standing(story.state(), round(story, RoundKind.SHORT))).isEmpty();
    story.say(new Fact.EngineTroubled(null, Trouble.RAN_HOT));
    story.say(new Fact.ConditionSeen(Position.CENTER, "exhaust-joints", "soot"));
    story.set("load-limit", FittingState.LOW_LOAD_ONLY);
    assertThat(GoNoGo.standing(story.state(), round(story, RoundKind.SHORT)))
        .extracting(reason -> reason.words().toString())
        .containsExactly(
            "Load limit is low load only.",
            "Red tag. Engine: over temperature: it ran hot, as was said.",
            "Red tag. Engine: a leak at an exhaust joint: soot or drips at a joint.",
            "Engine, exhaust joints: soot or drips at a joint.",
            "The engine ran hot: its impeller and cooling path are looked at first.");
    // The full round looks at the joints itself.
    assertThat(GoNoGo.standing(story.state(), round(story, RoundKind.FULL))).hasSize(4);
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF)
  void everyBoatHasARoundThatAsksNothingTwiceAndEndsInGo(@ForAll long seed) {
    Story story = new Story(AnyBoat.of(seed)).wet();
    story
        .boat
        .fittingsOf(FittingKind.SEACOCK)
        .forEach(seacock -> story.set(seacock.key(), FittingState.SHUT));
    story.say(new Fact.BerthMoved(new UUID(0, 7), "the pier", true));
    for (RoundKind kind : RoundKind.values()) {
      Round round = round(story, kind);
      Set<String> asked = new HashSet<>();
      round
          .asks()
          .forEach(ask -> assertThat(asked.add(ask.label() + Round.engineOf(ask))).isTrue());
      GoNoGo result = GoNoGo.of(story.state(), round, good(story, round), ENOUGH);
      assertThat(result.open()).isEmpty();
      assertThat(result.go()).as(result.reasons().toString()).isTrue();
    }
  }
}
