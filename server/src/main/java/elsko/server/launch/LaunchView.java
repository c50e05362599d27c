package elsko.server.launch;

import elsko.core.plan.visits.LiftDays;
import elsko.core.procedure.MayLaunch;
import elsko.server.work.view.RedTagView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The boats that wait for the water, in the order the lift takes them.
 *
 * @param liftsADay the most the lift moves in a day
 */
public record LaunchView(LocalDate today, int liftsADay, List<LaunchLine> boats) {

  /**
   * One boat.
   *
   * @param promisedOn when it was promised to be afloat
   * @param may nothing stands between it and the water now
   * @param ready only what is seen to at the lift stands between
   * @param tags stops that stand: it may be launched, and is not started
   * @param lifted the day the lift takes it; null while it is not ready
   * @param place its place in that day's order, from 1
   * @param card its open commissioning card
   */
  public record LaunchLine(
      UUID boat,
      String name,
      double hullLengthM,
      String berthName,
      boolean afloat,
      @Nullable LocalDate promisedOn,
      boolean may,
      boolean ready,
      List<MayLaunch.InTheWay> inTheWay,
      List<RedTagView> tags,
      @Nullable LocalDate lifted,
      int place,
      int daysLate,
      @Nullable UUID card) {
    LaunchLine in(LiftDays.Slot slot) {
      return new LaunchLine(
          boat,
          name,
          hullLengthM,
          berthName,
          afloat,
          promisedOn,
          may,
          ready,
          inTheWay,
          tags,
          slot.lifted(),
          slot.place(),
          slot.daysLate(),
          card);
    }
  }
}
