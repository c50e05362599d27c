package elsko.core.castoff;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.limits.RoundConditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.request.Practices;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The round before casting off, written for one boat: engines stopped first, then the helm, then
 * each engine started.
 */
public record Round(RoundKind kind, List<Part> parts) {
  private static final String FLOODING =
      "Afloat: seacock SHUT before anything under the waterline is opened, a plug at hand.";
  private static final String GAS =
      "Exhaust gas kills: nobody stays in a closed cabin while it is tried.";
  private static final String SWIMMERS =
      "Nobody in the water at the stern, no hand at the outlet or in the bay while it runs.";

  /** Those of {@link LookOver} that change from one day to the next. */
  private static final Set<String> DAILY =
      Set.of(
          Conditions.OIL_LEVEL.key(), Conditions.COOLANT_LEVEL.key(), Conditions.BELT_LOOK.key());

  /** Not before every season's first trip: looked at when the engine is open anyway. */
  private static final Set<String> IN_THE_YARD =
      Set.of(
          Limits.PRESSURE_CAP.key(),
          Limits.IMPELLER_VANES.key(),
          Conditions.IMPELLER_LOOK.key(),
          Conditions.FACE_PLATE.key(),
          Limits.SIPHON_HEIGHT.key());

  private static final Set<String> DAILY_RUNNING =
      Set.of(Limits.WATER_AT_EXHAUST.key(), Conditions.OIL_PRESSURE.key(), Conditions.CHARGE.key());

  /** Not everybody has such a gauge, and a start at the quay is not a run at speed. */
  private static final Set<String> NOT_AT_THE_QUAY =
      Set.of(
          Limits.WATER_PRESSURE.key(), Limits.SPEED_AFTER_START.key(), Limits.SPEED_AT_SHIFT.key());

  public Round {
    parts = List.copyOf(parts);
  }

  /** Writes it as the boat stands now. */
  public static Round of(BoatState state, Practices practices, RoundKind kind) {
    return new Writing(state, practices, kind).written();
  }

  /** All it asks for. */
  public List<Ask.OnRound> asks() {
    return parts.stream().flatMap(part -> part.asks().stream()).toList();
  }

  boolean asksFor(Fact.FittingSet set) {
    return Ask.only(Ask.Set.class, asks()).anyMatch(one -> one.fitting().equals(set.fitting()));
  }

  boolean asksFor(Boat boat, Fact.ConditionSeen seen) {
    return asks().stream()
        .filter(ask -> boat.engineMeant(engineOf(ask)) == boat.engineMeant(seen.engine()))
        .anyMatch(ask -> isToldBy(ask, seen.condition()));
  }

  boolean isAskedBeforeAnyStart(Boat boat, Fact.ConditionSeen seen) {
    return parts.stream()
        .filter(part -> part.phase() == Part.Phase.STOPPED)
        .flatMap(part -> part.asks().stream())
        .filter(ask -> boat.engineMeant(engineOf(ask)) == boat.engineMeant(seen.engine()))
        .anyMatch(ask -> isToldBy(ask, seen.condition()));
  }

  private static boolean isToldBy(Ask.OnRound ask, String condition) {
    return switch (ask) {
      case Ask.Set set -> false;
      case Ask.See see -> see.condition().equals(condition);
      case Ask.Read read -> condition.equals(read.instead());
    };
  }

  boolean asksFor(Boat boat, Fact.ReadingTaken taken) {
    return Ask.only(Ask.Read.class, asks())
        .filter(ask -> boat.engineMeant(ask.engine()) == boat.engineMeant(taken.engine()))
        .anyMatch(read -> read.limit().equals(taken.limit()));
  }

  private record Writing(BoatState state, Practices practices, RoundKind kind) {
    Round written() {
      List<Part> parts = new ArrayList<>();
      add(parts, handsIn());
      boat().engineCircuits().forEach(circuit -> add(parts, stopped(circuit)));
      add(parts, wholeBoat());
      add(parts, helm());
      boat().engineCircuits().forEach(circuit -> add(parts, running(circuit)));
      return new Round(kind, parts);
    }

    private static void add(List<Part> parts, Part part) {
      if (!part.asks().isEmpty()) {
        parts.add(part);
      }
    }

    private Boat boat() {
      return state.boat();
    }

    private boolean full() {
      return kind == RoundKind.FULL;
    }

    private Part handsIn() {
      boolean hasBattery = !boat().fittingsOf(FittingKind.BATTERY_SWITCH).isEmpty();
      return new Part(
          Part.Phase.STOPPED,
          "isolate",
          "Before hands go in",
          "Engines stopped, keys where nobody else turns them.",
          List.of("Batteries: hydrogen, short circuits; rings off."),
          hasBattery ? List.of(Ask.See.of(null, Conditions.ISOLATED)) : List.of());
    }

