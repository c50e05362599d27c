package elsko.core;

import static elsko.core.boat.description.EngineDescription.usual;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.AddedDrain;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.Position;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Descriptions of made-up boats, one of each kind, for tests. */
public final class Hulls {
  private Hulls() {}

  public static BoatDescription sterndrive(DrainArrangement drains) {
    return boat(
        "Testudo",
        BoatKind.POWER,
        Layout.STERNDRIVE,
        usual(Position.CENTER, Fuel.PETROL, 8, Cooling.RAW_WATER).with(drains));
  }

  public static BoatDescription sterndriveClosed() {
    return boat(
        "Ammonite",
        BoatKind.POWER,
        Layout.STERNDRIVE,
        usual(Position.CENTER, Fuel.PETROL, 8, Cooling.CLOSED));
  }

  public static BoatDescription vDrive(DrainArrangement drains) {
    return boat(
            "Wagtail",
            BoatKind.POWER,
            Layout.V_DRIVE,
            usual(Position.CENTER, Fuel.PETROL, 8, Cooling.CLOSED).with(drains))
        .with(answers(Accessory.BALLAST, Accessory.HEATER_CORE));
  }

  public static BoatDescription twinDiesel() {
    return boat(
            "Halcyon",
            BoatKind.POWER,
            Layout.SHAFT,
            usual(Position.PORT, Fuel.DIESEL, 6, Cooling.CLOSED),
            usual(Position.STARBOARD, Fuel.DIESEL, 6, Cooling.CLOSED))
        .with(answers(Accessory.GENERATOR, Accessory.AIR_CONDITIONING));
  }

  public static BoatDescription saildrive() {
    return boat(
            "Fulmar",
            BoatKind.SAIL,
            Layout.SAILDRIVE,
            usual(Position.CENTER, Fuel.DIESEL, 3, Cooling.CLOSED))
        .with(answers(Accessory.DOMESTIC_WATER, Accessory.WATER_HEATER, Accessory.HEADS));
  }

  public static BoatDescription smallDiesel() {
    return boat(
        "Sandpiper",
        BoatKind.SAIL,
        Layout.SHAFT,
        usual(Position.CENTER, Fuel.DIESEL, 2, Cooling.RAW_WATER)
            .with(
                Set.of(
                    EnginePart.SEACOCK,
                    EnginePart.STRAINER,
                    EnginePart.TRANSMISSION_COOLER,
                    EnginePart.FLUSH_TEE,
                    EnginePart.THERMOSTAT_HOUSING)));
  }

  public static BoatDescription vintage() {
    return boat(
        "Corncrake",
        BoatKind.POWER,
        Layout.SHAFT,
        usual(Position.CENTER, Fuel.PETROL, 4, Cooling.RAW_WATER)
            .with(
                Set.of(
                    EnginePart.SEACOCK, EnginePart.BILGE_BRANCH, EnginePart.THERMOSTAT_HOUSING)));
  }

  public static BoatDescription outboard() {
    return boat(
            "Sprat",
            BoatKind.POWER,
            Layout.OUTBOARD,
            usual(Position.CENTER, Fuel.PETROL, 4, Cooling.RAW_WATER))
        .with(answers(Accessory.LIVE_WELL, Accessory.WASHDOWN));
  }

  public static BoatDescription jet(boolean valve) {
    EngineDescription engine = usual(Position.CENTER, Fuel.PETROL, 4, Cooling.CLOSED);
    return boat(
        "Dragonfly",
        BoatKind.POWER,
        Layout.JET,
        valve ? engine.with(Set.of(EnginePart.PORT_VALVE)) : engine);
  }

  public static BoatDescription airCooled() {
    return boat(
        "Midge", BoatKind.POWER, Layout.SHAFT, usual(Position.CENTER, Fuel.PETROL, 1, Cooling.AIR));
  }

  public static BoatDescription iceAndWatermaker() {
    return boat(
            "Albacore",
            BoatKind.POWER,
            Layout.SHAFT,
            usual(Position.CENTER, Fuel.DIESEL, 6, Cooling.CLOSED).with(Exhaust.THROUGH_TRANSOM))
        .with(answers(Accessory.ICE_MAKER, Accessory.WATERMAKER, Accessory.BILGE_PUMP_LINES));
  }

  public static BoatDescription noEngine() {
    return boat("Barnacle", BoatKind.SAIL, Layout.NONE)
        .with(answers(Accessory.DOMESTIC_WATER, Accessory.HEADS));
  }

  /** Every accessory answered: those named YES, the others NO. */
  public static Map<Accessory, Answer> answers(Accessory... has) {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    for (Accessory accessory : Accessory.values()) {
      answers.put(accessory, List.of(has).contains(accessory) ? Answer.YES : Answer.NO);
    }
    return answers;
  }

  public static BoatDescription boat(
      String name, BoatKind kind, Layout layout, EngineDescription... engines) {
    return new BoatDescription(
        name,
        "",
        kind,
        8.4,
        layout,
        List.of(engines),
        answers(),
        null,
        WaterUsedIn.SALT,
        false,
        null,
        "",
        "",
        List.of(),
        List.of(),
        List.<AddedDrain>of());
  }

  /** The same boat with another hull. */
  public static BoatDescription ofLength(BoatDescription boat, double hullM) {
    return new BoatDescription(
        boat.name(),
        boat.hullId(),
        boat.kind(),
        hullM,
        boat.layout(),
        boat.engines(),
        boat.accessories(),
        boat.domesticTankLiters(),
        boat.waterUsedIn(),
        boat.silty(),
        boat.method(),
        boat.owner(),
        boat.notes(),
        boat.segmentChanges(),
        boat.fittingChanges(),
        boat.addedDrains());
  }
}
