package elsko.core.plan.visits;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.VisitTask;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.StepWork;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.OneVisit;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.Practices;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is left to do on a boat before it may sit through the winter: the open steps of its
 * winterizing card, or of the one that would be written for it, put together into tasks; before
 * them those of a descale and a lay-up service somebody has opened.
 */
public final class LayUp {
  /** The boat is brought ashore. */
  public static final String LIFT = "lift";

  public static final String SERVICE = "service";
  public static final String DESCALE = "descale";
  public static final String PUMP = "pump";
  public static final String EMPTY = "empty";
  public static final String FILL = "fill";
  public static final String SYSTEMS = "systems";
  public static final String PROVE = "prove";
  public static final String CYLINDERS = "cylinders";
  public static final String CLOSE = "close";

  private static final int LIFT_MINUTES = 30;

  /** So long an engine keeps its thermostat open after its warm-up; as oil is drawn warm. */
  private static final int STAYS_WARM_MINUTES = 45;

  /** A tank kit that had acid in it is rinsed before it is used for anything else. Estimate. */
  public static final int RINSE_MINUTES = 10;

  private static final Set<String> AFTER_IT_IS_SAFE = Set.of(CYLINDERS, CLOSE);

  private LayUp() {}

  /** What is left on a boat. */
  public static WorkLeft of(BoatState state, Practices practices) {
    Gathering gathering = new Gathering(state, practices);
    CardProgress winterizing = state.openCard(Procedure.WINTERIZE);
    CardProgress service = state.openCard(Procedure.LAY_UP_SERVICE);
    CardProgress descaling = state.openCard(Procedure.DESCALE);
    CardProgress pump = state.openCard(Procedure.PUMP);
    boolean laidUp = winterizing == null && isLaidUp(state);
    if (laidUp && service == null && descaling == null && pump == null) {
      return WorkLeft.nothing(Procedure.WINTERIZE);
    }
    if (state.afloat()) {
      gathering.lift();
    }
    CardProgress emptied =
        laidUp ? null : winterizing == null ? wouldBe(state, practices) : winterizing;
    if (pump != null) {
      gathering.pump(pump);
    }
    if (service != null) {
      gathering.service(service, emptied);
    }
    if (descaling != null) {
      gathering.descaling(descaling);
    }
    if (emptied != null) {
      gathering.winterizing(emptied);
    }
    return gathering.found();
  }

  private static boolean isLaidUp(BoatState state) {
    return switch (state.protection()) {
      case PROVEN, DRAINED, DRY_BUILT -> true;
      default -> state.circuits().stream().allMatch(c -> c.protection() == Protection.DRY_BUILT);
    };
  }

  /** The card as it would be opened now. */
  private static CardProgress wouldBe(BoatState state, Practices practices) {
    return CardProgress.notOpened(
        Procedure.WINTERIZE, Choices.usual(state.boat(), Procedure.WINTERIZE, practices));
  }

  /** Puts the open steps of a boat's cards together into tasks. */
  private static final class Gathering {
    private final BoatState state;
    private final Practices practices;
    private final Set<Skill> engine;
    private final WorkLeft.Gathered gathered = new WorkLeft.Gathered();
    private int safe = -1;

    /** Steps of the winterizing card that the service does for it. */
    private Set<String> doneOnTheService = Set.of();

    /** What is done to cylinders, once nothing starts them any more. */
    private final List<Step> cylinders = new ArrayList<>();

    Gathering(BoatState state, Practices practices) {
      this.state = state;
      this.practices = practices;
      engine = Skill.ofEngines(state.boat());
    }

    WorkLeft found() {
      return gathered.of(Procedure.WINTERIZE, safe, gathered.tasks.size() - 1);
    }

    void lift() {
      gathered.add(
          new VisitTask(
                  LIFT, "Lift out and wash", LIFT_MINUTES, 2, Skill.LIFT, Equipment.LIFT, null)
              .asking(Asks.of(Opening.LIFT_HOURS, Opening.DAYLIGHT)),
          List.of());
    }

