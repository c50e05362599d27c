package elsko.core.procedure.part;

import elsko.core.Words;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.gauge.GaugeLimits;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Belt;
import elsko.core.limits.BeltSchool;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Practices;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Every reading a boat can give: those its engines have, as this yard takes them. */
public final class LookOver {
  private static final List<String> RUNNING_HURTS =
      List.of(
          "Belts and shaft turn: looked at from outside with a lamp, hands and sleeves out.",
          "Exhaust gas: no engine runs in a closed shed without extraction.");
  private static final List<String> BATTERY_HURTS =
      List.of("Batteries: hydrogen, short circuits; rings off. Fuel: no ignition.");

  private LookOver() {}

  /**
   * Readings that are taken together.
   *
   * @param title "Port engine, stopped"
   * @param hazards cautions, where the readings are taken
   */
  public record Group(String title, List<String> hazards, List<Ask> asks) {}

  /** All of a boat's readings, engine by engine, then of the boat as a whole. */
  public static List<Group> of(BoatState state, Practices practices) {
    CardProgress none = CardProgress.notOpened(Procedure.COMMISSION, Map.of());
    CardRequest request = new CardRequest(state, none, practices);
    List<Group> groups = new ArrayList<>();
    for (Circuit circuit : state.boat().engineCircuits()) {
      OnCircuit on = new OnCircuit(request, circuit);
      String engine = Words.sentence(circuit.engine().words());
      List<Ask> stopped = new ArrayList<>(oil(on));
      stopped.addAll(gearOil(on));
      stopped.addAll(coolant(on));
      stopped.addAll(belts(on));
      stopped.addAll(impeller(on));
      if (missesPieces(on)) {
        stopped.add(pieces(on));
      }
      stopped.addAll(joints(on));
      stopped.addAll(siphonBreak(on));
      groups.add(new Group(engine + ", stopped", stoppedHurts(on), stopped));
      groups.add(new Group(engine + ", running", RUNNING_HURTS, running(on)));
    }
    List<Ask> whole = new ArrayList<>(battery(practices));
    whole.add(Ask.See.of(null, Conditions.BATTERY_HOLDS));
    whole.add(Ask.Read.of(null, Limits.FUEL_LEVEL));
    groups.add(new Group("Battery and fuel", BATTERY_HURTS, whole));
    return groups;
  }

  private static List<String> stoppedHurts(OnCircuit on) {
    return on.boat().engine(on.circuit()).cooling() == Cooling.CLOSED
        ? List.of(Cautions.STOPPED, Cautions.COLD)
        : List.of(Cautions.STOPPED);
  }

  public static List<Ask> oil(OnCircuit on) {
    return List.of(
        Ask.See.of(on.engine(), Conditions.OIL_LOOK),
        Ask.See.of(on.engine(), Conditions.OIL_LEVEL));
  }

  public static List<Ask> gearOil(OnCircuit on) {
    return on.engine() == Position.GENERATOR
        ? List.of()
        : List.of(
            Ask.See.of(on.engine(), Conditions.GEAR_OIL_LEVEL),
            Ask.See.of(on.engine(), Conditions.GEAR_OIL_LOOK));
  }

  public static List<Ask> coolant(OnCircuit on) {
    return on.boat().engine(on.circuit()).cooling() != Cooling.CLOSED
        ? List.of()
        : List.of(
            Ask.See.of(on.engine(), Conditions.COOLANT_LEVEL),
            Ask.See.of(on.engine(), Conditions.COOLANT_LOOK),
            Ask.Read.of(on.engine(), Limits.PRESSURE_CAP));
  }

  /** Where a spring keeps the tension its mark says it; an outboard's cowl stays on. */
  public static List<Ask> belts(OnCircuit on) {
    boolean hasNone =
        on.engine() != Position.GENERATOR && on.boat().description().layout() == Layout.OUTBOARD;
    if (hasNone) {
      return List.of();
    }
    BeltSchool school = on.request().practices().belt();
    List<Ask> asks = new ArrayList<>();
    for (Belt belt : on.boat().belts(on.circuit())) {
      asks.add(
          Ask.Read.of(on.engine(), belt.of(school.limit()))
              .by(school.words())
              .orSeen(belt.of(Conditions.TENSIONER_MARK)));
      asks.add(Ask.See.of(on.engine(), belt.of(Conditions.BELT_LOOK)));
    }
    return asks;
  }

