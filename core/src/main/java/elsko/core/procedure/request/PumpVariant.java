package elsko.core.procedure.request;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import java.util.List;

/** How far a raw-water pump is opened. */
public enum PumpVariant {
  OVERHAUL("on the bench", "everything is seen: housing, seals, shaft and bearings"),
  IMPELLER("impeller, pump on the engine", "its cover comes off; seals and shaft are not seen");

  private final String words;
  private final String reason;

  PumpVariant(String words, String reason) {
    this.words = words;
    this.reason = reason;
  }

  public String words() {
    return words;
  }

  public String reason() {
    return reason;
  }

  /** Both where the circuit has a pump with an impeller, none otherwise. */
  static List<PumpVariant> possible(Boat boat, Circuit circuit) {
    return boat.fittingsOf(circuit, FittingKind.IMPELLER).isEmpty() ? List.of() : List.of(values());
  }
}
