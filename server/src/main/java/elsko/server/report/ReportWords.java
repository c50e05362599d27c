package elsko.server.report;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Units;
import elsko.core.Words;
import elsko.core.boat.path.FittingState;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.CoolantVerdict;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.circuit.Protection;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** What reports say of a boat, in the units they are written in. */
record ReportWords(Units units, ZoneId zone) {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.UK);

  String said(Text text) {
    return text.in(units);
  }

  String said(Quantity quantity) {
    return quantity.in(units);
  }

  String day(Instant at) {
    return day(LocalDate.ofInstant(at, zone));
  }

  static String day(LocalDate day) {
    return day.format(DAY);
  }

  /** "Held against −20 °C with 5 K to spare, nothing breaks: burst point." */
  String need(Need need) {
    return "Held against %s with %s to spare; what counts: %s."
        .formatted(
            said(Quantity.celsius(need.designLowC())),
            said(Quantity.kelvin(need.marginK())),
            need.policy().words());
  }

  /** What it is, and that somebody takes it so. */
  String protection(CircuitState circuit) {
    String real = protection(circuit.protection());
    return circuit.accepted() == null ? real : real + ". " + said(circuit.accepted().words());
  }

  static String protection(Protection protection) {
    return switch (protection) {
      case UNKNOWN -> "unknown";
      case WET -> "wet: freezes at once";
      case HELD -> "held: measured and short";
      case FILLED -> "filled, not measured yet";
      case DRAINED -> "drained, left dry";
      case PROVEN -> "proven";
      case DRY_BUILT -> "holds no water";
      case IN_SERVICE -> "in service";
    };
  }

  String filledWith(CircuitState circuit) {
    return circuit.lot() == null || !holdsAntifreeze(circuit)
        ? "–"
        : "%s of %s, lot %s"
            .formatted(
                said(Quantity.liters(circuit.litersUsed())),
                circuit.lot().productName(),
                circuit.lot().number());
  }

  private static boolean holdsAntifreeze(CircuitState circuit) {
    return circuit.contents().containsValue(CircuitState.Content.ANTIFREEZE);
  }

  /** The weakest sample's freeze and burst point; or the coolant's. */
  String measured(BoatState state, CircuitState circuit) {
    if (circuit.coolant() != null) {
      CoolantVerdict coolant = state.circuit(circuit.circuit().key()).coolantVerdict();
      return "freezes at " + said(Quantity.celsius(coolant.freezePointC()));
    }
    return circuit.points().stream()
        .filter(point -> point.verdict() != null && point.verdict().freezePointC() != null)
        .max(Comparator.comparingDouble(point -> point.verdict().freezePointC()))
        .map(this::freezeAndBurst)
        .orElse("–");
  }

  private String freezeAndBurst(PointState point) {
    Double burst = point.verdict().burstPointC();
    return "freezes at %s%s"
        .formatted(
            said(Quantity.celsius(point.verdict().freezePointC())),
            burst == null
                ? ""
                : ", bursts %s %s"
                    .formatted(
                        point.verdict().burstIsFloor() ? "at or below" : "at",
                        said(Quantity.celsius(burst))));
  }

  static String by(CircuitState circuit) {
    String signed =
        circuit.countersignedBy() == null ? "" : ", signed for by " + circuit.countersignedBy();
    return circuit.sampledBy().isEmpty()
        ? "–"
        : Words.list(List.copyOf(circuit.sampledBy())) + signed;
  }

  static List<FittingStanding> in(BoatState state, FittingState... states) {
    List<FittingState> wanted = List.of(states);
    return state.looseEnds().stream().filter(end -> wanted.contains(end.state())).toList();
  }

  static String names(List<FittingStanding> fittings) {
    return String.join(", ", fittings.stream().map(one -> one.fitting().name()).toList());
  }
}