  public static List<Ask> impeller(OnCircuit on) {
    if (!on.has(FittingKind.IMPELLER)) {
      return List.of();
    }
    return List.of(
        Ask.Read.of(on.engine(), Limits.IMPELLER_VANES),
        Ask.See.of(on.engine(), Conditions.IMPELLER_LOOK),
        Ask.See.of(on.engine(), Conditions.FACE_PLATE));
  }

  public static boolean missesPieces(OnCircuit on) {
    return on.request().state().missingPieces().containsKey(on.engine());
  }

  /** What an impeller lost is looked for until it is found. */
  public static Ask pieces(OnCircuit on) {
    int missing = on.request().state().missingPieces().getOrDefault(on.engine(), 0);
    return new Ask.Pieces("pieces of the impeller found", on.engine(), missing);
  }

  public static List<Ask> joints(OnCircuit on) {
    return on.circuit().hasSegment(SegmentKind.ELBOW) || on.circuit().hasSegment(SegmentKind.RISER)
        ? List.of(Ask.See.of(on.engine(), Conditions.EXHAUST_JOINTS))
        : List.of();
  }

  public static List<Ask> siphonBreak(OnCircuit on) {
    return on.boat().has(on.circuit(), EnginePart.SIPHON_BREAK)
        ? List.of(Ask.Read.of(on.engine(), Limits.SIPHON_HEIGHT))
        : List.of();
  }

  /** Right after the start, before it is warm. */
  public static List<Ask> started(OnCircuit on) {
    return List.of(
        Ask.See.of(on.engine(), Conditions.OIL_PRESSURE),
        Ask.See.of(on.engine(), Conditions.CHARGE));
  }

  /** Once it is warm. */
  public static List<Ask> warm(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    if (on.circuit().isRawWater()) {
      asks.add(Ask.See.of(on.engine(), Conditions.EXHAUST_FLOW));
    }
    asks.add(Ask.See.of(on.engine(), Conditions.SMOKE));
    asks.add(Ask.See.of(on.engine(), Conditions.BREATHER));
    asks.addAll(gland(on));
    return asks;
  }

  private static List<Ask> gland(OnCircuit on) {
    Layout layout = on.boat().description().layout();
    boolean shaft =
        on.engine() != Position.GENERATOR && (layout == Layout.SHAFT || layout == Layout.V_DRIVE);
    if (!shaft) {
      return List.of();
    }
    boolean face = on.boat().has(on.circuit(), EnginePart.FACE_SEAL);
    return List.of(Ask.Read.of(on.engine(), face ? Limits.FACE_SEAL_DRIP : Limits.GLAND_DRIP));
  }

  private static List<Ask> running(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    if (on.circuit().isRawWater()) {
      asks.add(Ask.Read.of(on.engine(), Limits.WATER_AT_EXHAUST));
      asks.add(Ask.Read.of(on.engine(), Limits.WATER_PRESSURE));
    }
    asks.addAll(started(on));
    asks.add(Ask.Read.of(on.engine(), Limits.SPEED_AFTER_START));
    if (on.circuit().isRawWater()) {
      Limit plateau = GaugeLimits.plateau(on.boat().engine(on.circuit()));
      asks.add(Ask.Read.of("gauge holds at", on.engine(), plateau));
    }
    asks.addAll(warm(on));
    if (on.engine() != Position.GENERATOR) {
      asks.add(Ask.Read.of(on.engine(), Limits.SPEED_AT_SHIFT));
    }
    return asks;
  }

  /** At rest, and how old it is against what this yard expects of one. */
  public static List<Ask> battery(Practices practices) {
    return List.of(
        Ask.Read.of("at rest", null, Limits.BATTERY),
        Ask.Read.of(null, Limits.BATTERY_AGE)
            .against(practices.batteryYears())
            .by("expected to live %d years".formatted(practices.batteryYears())));
  }
}
