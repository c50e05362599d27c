package elsko.core.complaint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.Words;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Position;
import elsko.core.due.DueList;
import elsko.core.guide.Complaint;
import elsko.core.guide.Guide;
import elsko.core.ledger.ComplaintStanding;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import elsko.core.trend.EngineTrends;
import elsko.core.trend.TrendKind;
import elsko.core.trend.Trends;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class ComplaintPlanTest {
  private Story story = new Story(Hulls.saildrive());

  private ComplaintPlan plan(Complaint complaint) {
    story.say(new Fact.Complained(null, complaint));
    return plan();
  }

  private ComplaintPlan plan() {
    List<ComplaintStanding> all = story.state().complaints();
    return ComplaintPlan.of(
        story.state(),
        all.get(all.size() - 1),
        DueList.of(story.state(), Set.of(), story.now()),
        trends());
  }

  private List<EngineTrends> trends() {
    return Trends.of(story.boat, story.log);
  }

  private static Suspicion cause(ComplaintPlan plan, String key) {
    return plan.causes().stream()
        .filter(one -> one.cause().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(mode = Mode.EXCLUDE, names = "NOTHING")
  void sharesAreOfOneAndEveryCauseHasWorkAndAWayToLook(Complaint complaint) {
    ComplaintPlan plan = plan(complaint);
    assertThat(plan.causes()).hasSizeGreaterThan(2);
    assertThat(plan.causes().stream().mapToDouble(Suspicion::share).sum())
        .isEqualTo(1, within(1e-9));
    for (Suspicion one : plan.causes()) {
      Cause cause = one.cause();
      assertThat(cause.minutes()).isPositive();
      assertThat(cause.how()).endsWith(".");
      assertThat(cause.work().words()).isNotBlank();
      if (cause.guide() != null) {
        assertThat(Guide.of(cause.guide()).looks())
            .anyMatch(look -> look.key().equals(cause.look()));
      }
    }
  }

  /** Against every other order of looking, tried one by one. */
  @ParameterizedTest
  @EnumSource(names = {"STEAMS_UNDER_LOAD", "RAN_HOT", "WEAK_FLOW", "HARD_TO_START", "SMOKES"})
  void noOtherOrderFindsItSooner(Complaint complaint) {
    ComplaintPlan plan = plan(complaint);
    permute(new ArrayList<>(plan.causes()), 0, plan.minutesToFind());
  }

  private static void permute(List<Suspicion> order, int from, double best) {
    if (from == order.size()) {
      assertThat(ComplaintPlan.minutesToFind(order)).isGreaterThanOrEqualTo(best - 1e-9);
      return;
    }
    for (int at = from; at < order.size(); at++) {
      java.util.Collections.swap(order, from, at);
      permute(order, from + 1, best);
      java.util.Collections.swap(order, from, at);
    }
  }

  @Test
  void anEngineThatStoodIsTurnedByHandBeforeAnythingElse() {
    ComplaintPlan plan = plan(Complaint.STOOD_FOR_YEARS);
    assertThat(plan.causes().get(0).cause().key()).isEqualTo("turned-by-hand");
    assertThat(plan.minutesToFind()).as("all of it is looked at").isEqualTo(plan.minutesForAll());
  }

  @Test
  void whatTheRecordSaysMovesACause() {
    double withoutARecord = cause(plan(Complaint.WEAK_FLOW), "impeller").share();
    assertThat(cause(plan(), "impeller").because().toString()).contains("no record");

    story.say(new Fact.ServiceDone(Position.CENTER, Interval.IMPELLER.key(), ""));
    Suspicion renewed = cause(plan(), "impeller");
    assertThat(renewed.share()).isLessThan(withoutARecord);
    assertThat(renewed.because().toString()).contains("not long ago");

    story.say(new Fact.ConditionSeen(null, "impeller-look", "set"));
    Suspicion seen = cause(plan(), "impeller");
    assertThat(seen.share()).isGreaterThan(withoutARecord);
    assertThat(seen.because().toString()).contains("Look of the impeller");
  }

  @Test
  void piecesThatWereNeverFoundComeUp() {
    double usual = cause(plan(Complaint.RAN_HOT), "pieces").share();
    story.say(new Fact.ReadingTaken(null, Limits.IMPELLER_VANES.key(), 6, 8.0));
    Suspicion missing = cause(plan(), "pieces");
    assertThat(missing.share()).isGreaterThan(5 * usual);
    assertThat(missing.because().toString()).contains("2 pieces");
    assertThat(missing.cause().work().card()).isEqualTo(Procedure.PUMP);
  }

  @Test
  void whatABoatHasNotIsNoCause() {
    story = new Story(Hulls.outboard());
    assertThat(plan(Complaint.STEAMS_UNDER_LOAD).causes())
        .extracting(one -> one.cause().key())
        .doesNotContain("strainer", "muffler", "elbow");
  }

  @Test
  void withTwoEnginesSomebodySaysWhich() {
    story = new Story(Hulls.twinDiesel());
    assertThatThrownBy(() -> plan(Complaint.RAN_HOT))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Name which");
    story.say(new Fact.Complained(Position.PORT, Complaint.RAN_HOT));
    assertThat(plan().complaint().engine()).isEqualTo(Position.PORT);
    story.say(new Fact.Complained(null, Complaint.WET_BILGE));
    assertThat(plan().complaint().engine()).isNull();
  }

  @Test
  void nothingIsAnAnswerAndNoComplaint() {
    story.say(new Fact.Complained(null, Complaint.NOTHING));
    assertThat(story.state().complaints()).isEmpty();
  }

  /** From the owner's words to the curve after: intake, causes, a descale, and what it brought. */
  @Test
  void aComplaintIsPlayedFromIntakeToTheCurveAfter() {
    BoatDescription boat = Hulls.saildrive();
    story = new Story(boat);
    for (double held : new double[] {78, 79, 78}) {
      story.say(new Fact.ReadingTaken(null, Limits.PLATEAU_CLOSED.key(), held, null));
      story.daysLater(300);
    }
    story.say(new Fact.ReadingTaken(null, Limits.PLATEAU_CLOSED.key(), 83, null));
    story.open(Procedure.INTAKE);
    Entry said = story.at("arrival", new Fact.Complained(null, Complaint.STEAMS_UNDER_LOAD));

    ComplaintPlan plan = plan();
    assertThat(cause(plan, "scale").because().toString()).contains("over its own history");
    assertThat(plan.causes().get(0).cause().key()).isEqualTo("scale");
    assertThat(cause(plan, "scale").cause().work().card()).isEqualTo(Procedure.DESCALE);

    story.wet().open(Procedure.DESCALE).walk();
    story.say(new Fact.WorkDone(said.id()));
    assertThatThrownBy(() -> story.say(new Fact.WorkDone(said.id()))).isInstanceOf(Refused.class);
    assertThat(plan().complaint().isOpen()).isFalse();
    story.daysLater(30);
    for (int i = 0; i < 5; i++) {
      story.say(new Fact.ReadingTaken(null, Limits.PLATEAU_CLOSED.key(), 73, null));
    }
    double before = curve().beforeC();
    assertThat(before)
        .as("what the card read before the acid")
        .isEqualTo(curve().before().get(4).value());
    assertThat(curve().afterC()).isEqualTo(73);
    assertThat(curve().words().toString())
        .isEqualTo(
            "Held at %s before, 73 °C after: %s K lower."
                .formatted(Quantity.celsius(before), Words.number(before - 73, 1)));
  }

  private BeforeAndAfter curve() {
    return BeforeAndAfter.of(
        story.state(), plan().complaint(), trends().get(0).of(TrendKind.PLATEAU));
  }

  @Test
  void aCurveClaimsNothingThatWasNotRead() {
    ComplaintPlan plan = plan(Complaint.RAN_HOT);
    assertThat(BeforeAndAfter.of(story.state(), plan.complaint(), List.of()).words().toString())
        .isEqualTo("Its gauge was never read warm.");
    story.say(new Fact.ReadingTaken(null, Limits.PLATEAU_CLOSED.key(), 78, null));
    assertThat(curve().words().toString())
        .isEqualTo("Held at 78 °C before. Nothing was read since.");
  }
}