    private Part stopped(Circuit circuit) {
      Position engine = Objects.requireNonNull(circuit.engine());
      List<Ask.OnRound> asks = new ArrayList<>();
      asks.addAll(sets(boat().fittingsOf(circuit, FittingKind.SEACOCK), FittingState.OPEN));
      if (has(circuit, FittingKind.STRAINER_LID)) {
        asks.add(Ask.See.of(engine, RoundConditions.STRAINER));
      }
      if (circuit.isRawWater()) {
        asks.add(Ask.See.of(engine, RoundConditions.WATER_LEAKS));
      }
      for (Ask.OnRound ask : lookedOver(engine, "stopped")) {
        boolean wanted = full() ? !IN_THE_YARD.contains(keyOf(ask)) : DAILY.contains(keyOf(ask));
        if (wanted) {
          asks.add(ask);
        }
      }
      boolean drives = engine != Position.GENERATOR;
      if (drives && boat().description().layout() == Layout.SAILDRIVE) {
        asks.add(Ask.See.of(engine, RoundConditions.LEG_SEAL));
      }
      if (full()) {
        asks.add(Ask.See.of(engine, RoundConditions.MOUNTS));
        asks.add(Ask.See.of(engine, RoundConditions.ELECTRICS));
      }
      List<String> hazards = new ArrayList<>(List.of(Cautions.STOPPED));
      if (boat().engine(circuit).cooling() == Cooling.CLOSED) {
        hazards.add(Cautions.COLD);
      }
      if (has(circuit, FittingKind.STRAINER_LID)) {
        hazards.add(FLOODING);
      }
      return new Part(
          Part.Phase.STOPPED,
          engine.name() + "-stopped",
          Words.sentence(engine.words()) + ", stopped",
          "Water first, then oil: the second dip counts. Each belt.",
          hazards,
          asks);
    }

    private Part wholeBoat() {
      List<Ask.OnRound> asks = new ArrayList<>();
      asks.add(Ask.See.of(null, RoundConditions.BILGE));
      if (full()) {
        asks.add(Ask.See.of(null, Conditions.BATTERY_HOLDS));
        asks.add(Ask.See.of(null, RoundConditions.SPARES));
      }
      if (!boat().engineCircuits().isEmpty()) {
        asks.add(Ask.See.of(null, RoundConditions.CAPS_BACK));
      }
      return new Part(
          Part.Phase.STOPPED,
          "boat",
          "Before the hatch is closed",
          "Compared with last time, not with never.",
          List.of(),
          asks);
    }

    private Part helm() {
      List<Ask.OnRound> asks = new ArrayList<>();
      List<String> hazards = new ArrayList<>();
      boolean petrol =
          boat().description().engines().stream().anyMatch(e -> e.fuel() == Fuel.PETROL);
      if (petrol && boat().description().layout() != Layout.OUTBOARD) {
        asks.add(Ask.See.of(null, RoundConditions.VAPOR));
        hazards.add("Petrol vapor: no switch is touched before it is sniffed and blown out.");
      }
      asks.addAll(sets(boat().fittingsOf(FittingKind.DRIVE), FittingState.DOWN));
      if (boat().description().layout() != Layout.NONE) {
        asks.add(Ask.See.of(null, RoundConditions.NEUTRAL));
        if (isSteeredFast()) {
          asks.add(Ask.See.of(null, RoundConditions.LANYARD));
        }
        asks.add(Ask.See.of(null, RoundConditions.PROPELLER_CLEAR));
      }
      asks.addAll(sets(boat().fittingsOf(FittingKind.BATTERY_SWITCH), FittingState.ON));
      for (Fitting key : boat().fittingsOf(FittingKind.KEY)) {
        if (!state.is(key, FittingState.HELM)) {
          asks.addAll(sets(List.of(key), FittingState.HELM));
        }
      }
      return new Part(
          Part.Phase.HELM,
          "helm",
          "At the helm",
          "In this order; power comes last.",
          hazards,
          asks);
    }

    /** Whoever falls off it is run over by it. */
    private boolean isSteeredFast() {
      return switch (boat().description().layout()) {
        case OUTBOARD, JET, STERNDRIVE, V_DRIVE -> true;
        default -> false;
      };
    }

    private Part running(Circuit circuit) {
      Position engine = Objects.requireNonNull(circuit.engine());
      List<Ask.OnRound> asks =
          lookedOver(engine, "running").stream()
              .filter(
                  ask ->
                      full()
                          ? !NOT_AT_THE_QUAY.contains(keyOf(ask))
                          : DAILY_RUNNING.contains(keyOf(ask)))
              .toList();
      return new Part(
          Part.Phase.RUNNING,
          engine.name() + "-running",
          "Start the " + engine.words(),
          circuit.isRawWater()
              ? "Water at its own exhaust within a minute, or stop. A normal gauge is no evidence."
              : "Listen, then look at the gauges.",
          List.of(GAS, SWIMMERS),
          asks);
    }

    private List<Ask.OnRound> lookedOver(Position engine, String when) {
      return LookOver.of(state, practices).stream()
          .filter(group -> group.title().endsWith(when))
          .flatMap(group -> Ask.only(Ask.OnRound.class, group.asks()))
          .filter(ask -> Objects.equals(engineOf(ask), engine))
          .toList();
    }

    private boolean has(Circuit circuit, FittingKind kind) {
      return !boat().fittingsOf(circuit, kind).isEmpty();
    }

    private static List<Ask.OnRound> sets(List<Fitting> fittings, FittingState to) {
      return fittings.stream()
          .map(
              fitting ->
                  (Ask.OnRound)
                      new Ask.Set(
                          "%s %s".formatted(fitting.name(), to.words()), fitting.key(), to, true))
          .toList();
    }
  }

  /** Key of the {@link Limit} or {@link Condition} an ask is about; empty for others. */
  static String keyOf(Ask.OnRound ask) {
    return switch (ask) {
      case Ask.Set set -> "";
      case Ask.See see -> see.condition();
      case Ask.Read read -> read.limit();
    };
  }

  static @Nullable Position engineOf(Ask.OnRound ask) {
    return switch (ask) {
      case Ask.Set set -> null;
      case Ask.See see -> see.engine();
      case Ask.Read read -> read.engine();
    };
  }
}