    /**
     * @param winterizing what is still to be winterized; null: nothing
     */
    void service(CardProgress progress, @Nullable CardProgress winterizing) {
      Card service = card(progress);
      List<Step> open = new ArrayList<>(WorkLeft.open(progress, service.steps()));
      if (winterizing != null) {
        cylinders.addAll(open.stream().filter(step -> isOfCylinders(service, step)).toList());
        open.removeAll(cylinders);
        doneOnTheService =
            OneVisit.warmedOnTheService(
                new CardRequest(state, winterizing, practices), service, progress);
      }
      if (!open.isEmpty()) {
        gathered.add(
            new VisitTask(
                    SERVICE,
                    "Lay-up service",
                    WorkLeft.minutes(open),
                    WorkLeft.people(open),
                    engine,
                    null,
                    null)
                .asking(WorkLeft.asks(open)),
            open);
      }
    }

    private static boolean isOfCylinders(Card card, Step step) {
      return StepWork.of(card, step) == StepWork.CYLINDERS;
    }

    /** Its run is the next one on water: the warm-up of this lay-up, or in spring. */
    void pump(CardProgress progress) {
      List<Step> open =
          WorkLeft.open(progress, card(progress).steps()).stream()
              .filter(step -> step.run() == null)
              .filter(step -> !step.key().equals(Procedure.PUMP.lastStep()))
              .toList();
      if (!open.isEmpty()) {
        gathered.add(
            new VisitTask(
                PUMP,
                "Raw-water pump",
                WorkLeft.minutes(open),
                WorkLeft.people(open),
                engine,
                null,
                null),
            open);
      }
    }

    /**
     * A soak ends a task: nobody is needed while the acid works, and somebody comes back in time.
     */
    void descaling(CardProgress progress) {
      List<Step> group = new ArrayList<>();
      Equipment kit = kitOf(progress);
      int number = 0;
      for (Step step : card(progress).steps()) {
        // The trial under load is on the water, on a later day.
        if (step.key().equals(Procedure.DESCALE.lastStep())) {
          continue;
        }
        group.add(step);
        if (step.soak() != null) {
          descaling(progress, kit, group, ++number, step.soak());
          group = new ArrayList<>();
        }
      }
      if (!group.isEmpty()) {
        descaling(progress, kit, group, ++number, null);
      }
    }

    /** From the tank, its kit stands on the boat all the time; an adapter only until it soaks. */
    private @Nullable Equipment kitOf(CardProgress progress) {
      CardRequest request = new CardRequest(state, progress, practices);
      Set<DescaleVariant> variants = EnumSet.noneOf(DescaleVariant.class);
      for (Circuit circuit : state.boat().engineCircuits()) {
        if (!DescaleVariant.possible(state.boat(), circuit).isEmpty()) {
          variants.add(request.descaleVariant(circuit));
        }
      }
      return variants.contains(DescaleVariant.TANK_SOAK)
          ? Equipment.TANK_KIT
          : variants.contains(DescaleVariant.STRAINER_SOAK) ? Equipment.ADAPTER_SET : null;
    }

    private void descaling(
        CardProgress progress,
        @Nullable Equipment kit,
        List<Step> group,
        int number,
        Step.@Nullable Soak soak) {
      List<Step> open = WorkLeft.open(progress, group);
      if (open.isEmpty()) {
        return;
      }
      boolean tank = kit == Equipment.TANK_KIT;
      Asks asks = WorkLeft.asks(open);
      gathered.add(
          new VisitTask(
                  number == 1 ? DESCALE : DESCALE + "-" + number,
                  number == 1
                      ? "Descale: mix and begin"
                      : soak == null && tank
                          ? "Descale: flush, kit rinsed"
                          : "Descale: flush and go on",
                  WorkLeft.minutes(open) + (tank && soak == null ? RINSE_MINUTES : 0),
                  WorkLeft.people(open),
                  engine,
                  tank || number == 1 ? kit : null,
                  soak == null ? null : new VisitTask.Soak(soak.fromMinutes(), soak.toMinutes()))
              .asking(tank && soak != null ? asks.staying() : asks),
          open);
    }

