package elsko.server.demo;

import static elsko.core.boat.description.Accessory.*;
import static elsko.core.boat.description.BoatKind.POWER;
import static elsko.core.boat.description.BoatKind.SAIL;
import static elsko.core.boat.description.Cooling.AIR;
import static elsko.core.boat.description.Cooling.CLOSED;
import static elsko.core.boat.description.Cooling.RAW_WATER;
import static elsko.core.boat.description.Fuel.DIESEL;
import static elsko.core.boat.description.Fuel.PETROL;
import static elsko.core.boat.path.Position.CENTER;
import static elsko.core.boat.path.Position.PORT;
import static elsko.core.boat.path.Position.STARBOARD;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.guide.Complaint;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Boats of every other layout, at different stages; one has a generator nobody listed. */
final class OtherLayouts {
  /** Two days and a morning after it came in: its acid has been in it for about three hours. */
  private static final Duration SOAKING_SINCE = Duration.ofDays(2).plusMinutes(430);

  private static final Duration A_WEEK = Duration.ofDays(7);
  private static final Duration DAYS = Duration.ofDays(4);

  private static final UnaryOperator<DemoStory> WET = story -> story.cameIn(false);
  private static final UnaryOperator<DemoStory> IN_SERVICE = story -> story.cameIn(true);

  private final FennholmFleet boats;
  private final UnaryOperator<DemoStory> done;

  OtherLayouts(FennholmFleet boats) {
    this.boats = boats;
    this.done =
        story ->
            story.cameIn(false).by("technician").opens(Procedure.WINTERIZE).toTheEnd(boats.usual);
  }

  void tell() {
    inboards();
    sailing();
    small();
    unfinished();
  }

  private void inboards() {
    boats.tell(vDrive("Wigeon", 6.8, DrainArrangement.HEX_PLUGS), "C1", 6, done);
    boats.tell(vDrive("Teal", 7.0, DrainArrangement.FINGER_PLUGS), "C3", 2, WET);
    boats.tell(vDrive("Pochard", 7.3, DrainArrangement.HEX_PLUGS), "C5", 1, WET);
    boats.tell(vDrive("Smew", 7.1, DrainArrangement.FINGER_PLUGS), "D2", 4, done);
    boats.tell(
        twin(
            "Storm Petrel", 12.4, GENERATOR, AIR_CONDITIONING, DOMESTIC_WATER, WATER_HEATER, HEADS),
        "D5",
        3,
        done);
    boats.tell(twin("Kittiwake", 11.2, GENERATOR, AIR_CONDITIONING), "C9", 1, WET);
    boats.tell(twin("Gannet", 13.1, GENERATOR, DOMESTIC_WATER, HEADS), "W9", 25, IN_SERVICE);
    boats.tell(twin("Guillemot", 11.8, DOMESTIC_WATER, HEADS), "C12", 0, story -> story);
    boats.tell(
        shaft("Skua", 9.4, Exhaust.WATER_LIFT),
        "D8",
        8,
        story ->
            done.apply(story)
                .later(A_WEEK)
                .opens(Procedure.COMMISSION)
                .through("domestic-water.antifreeze-out", boats.usual));
    boats.tell(
        shaft("Fulmar", 10.1, Exhaust.THROUGH_TRANSOM),
        "D10",
        2,
        story ->
            WET.apply(story)
                .later(SOAKING_SINCE)
                .by("technician")
                .opens(Procedure.DESCALE)
                .through("first-shot", boats.usual));
    boats.tell(
        boats.described(
            "Albacore",
            POWER,
            10.8,
            Layout.SHAFT,
            engine(DIESEL, 6, CLOSED),
            ICE_MAKER,
            WATERMAKER,
            LIVE_WELL,
            BILGE_PUMP_LINES),
        "W11",
        30,
        IN_SERVICE);
    boats.tell(vintage("Corncrake", 6.2), "B1", 5, done);
    boats.tell(
        vintage("Old Lapwing", 7.6),
        "B2",
        1,
        story ->
            WET.apply(story)
                .by("coordinator")
                .say(new Fact.Complained(null, Complaint.STEAMS_UNDER_LOAD)));
    boats.tell(
        boats.described("Ammonite", POWER, 8.2, Layout.STERNDRIVE, engine(PETROL, 8, CLOSED)),
        "D14",
        7,
        story -> done.apply(story).later(DAYS).opens(Procedure.COMMISSION).begins(2, boats.usual));
    boats.tell(
        boats.described(
            "Limpet", POWER, 7.4, Layout.STERNDRIVE, engine(DIESEL, 4, CLOSED), HEATER_CORE),
        "C15",
        2,
        WET);
    boats.tell(
        boats.described("Whelk", POWER, 5.6, Layout.STERNDRIVE, engine(PETROL, 4, RAW_WATER)),
        "C17",
        6,
        done);
  }

