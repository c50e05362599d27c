package elsko.bench.core;

import static elsko.core.boat.path.Position.CENTER;
import static elsko.core.boat.path.Position.PORT;
import static elsko.core.boat.path.Position.STARBOARD;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Boats of every layout, each with something else aboard, and the cards opened for them. */
final class VariedFleet {
  private static final int SEED = 7;

  private VariedFleet() {}

  static BoatDescription sterndrive() {
    return described(
        "Measured",
        Layout.STERNDRIVE,
        List.of(EngineDescription.usual(CENTER, Fuel.PETROL, 8, Cooling.RAW_WATER)),
        answers(new Random(SEED), 0));
  }

  static List<BoatDescription> boats(int count) {
    Random random = new Random(SEED);
    List<BoatDescription> boats = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Layout layout = Layout.values()[i % Layout.values().length];
      boats.add(
          described(
              "Varied %05d".formatted(i), layout, engines(layout, random), answers(random, 30)));
    }
    return boats;
  }

  /** Every card that can be opened for each of so many boats. */
  static List<Opened> cards(int boats) {
    List<Opened> requests = new ArrayList<>();
    for (BoatDescription description : boats(boats)) {
      Boat boat = Boat.of(description);
      for (Procedure procedure : Procedure.values()) {
        Map<String, String> choices = Choices.usual(boat, procedure, Practices.USUAL);
        boolean some = procedure.isOfChosenCircuits();
        if (!some || !choices.isEmpty()) {
          requests.add(opened(boat, new Fact.CardOpened(procedure, choices)));
        }
      }
    }
    return requests;
  }

  /** A boat with a card just opened on it. */
  record Opened(BoatState state, CardProgress progress) {
    Card written() {
      return CardWriter.write(new CardRequest(state, progress, Practices.USUAL));
    }
  }

  private static Opened opened(Boat boat, Fact.CardOpened fact) {
    UUID card = UUID.randomUUID();
    Entry entry =
        new Entry(
            UUID.randomUUID(), "technician", Instant.EPOCH, Instant.EPOCH, card, null, null, fact);
    var state = Ledger.fold(boat, Need.DEFAULT, List.of(entry));
    return new Opened(state, state.card(card));
  }

  private static List<EngineDescription> engines(Layout layout, Random random) {
    boolean twin = random.nextInt(4) == 0;
    return switch (layout) {
      case NONE -> List.of();
      case SAILDRIVE -> List.of(EngineDescription.usual(CENTER, Fuel.DIESEL, 3, Cooling.CLOSED));
      case SHAFT ->
          twin
              ? List.of(
                  EngineDescription.usual(PORT, Fuel.DIESEL, 6, Cooling.CLOSED),
                  EngineDescription.usual(STARBOARD, Fuel.DIESEL, 6, Cooling.CLOSED))
              : List.of(
                  EngineDescription.usual(
                      CENTER,
                      Fuel.DIESEL,
                      2,
                      random.nextBoolean() ? Cooling.RAW_WATER : Cooling.CLOSED));
      case OUTBOARD -> List.of(EngineDescription.usual(CENTER, Fuel.PETROL, 4, Cooling.RAW_WATER));
      default ->
          List.of(
              EngineDescription.usual(
                  CENTER,
                  Fuel.PETROL,
                  8,
                  random.nextBoolean() ? Cooling.RAW_WATER : Cooling.CLOSED));
    };
  }

  private static Map<Accessory, Answer> answers(Random random, int percentYes) {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    for (Accessory accessory : Accessory.values()) {
      answers.put(accessory, random.nextInt(100) < percentYes ? Answer.YES : Answer.NO);
    }
    if (answers.get(Accessory.DOMESTIC_WATER) == Answer.NO) {
      answers.put(Accessory.WATER_HEATER, Answer.NO);
    }
    return answers;
  }

  private static BoatDescription described(
      String name, Layout layout, List<EngineDescription> engines, Map<Accessory, Answer> answers) {
    return new BoatDescription(
        name,
        "",
        BoatKind.POWER,
        8.5,
        layout,
        engines,
        answers,
        null,
        WaterUsedIn.SALT,
        false,
        null,
        "",
        "",
        List.of(),
        List.of(),
        List.of());
  }
}
