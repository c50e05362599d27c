package elsko.core.ledger.rules;

import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;

/** What keeps the sea out of a boat that is put in it. */
public final class LaunchRules {
  private LaunchRules() {}

  /** What is open to the sea, or harms the engine afloat. */
  public static List<FittingStanding> holes(BoatState state) {
    return state.looseEnds().stream().filter(end -> end.fitting().kind().keepsAshore()).toList();
  }

  /**
   * Seacocks nobody has seen SHUT on the day of the launch. They are opened one at a time, watched,
   * once afloat.
   */
  public static List<Fitting> seacocksNotSeenShut(BoatState state, ZoneId zone, Instant at) {
    return state.boat().fittingsOf(FittingKind.SEACOCK).stream()
        .filter(seacock -> !wasSeenShutThatDay(state.fitting(seacock.key()), zone, at))
        .toList();
  }

  /** Afloat one of them has to be on. */
  public static boolean nothingPumps(BoatState state) {
    return bilgePumpIsOff(state) && allBatteriesAreOff(state);
  }

  static boolean bilgePumpIsOff(BoatState state) {
    return state.boat().fittingsOf(FittingKind.BILGE_PUMP).stream()
        .anyMatch(pump -> state.is(pump, FittingState.OFF));
  }

  static boolean allBatteriesAreOff(BoatState state) {
    List<Fitting> batteries = state.boat().fittingsOf(FittingKind.BATTERY_SWITCH);
    return !batteries.isEmpty()
        && batteries.stream().allMatch(battery -> state.is(battery, FittingState.OFF));
  }

  private static boolean wasSeenShutThatDay(FittingStanding seacock, ZoneId zone, Instant at) {
    return seacock.state() == FittingState.SHUT
        && seacock.at() != null
        && seacock.at().atZone(zone).toLocalDate().equals(at.atZone(zone).toLocalDate());
  }
}