  private void sailing() {
    boats.tell(saildrive("Arctic Tern", 9.8), "B4", 6, done);
    boats.tell(
        saildrive("Sooty Tern", 10.6),
        "D7",
        2,
        story ->
            WET.apply(story)
                .by("technician")
                .say(new Fact.ReadingTaken(CENTER, "belt-deflection", 19, 310.0))
                .say(new Fact.ConditionSeen(CENTER, "oil-look", "dark"))
                .say(new Fact.ConditionSeen(CENTER, "smoke", "blue"))
                .say(new Fact.ReadingTaken(CENTER, "impeller-vanes", 5, 6.0)));
    boats.tell(saildrive("Little Auk", 8.9), "W13", 22, IN_SERVICE);
    boats.tell(saildrive("Razorbill", 11.4), "W14", 28, IN_SERVICE);
    boats.tell(saildrive("Puffin", 9.2), "B6", 1, WET);
    boats.tell(smallDiesel("Sandpiper", 8.1, true), "D11", 5, done);
    boats.tell(smallDiesel("Ringed Plover", 7.4, false), "D13", 1, WET);
    boats.tell(
        smallDiesel("Knot", 7.9, true),
        "W16",
        19,
        story -> IN_SERVICE.apply(story).later(DAYS).say(new Fact.CameBack(3.5)));
    boats.tell(
        boats.described("Barnacle", SAIL, 6.4, Layout.NONE, null, DOMESTIC_WATER), "D16", 9, done);
  }

  private void small() {
    boats.tell(outboard("Sprat", 5.2, LIVE_WELL, WASHDOWN), "R1", 7, done);
    boats.tell(outboard("Whitebait", 4.8), "R2", 7, done);
    boats.tell(outboard("Smelt", 5.5), "R4", 1, WET);
    boats.tell(outboard("Stickleback", 4.6), "S1", 8, done);
    boats.tell(outboard("Gudgeon", 5.0, WASHDOWN), "S3", 0, story -> story);
    boats.tell(jet("Dragonfly", 5.4, false), "R6", 4, done);
    boats.tell(jet("Damselfly", 5.9, true), "S5", 1, WET);
    boats.tell(
        boats.described("Midge", POWER, 5.1, Layout.SHAFT, engine(PETROL, 1, AIR)),
        "S6",
        12,
        story -> story);
  }

  private void unfinished() {
    boats.tell(
        boats.described(
            "Sea Holly",
            POWER,
            8.0,
            Layout.STERNDRIVE,
            List.of(engine(PETROL, 8, RAW_WATER)),
            Map.of()),
        "E1",
        1,
        WET);
    boats.tell(
        twin("Velvet Scoter", 10.9, GENERATOR),
        "C18",
        2,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Procedure.WINTERIZE)
                .through("port-engine.prove", boats.usual));
  }

  private BoatDescription vDrive(String name, double lengthM, DrainArrangement drains) {
    return boats.described(
        name,
        POWER,
        lengthM,
        Layout.V_DRIVE,
        engine(PETROL, 8, CLOSED).with(drains),
        BALLAST,
        HEATER_CORE);
  }

  private BoatDescription twin(String name, double lengthM, Accessory... has) {
    return boats.described(
        name,
        POWER,
        lengthM,
        Layout.SHAFT,
        List.of(
            EngineDescription.usual(PORT, DIESEL, 6, CLOSED).with(FennholmFleet.hours(812)),
            EngineDescription.usual(STARBOARD, DIESEL, 6, CLOSED).with(FennholmFleet.hours(806))),
        FennholmFleet.answers(has));
  }

  private BoatDescription shaft(String name, double lengthM, Exhaust exhaust) {
    return boats.described(
        name,
        POWER,
        lengthM,
        Layout.SHAFT,
        engine(DIESEL, 4, CLOSED).with(exhaust),
        DOMESTIC_WATER);
  }

  private BoatDescription vintage(String name, double lengthM) {
    return boats.described(
        name,
        POWER,
        lengthM,
        Layout.SHAFT,
        engine(PETROL, 4, RAW_WATER)
            .with(
                Set.of(
                    EnginePart.SEACOCK, EnginePart.BILGE_BRANCH, EnginePart.THERMOSTAT_HOUSING)));
  }

  private BoatDescription saildrive(String name, double lengthM) {
    return boats.described(
        name,
        SAIL,
        lengthM,
        Layout.SAILDRIVE,
        engine(DIESEL, 3, CLOSED),
        DOMESTIC_WATER,
        WATER_HEATER,
        HEADS);
  }

  private BoatDescription smallDiesel(String name, double lengthM, boolean tee) {
    EngineDescription engine = engine(DIESEL, 2, RAW_WATER);
    return boats.described(
        name,
        SAIL,
        lengthM,
        Layout.SHAFT,
        tee
            ? engine.with(
                Set.of(
                    EnginePart.SEACOCK,
                    EnginePart.STRAINER,
                    EnginePart.TRANSMISSION_COOLER,
                    EnginePart.FLUSH_TEE,
                    EnginePart.THERMOSTAT_HOUSING))
            : engine,
        HEADS);
  }

  private BoatDescription outboard(String name, double lengthM, Accessory... has) {
    return boats.described(
        name, POWER, lengthM, Layout.OUTBOARD, engine(PETROL, 4, RAW_WATER), has);
  }

  private BoatDescription jet(String name, double lengthM, boolean valve) {
    EngineDescription engine = engine(PETROL, 3, CLOSED);
    return boats.described(
        name,
        POWER,
        lengthM,
        Layout.JET,
        valve ? engine.with(Set.of(EnginePart.PORT_VALVE)) : engine);
  }

  private static EngineDescription engine(
      Fuel fuel, int cylinders, elsko.core.boat.description.Cooling cooling) {
    return EngineDescription.usual(CENTER, fuel, cylinders, cooling)
        .with(FennholmFleet.hours(90 + 67 * cylinders));
  }
}
