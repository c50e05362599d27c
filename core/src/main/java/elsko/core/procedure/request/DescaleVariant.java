package elsko.core.procedure.request;

import elsko.core.boat.Boat;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;

/** The ways acid is brought to the scale. */
public enum DescaleVariant {
  TANK_SOAK("soak through the tank", "reaches all from the intake on"),
  STRAINER_SOAK("through the strainer", "reaches from the strainer on, and the muffler"),
  CLOSED_LOOP("closed loop", "reaches exchanger and coolers only; no engine run");

  private final String words;
  private final String reason;

  DescaleVariant(String words, String reason) {
    this.words = words;
    this.reason = reason;
  }

  public String words() {
    return words;
  }

  public String reason() {
    return reason;
  }

  /** The variants that fit a circuit, the usual one first. */
  public static List<DescaleVariant> possible(Boat boat, Circuit circuit) {
    List<DescaleVariant> possible = new ArrayList<>();
    Layout layout = boat.description().layout();
    boolean pumped =
        circuit.engine() == Position.GENERATOR || layout != Layout.JET && layout != Layout.OUTBOARD;
    if (!circuit.isRawWater() || !pumped) {
      return possible;
    }
    boolean strainer =
        boat.has(circuit, EnginePart.STRAINER) && boat.has(circuit, EnginePart.SEACOCK);
    possible.add(TANK_SOAK);
    if (strainer && circuit.hasSegment(SegmentKind.MUFFLER)) {
      possible.add(0, STRAINER_SOAK);
    }
    if (circuit.hasSegment(SegmentKind.EXCHANGER)) {
      possible.add(CLOSED_LOOP);
    }
    return possible;
  }

  public static DescaleVariant usual(Boat boat, Circuit circuit) {
    return possible(boat, circuit).get(0);
  }

  /** The segments whose descale clock starts anew. */
  public List<Segment> reaches(Circuit circuit) {
    List<Segment> all = circuit.segments();
    return switch (this) {
      case TANK_SOAK -> all;
      case STRAINER_SOAK -> {
        int from = 0;
        while (all.get(from).kind() != SegmentKind.STRAINER) {
          from++;
        }
        yield all.subList(from, all.size());
      }
      case CLOSED_LOOP ->
          all.stream()
              .filter(s -> s.kind() == SegmentKind.EXCHANGER || s.kind() == SegmentKind.COOLER)
              .toList();
    };
  }
}
