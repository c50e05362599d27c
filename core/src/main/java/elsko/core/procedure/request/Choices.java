package elsko.core.procedure.request;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What can be chosen for each circuit when a card is opened, and what is chosen as usual. */
public final class Choices {
  private Choices() {}

  /**
   * What a circuit can be done by.
   *
   * @param usual the one that is taken when nobody chooses; the others follow in {@code all}
   */
  public record Choice(String circuit, String name, String usual, List<Option> all) {}

  /** One way to do it. */
  public record Option(String key, String words, String reason) {}

  /** For each circuit a procedure takes up, the ways it can be done; the usual one named. */
  public static List<Choice> of(Boat boat, Procedure procedure, Practices practices) {
    List<Choice> choices = new ArrayList<>();
    for (Circuit circuit : boat.circuits()) {
      List<Option> options = options(boat, circuit, procedure);
      if (!options.isEmpty()) {
        choices.add(
            new Choice(
                circuit.key(),
                circuit.name(),
                usual(boat, circuit, procedure, practices),
                options));
      }
      if (MufflerChoice.canBe(circuit, procedure)) {
        choices.add(
            new Choice(
                MufflerChoice.choice(circuit),
                circuit.name() + ", muffler",
                MufflerChoice.FILLED.key(),
                MufflerChoice.OPTIONS));
      }
    }
    return choices;
  }

  /** The usual choice for every circuit a procedure takes up. */
  public static Map<String, String> usual(Boat boat, Procedure procedure, Practices practices) {
    Map<String, String> usual = new LinkedHashMap<>();
    of(boat, procedure, practices).forEach(choice -> usual.put(choice.circuit(), choice.usual()));
    return usual;
  }

  /** Refuses a choice a circuit does not have, with what it has. */
  public static void check(Boat boat, Fact.CardOpened opened) {
    opened
        .choices()
        .forEach(
            (key, chosen) -> {
              if (MufflerChoice.isChoice(boat, key, chosen, opened.procedure())) {
                return;
              }
              Circuit circuit = boat.circuit(key);
              List<Option> options = options(boat, circuit, opened.procedure());
              if (options.stream().noneMatch(option -> option.key().equals(chosen))) {
                throw Refused.value("choices", notPossible(circuit, chosen, options));
              }
            });
    if (needsOne(opened.procedure()) && circuitsFor(boat, opened.procedure()).isEmpty()) {
      throw Refused.value(
          "procedure",
          "%s has nothing a %s is for.".formatted(boat.name(), opened.procedure().words()));
    }
  }

  private static String notPossible(Circuit circuit, String chosen, List<Option> options) {
    String can =
        options.isEmpty()
            ? "there is no choice"
            : "it can be " + Words.list(options.stream().map(Option::words).toList());
    String why =
        chosen.equals(Method.POUR.name())
            ? " Pouring needs a thermostat housing whose hoses can be opened."
            : "";
    return "%s cannot be done that way; %s.%s".formatted(Words.sentence(circuit.name()), can, why);
  }

  private static boolean needsOne(Procedure procedure) {
    return procedure.isOfChosenCircuits();
  }

  private static List<Circuit> circuitsFor(Boat boat, Procedure procedure) {
    return boat.circuits().stream()
        .filter(circuit -> !options(boat, circuit, procedure).isEmpty())
        .toList();
  }

  /** Whether a card takes up a circuit. A descale or flush only those that were chosen. */
  static boolean isOn(CardRequest request, Circuit circuit) {
    Procedure procedure = request.progress().procedure();
    if (!needsOne(procedure)) {
      return true;
    }
    Map<String, String> chosen = request.progress().choices();
    return chosen.isEmpty()
        ? !options(request.boat(), circuit, procedure).isEmpty()
        : chosen.containsKey(circuit.key());
  }

  private static List<Option> options(Boat boat, Circuit circuit, Procedure procedure) {
    return switch (procedure) {
      case FLUSH ->
          FlushVariant.possible(boat, circuit).stream()
              .map(v -> new Option(v.name(), v.words(), v.reason()))
              .toList();
      case DESCALE ->
          DescaleVariant.possible(boat, circuit).stream()
              .map(v -> new Option(v.name(), v.words(), v.reason()))
              .toList();
      case PUMP ->
          PumpVariant.possible(boat, circuit).stream()
              .map(v -> new Option(v.name(), v.words(), v.reason()))
              .toList();
      case WATER_OUT ->
          CylinderOpening.possible(boat, circuit).stream()
              .map(v -> new Option(v.name(), v.words(), v.reason()))
              .toList();
      case WINTERIZE ->
          circuit.kind() == CircuitKind.SPECIALIST
              ? List.of()
              : circuit.methods().stream()
                  .map(m -> new Option(m.name(), m.words(), reason(circuit, m)))
                  .toList();
      default -> List.of();
    };
  }

  private static String usual(
      Boat boat, Circuit circuit, Procedure procedure, Practices practices) {
    return switch (procedure) {
      case FLUSH -> FlushVariant.usual(boat, circuit).name();
      case DESCALE -> DescaleVariant.usual(boat, circuit).name();
      case PUMP -> PumpVariant.OVERHAUL.name();
      case WATER_OUT -> CylinderOpening.possible(boat, circuit).get(0).name();
      default -> usualMethod(boat, circuit, practices).name();
    };
  }

  /** What the boat says, else what the yard does with its layout, else what is usual. */
  public static Method usualMethod(Boat boat, Circuit circuit, Practices practices) {
    Method own = boat.description().method();
    boolean engine = circuit.kind() == CircuitKind.RAW_WATER;
    if (engine && own != null && circuit.methods().contains(own)) {
      return own;
    }
    Method yards = practices.methods().get(boat.description().layout());
    if (engine
        && circuit.engine() != Position.GENERATOR
        && yards != null
        && circuit.methods().contains(yards)) {
      return yards;
    }
    return circuit.methods().get(0);
  }

  /** Whose decision the method of a circuit was. */
  public static String whose(CardRequest request, Circuit circuit) {
    Method usual = usualMethod(request.boat(), circuit, request.practices());
    if (request.method(circuit) != usual) {
      return "chosen for this card";
    }
    if (usual == request.boat().description().method()) {
      return "as this boat is always done";
    }
    return request.practices().methods().get(request.boat().description().layout()) == usual
        ? "as this yard does its " + request.boat().description().layout().words() + " boats"
        : "as it is usually done";
  }

  public static String reason(Circuit circuit, Method method) {
    if (circuit.selfDraining()) {
      return "upright it empties by itself";
    }
    return switch (method) {
      case DRY ->
          "nothing to dilute or dispose of; a pocket that did not drain is not protected, and what"
              + " comes out must come back";
      case POUR -> "full strength, no engine run; more hose joints to remake";
      case DRAW ->
          circuit.hasSegment(SegmentKind.BLOCK)
              ? "quick, reaches the exhaust; cold fluid can close the thermostat, so the block must be"
                  + " sampled"
              : circuit.engine() == null
                  ? "its own pump carries it to every part; the tanks are emptied first"
                  : "quick, reaches elbow and exhaust";
      case DRAW_UNDRAINED ->
          "quickest; dilutes, so it takes several times the volume and proof at every low point";
    };
  }
}
