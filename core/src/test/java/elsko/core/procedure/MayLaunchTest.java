package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.MayLaunch.InTheWay;
import elsko.core.procedure.MayLaunch.Kind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.commission.CommissionCard;
import elsko.core.procedure.part.FrostLook;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class MayLaunchTest {
  private static final Fact AFLOAT = new Fact.BerthMoved(new UUID(0, 7), "W1", true);

  private static MayLaunch of(Story story) {
    Instant now = story.log.get(story.log.size() - 1).deviceTime();
    return MayLaunch.of(story.state(), story.practices, ZoneOffset.UTC, now);
  }

  private static List<Kind> kinds(Story story) {
    return of(story).inTheWay().stream().map(InTheWay::kind).toList();
  }

  /** Winterized to the last step. */
  private static Story laidUp() {
    return new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE).walk();
  }

  /** Commissioned up to the launch. */
  private static Story ashoreHalfDone() {
    Story story = laidUp().open(Procedure.COMMISSION);
    for (Step step : story.card().steps()) {
      if (step.key().equals(CommissionCard.LAUNCH)) {
        return story;
      }
      for (Ask ask : step.asks()) {
        Story.USUAL.to(ask, story.state()).forEach(fact -> story.at(step.key(), fact));
      }
      story.at(step.key(), new Fact.StepDone());
    }
    return story;
  }

  @Test
  void aBoatThatIsLaidUpIsCommissionedFirst() {
    Story story = laidUp();
    assertThat(kinds(story)).contains(Kind.CARD);
    assertThat(of(story).yes()).isFalse();
    assertThat(of(story).inTheWay())
        .anyMatch(one -> one.words().contains("spring card not started"));
  }

  @Test
  void aPlugStillInTheBagKeepsItAshore() {
    Story story = ashoreHalfDone();
    String drain =
        story.boat.fittings().stream()
            .filter(fitting -> fitting.kind().isDrain())
            .findFirst()
            .orElseThrow()
            .key();
    story.set(drain, FittingState.OUT_BAGGED);
    assertThat(of(story).inTheWay())
        .anyMatch(one -> one.kind() == Kind.HOLE && one.words().endsWith("is OUT, bagged."));
    assertThat(of(story).readyForTheLift()).isFalse();
    assertThatThrownBy(() -> story.say(AFLOAT)).isInstanceOf(Refused.class);
  }

  @Test
  void withItsAshoreHalfDoneItMayLaunchOnTheDayItsSeacocksWereSeen() {
    Story story = ashoreHalfDone();
    Instant tomorrow = story.log.get(story.log.size() - 1).deviceTime().plusSeconds(24 * 3600);
    MayLaunch then = MayLaunch.of(story.state(), story.practices, ZoneOffset.UTC, tomorrow);
    assertThat(then.yes()).isFalse();
    assertThat(then.readyForTheLift()).isTrue();
    assertThat(then.inTheWay())
        .containsExactly(
            new InTheWay(
                Kind.ON_THE_DAY,
                "Seacock, heads intake seacock and heads outlet seacock not checked today: check"
                    + " they are SHUT."));
    assertThat(of(story).inTheWay()).isEmpty();
    assertThat(of(story).yes()).isTrue();
    story.say(AFLOAT);
    assertThat(story.state().afloat()).isTrue();
  }

  @Test
  void aStepAshoreThatIsOpenIsNamed() {
    Story story = laidUp().open(Procedure.COMMISSION);
    assertThat(of(story).inTheWay())
        .anyMatch(one -> one.kind() == Kind.CARD && one.words().contains("Still to do ashore"));
  }

  @Test
  void aLostVaneStandsInTheWayAndARedTagThatDoesNotFloodDoesNot() {
    Story story = ashoreHalfDone();
    story.say(new Fact.ConditionSeen(null, "oil-look", "milky"));
    story.say(new Fact.ReadingTaken(null, "impeller-vanes", 5, 6.0));
    assertThat(of(story).inTheWay())
        .extracting(InTheWay::words)
        .contains("1 piece of an impeller still in the engine.")
        .noneMatch(words -> words.contains("oil"));
    assertThat(of(story).readyForTheLift()).isFalse();
  }

  @Test
  void havingNoTimeToLookForFrostIsNoFinding() {
    Story story = laidUp().open(Procedure.COMMISSION);
    String engine = story.boat.circuits().get(0).key();
    story.at(FrostLook.KEY, new Fact.FrostLooked(engine, FrostFinding.NOTHING));
    story.at(FrostLook.KEY, new Fact.StepSkipped("no time"));
    assertThat(of(story).inTheWay())
        .anyMatch(one -> one.words().startsWith("Nobody looked for what the winter did to the "))
        .noneMatch(one -> one.words().contains(story.boat.circuits().get(0).name()));
    for (Ask ask : story.card().step(FrostLook.KEY).asks()) {
      Story.USUAL.to(ask, story.state()).forEach(fact -> story.at(FrostLook.KEY, fact));
    }
    assertThat(of(story).inTheWay()).noneMatch(one -> one.words().startsWith("Nobody looked"));
  }
}