    void winterizing(CardProgress progress) {
      Map<String, List<Step>> byTask = new LinkedHashMap<>();
      for (String key : List.of(EMPTY, FILL, SYSTEMS, PROVE, CYLINDERS, CLOSE)) {
        byTask.put(key, new ArrayList<>());
      }
      Card card = card(progress);
      for (Step step : WorkLeft.open(progress, card.steps())) {
        if (!doneOnTheService.contains(step.key())) {
          byTask.get(taskOf(state.boat(), card, step)).add(step);
        }
      }
      byTask.get(CYLINDERS).addAll(cylinders);
      // What is drawn in goes in while the engine is warm.
      boolean drawn = WorkLeft.people(byTask.get(FILL)) > 1;
      byTask.forEach(
          (key, open) -> {
            if (!open.isEmpty()) {
              gathered.add(task(key, open, drawn), open);
              if (!AFTER_IT_IS_SAFE.contains(key) && (safe < 0 || !key.equals(PROVE))) {
                safe = gathered.tasks.size() - 1;
              }
            }
          });
    }

    private Card card(CardProgress progress) {
      return CardWriter.write(new CardRequest(state, progress, practices));
    }

    private VisitTask task(String key, List<Step> open, boolean drawn) {
      return ofWork(key, open, drawn).asking(WorkLeft.asks(open));
    }

    private VisitTask ofWork(String key, List<Step> open, boolean drawn) {
      int minutes = WorkLeft.minutes(open);
      int people = WorkLeft.people(open);
      return switch (key) {
        case EMPTY ->
            new VisitTask(
                key,
                title(key),
                minutes,
                people,
                engine,
                null,
                drawn ? new VisitTask.Soak(0, STAYS_WARM_MINUTES) : null);
        case FILL ->
            new VisitTask(
                key,
                title(key),
                minutes,
                people,
                engine,
                people > 1 ? Equipment.TANK_KIT : null,
                null);
        case SYSTEMS -> new VisitTask(key, title(key), minutes, people, Skill.SYSTEMS, null, null);
        case PROVE ->
            new VisitTask(
                key, title(key), minutes, people, Skill.SYSTEMS, Equipment.REFRACTOMETER, null);
        case CYLINDERS -> new VisitTask(key, title(key), minutes, people, engine, null, null);
        default -> new VisitTask(key, title(key), minutes, people, Skill.SYSTEMS, null, null);
      };
    }
  }

  /** What a task of a winterizing card is called. */
  public static String title(String task) {
    return switch (task) {
      case EMPTY -> "Warm and drain";
      case FILL -> "Fill";
      case SYSTEMS -> "Domestic and other circuits";
      case PROVE -> "Prove";
      case CYLINDERS -> "Oil the cylinders";
      default -> "Close the boat";
    };
  }

  /** The task of a visit that a step of a winterizing card belongs to. */
  public static String taskOf(Boat boat, Card card, Step step) {
    StepWork work = StepWork.of(card, step);
    if (work == StepWork.CLOSE) {
      return CLOSE;
    }
    if (work == StepWork.PROVE) {
      return PROVE;
    }
    if (work == StepWork.CYLINDERS) {
      return CYLINDERS;
    }
    boolean ofAnEngine =
        step.circuit() != null
            && boat.hasCircuit(step.circuit())
            && isOfAnEngine(boat.circuit(step.circuit()).kind());
    return !ofAnEngine ? SYSTEMS : work == StepWork.FILL ? FILL : EMPTY;
  }

  private static boolean isOfAnEngine(CircuitKind kind) {
    return kind == CircuitKind.RAW_WATER || kind == CircuitKind.COOLANT;
  }
}
