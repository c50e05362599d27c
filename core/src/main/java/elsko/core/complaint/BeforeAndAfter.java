package elsko.core.complaint;

import elsko.core.Median;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.ComplaintStanding;
import elsko.core.ledger.engine.ServiceRecord;
import elsko.core.trend.TrendPoint;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where an engine's gauge held before a complaint was seen to, and after.
 *
 * @param beforeC the last before it was worked on, °C: a fault that grew is not averaged away; null
 *     while none was read
 * @param afterC median of up to five after it; null while none was read
 */
public record BeforeAndAfter(
    List<TrendPoint> before,
    List<TrendPoint> after,
    @Nullable Double beforeC,
    @Nullable Double afterC) {
  /** Less than this is within what a gauge can show, K. Estimate. */
  private static final double CAN_SHOW_K = 1;

  /**
   * Tells the readings of an engine apart by when the first work was done on it after the
   * complaint; where none is on record, by when the complaint was settled.
   *
   * @param plateaus oldest first
   */
  public static BeforeAndAfter of(
      BoatState state, ComplaintStanding complaint, List<TrendPoint> plateaus) {
    Instant worked = workedAt(state, complaint);
    List<TrendPoint> before =
        plateaus.stream().filter(p -> worked == null || !p.at().isAfter(worked)).toList();
    List<TrendPoint> after =
        plateaus.stream().filter(p -> worked != null && p.at().isAfter(worked)).toList();
    Double last = before.isEmpty() ? null : (Double) before.get(before.size() - 1).number();
    return new BeforeAndAfter(before, after, last, median(after));
  }

  private static @Nullable Instant workedAt(BoatState state, ComplaintStanding complaint) {
    Position engine = complaint.engine();
    if (engine == null) {
      return complaint.settledAt();
    }
    Stream<Instant> services =
        state.services().done().entrySet().stream()
            .filter(done -> done.getKey().engine() == engine)
            .flatMap(done -> done.getValue().stream())
            .map(ServiceRecord::at);
    Stream<Instant> descales =
        state
            .services()
            .descaled()
            .getOrDefault(state.boat().engineCircuit(engine).key(), Map.of())
            .values()
            .stream();
    return Stream.concat(services, descales)
        .filter(at -> at.isAfter(complaint.at()))
        .min(Comparator.naturalOrder())
        .orElse(complaint.settledAt());
  }

  private static @Nullable Double median(List<TrendPoint> points) {
    return points.isEmpty()
        ? null
        : (Double) Median.of(Median.last(points).stream().map(TrendPoint::number).toList());
  }

  /** In a sentence; says nothing that was not read. */
  public Text words() {
    if (beforeC == null) {
      return Text.of("Its gauge was never read warm.");
    }
    if (afterC == null) {
      return Text.of("Held at %s before. Nothing was read since.", Quantity.celsius(beforeC));
    }
    double lower = beforeC - afterC;
    Text how =
        Math.abs(lower) < CAN_SHOW_K
            ? Text.of("no change a gauge can show")
            : Text.of("%s %s", Quantity.kelvin(Math.abs(lower)), lower > 0 ? "lower" : "higher");
    return Text.of(
        "Held at %s before, %s after: %s.",
        Quantity.celsius(beforeC), Quantity.celsius(afterC), how);
  }
}
