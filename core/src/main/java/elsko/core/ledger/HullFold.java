package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How a boat lies and its fittings stand, where that lets water in. */
final class HullFold {
  private static final Set<FittingState> FILLS_THE_SUCTION =
      EnumSet.of(FittingState.HOSE, FittingState.SUCTION_CUP, FittingState.STRAINER);

  private final Boat boat;
  private final Map<String, FittingStanding> fittings = new LinkedHashMap<>();
  private boolean afloat;

  HullFold(Boat boat) {
    this.boat = boat;
    for (Fitting fitting : boat.fittings()) {
      fittings.put(
          fitting.key(),
          new FittingStanding(fitting, fitting.kind().inCommission(), null, null, false, ""));
    }
  }

  /** Null, when the boat was described again and no longer has it. */
  FittingStanding get(String fitting) {
    return fittings.get(fitting);
  }

  FittingState state(Fitting fitting) {
    return fittings.get(fitting.key()).state();
  }

  void put(FittingStanding now) {
    fittings.put(now.fitting().key(), now);
  }

  Map<String, FittingStanding> all() {
    return fittings;
  }

  boolean afloat() {
    return afloat;
  }

  void lies(boolean isAfloat) {
    afloat = isAfloat;
  }

  boolean stands(Circuit circuit, FittingKind kind, FittingState state) {
    for (Fitting fitting : boat.fittingsOf(circuit, kind)) {
      if (state(fitting) == state) {
        return true;
      }
    }
    return false;
  }

  /** Under pressure, brim-full, or open to the sea it floats in, a suction is never dry. */
  boolean fillsItself(Circuit circuit) {
    boolean fed = false;
    for (Fitting feed : boat.fittingsOf(circuit, FittingKind.FEED)) {
      fed |= FILLS_THE_SUCTION.contains(state(feed));
    }
    return fed || afloat && seacockIsOpen(circuit.engine());
  }

  /** A path without a seacock counts as open. */
  boolean seacockIsOpen(Position engine) {
    List<Fitting> seacocks = boat.fittingsOf(boat.engineCircuit(engine), FittingKind.SEACOCK);
    return seacocks.isEmpty() || seacocks.stream().anyMatch(f -> state(f) == FittingState.OPEN);
  }

  /** An open seacock lets it in; where raw water has none, nothing keeps it out. */
  boolean seaComesIn(Circuit circuit) {
    List<Fitting> seacocks = boat.fittingsOf(circuit, FittingKind.SEACOCK);
    return seacocks.isEmpty()
        ? circuit.isRawWater()
        : seacocks.stream().anyMatch(f -> state(f) == FittingState.OPEN);
  }
}
