package elsko.core.complaint;

import elsko.core.due.DueItem;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.ComplaintStanding;
import elsko.core.trend.EngineTrends;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is done about a complaint.
 *
 * @param causes in the order they are looked at: what has to come first, then what finds it soonest
 * @param minutesToFind how long looking takes until it is found, on average
 * @param minutesForAll how long it takes to look at all of it
 * @param waiting what going on as it is risks, in the units of repair cost: an engine is 25
 */
public record ComplaintPlan(
    ComplaintStanding complaint,
    List<Suspicion> causes,
    double minutesToFind,
    int minutesForAll,
    double waiting) {

  /**
   * Orders what may lie behind a complaint. Looking at the largest share per minute first finds it
   * soonest on average: exchanging two neighbors that stand otherwise never makes it longer.
   */
  public static ComplaintPlan of(
      BoatState state, ComplaintStanding complaint, List<DueItem> due, List<EngineTrends> trends) {
    Evidence evidence = new Evidence(state, complaint.engine(), due, trends);
    List<Suspicion> weighed =
        Causes.of(complaint.complaint()).stream()
            .filter(evidence::canBe)
            .map(evidence::of)
            .toList();
    double all = weighed.stream().mapToDouble(Suspicion::share).sum();
    List<Suspicion> ordered = new ArrayList<>();
    weighed.forEach(
        one -> ordered.add(new Suspicion(one.cause(), one.share() / all, one.because())));
    ordered.sort(
        Comparator.comparing((Suspicion one) -> !one.cause().first())
            .thenComparing(
                Comparator.comparingDouble((Suspicion one) -> one.share() / one.cause().minutes())
                    .reversed()));
    return new ComplaintPlan(
        complaint,
        List.copyOf(ordered),
        complaint.complaint().isOneThing() ? minutesToFind(ordered) : minutesForAll(ordered),
        minutesForAll(ordered),
        ordered.stream().mapToDouble(one -> one.share() * one.cause().waiting()).sum());
  }

  private static int minutesForAll(List<Suspicion> all) {
    return all.stream().mapToInt(one -> one.cause().minutes()).sum();
  }

  static double minutesToFind(List<Suspicion> ordered) {
    double expected = 0;
    int soFar = 0;
    for (Suspicion one : ordered) {
      soFar += one.cause().minutes();
      expected += one.share() * soFar;
    }
    return expected;
  }
}
