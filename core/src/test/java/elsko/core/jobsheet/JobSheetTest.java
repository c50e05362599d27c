package elsko.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.guide.Complaint;
import elsko.core.jobsheet.JobLine.Kind;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class JobSheetTest {
  private Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);

  private List<JobLine> sheet() {
    return JobSheet.of(
        story.state(), story.practices, story.log, Instant.EPOCH, story.now().plusSeconds(1));
  }

  private List<JobLine> sheet(Kind kind) {
    return sheet().stream().filter(line -> line.kind() == kind).toList();
  }

  private double used() {
    return story.log.stream()
        .filter(entry -> entry.fact() instanceof Fact.FluidUsed)
        .mapToDouble(entry -> ((Fact.FluidUsed) entry.fact()).liters())
        .sum();
  }

  @Test
  void litersStandByLotAndAddUpToWhatWasPoured() {
    story.walk();
    assertThat(sheet(Kind.FLUID)).isNotEmpty();
    assertThat(sheet(Kind.FLUID).stream().mapToDouble(JobLine::quantity).sum())
        .isEqualTo(used(), within(1e-9));
    assertThat(sheet(Kind.FLUID)).allMatch(line -> line.detail().contains("lot P38-1"));
  }

  /** The test's clock goes a minute an entry. */
  @Test
  void minutesAreThoseBetweenEntriesAndALongPauseIsNone() {
    story.walkTo("warm-up", Map.of());
    double before = sheet(Kind.WORKED).get(0).quantity();
    story.in(Duration.ofHours(4));
    story.at(story.card().steps().get(1).key(), new Fact.Noted("back from lunch"));
    assertThat(sheet(Kind.WORKED).get(0).quantity()).isEqualTo(before);

    story.in(Duration.ofMinutes(25));
    story.at(story.card().steps().get(1).key(), new Fact.Noted("still at it"));
    assertThat(sheet(Kind.WORKED).get(0).quantity()).isEqualTo(before + 25);
  }

  @Test
  void eachPersonHasTheirOwnMinutes() {
    story.walkTo("warm-up", Map.of());
    story.person = "another";
    story.at(story.card().steps().get(1).key(), new Fact.Noted("went on"));
    assertThat(sheet(Kind.WORKED)).extracting(JobLine::by).containsExactly("technician", "another");
  }

  @Test
  void whatIsReckonedIsOfStepsThatWereDone() {
    assertThat(sheet(Kind.RECKONED)).isEmpty();
    story.walk();
    int all = story.card().attendedMinutes();
    assertThat(sheet(Kind.RECKONED).get(0).quantity()).isEqualTo(all);
  }

  @Test
  void aCorrectedFillCountsAsItStandsAndOneTakenBackNotAtAll() {
    story.walk();
    Entry fill =
        story.log.stream()
            .filter(entry -> entry.fact() instanceof Fact.FluidUsed)
            .findFirst()
            .orElseThrow();
    Fact.FluidUsed was = (Fact.FluidUsed) fill.fact();
    double others = used() - was.liters();
    Entry corrected =
        story.correct(
            fill, new Fact.FluidUsed(was.circuit(), was.lot(), was.liters() + 3, was.pourPoint()));
    assertThat(sheet(Kind.FLUID).stream().mapToDouble(JobLine::quantity).sum())
        .isEqualTo(others + was.liters() + 3, within(1e-9));
    story.correct(corrected, new Fact.Withdrawn("never poured"));
    assertThat(sheet(Kind.FLUID).stream().mapToDouble(JobLine::quantity).sum())
        .isEqualTo(others, within(1e-9));
  }

  @Test
  void partsAndFindingsStandWithWhoAndWhatWasFound() {
    story = new Story(Hulls.smallDiesel()).wet().open(Procedure.PUMP);
    story.say(new Fact.Complained(null, Complaint.WEAK_FLOW));
    story.walkTo("pump-housing", Map.of());
    story.at("pump-shaft", new Fact.ConditionSeen(null, "pump-tell-tale", "water"));
    story.at("pump-shaft", new Fact.ConditionSeen(null, "pump-shaft", "smooth"));
    story.at("pump-shaft", new Fact.ConditionSeen(null, "pump-bearings", "smooth"));
    story.at("pump-shaft", new Fact.StepDone());
    story.walk();
    assertThat(sheet(Kind.PART))
        .extracting(line -> line.what().toString().toLowerCase(java.util.Locale.ROOT))
        .containsExactlyInAnyOrder(Interval.IMPELLER.part(), Interval.PUMP_SEALS.part());
    assertThat(sheet(Kind.FINDING))
        .extracting(JobLine::what)
        .anyMatch(what -> what.toString().contains("water comes out"))
        .anyMatch(what -> what.toString().contains("little water at the exhaust"));
  }

  @Test
  void onlyWhatHappenedWithinItsDaysIsOnIt() {
    story.walk();
    assertThat(
            JobSheet.of(
                story.state(),
                story.practices,
                story.log,
                story.now().plusSeconds(1),
                story.now().plus(Duration.ofDays(1))))
        .isEmpty();
  }
}
