package elsko.core.ledger;

import elsko.core.Words;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Need;

/**
 * What a reading of the coolant side means. The coolant is a block's only frost protection and has
 * to stay liquid, so it is judged by its freeze point, taken at the weak end of the instrument's
 * accuracy.
 */
public record CoolantVerdict(boolean good, double freezePointC, String words) {
  /** The verdict on one reading. */
  public static CoolantVerdict of(Need need, Fact.CoolantRead read) {
    double weakest = Math.min(0, read.reading() + read.with().instrument().accuracy());
    double freezes = Math.max(weakest, GlycolCurve.of(Base.EG).lowestFreezePointC());
    boolean good = freezes <= need.temperatureC();
    return new CoolantVerdict(
        good,
        freezes,
        good
            ? "Good: freezes at %s or below.".formatted(Words.celsius(freezes))
            : "Freezes at %s, needed %s: strengthen it, run it warm, read it again cold."
                .formatted(Words.celsius(freezes), Words.celsius(need.temperatureC())));
  }

  /** The verdict on a circuit's last coolant reading, or null when nothing was read. */
  public static CoolantVerdict of(BoatState state, String circuit) {
    Fact.CoolantRead read = state.circuit(circuit).coolant();
    return read == null ? null : of(state.need(), read);
  }
}
