package elsko.core.boat.description;

import static elsko.core.boat.description.EngineDescription.usual;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BoatDescriptionTest {
  private static final EngineDescription V8 =
      usual(Position.CENTER, Fuel.PETROL, 8, Cooling.RAW_WATER);

  private static BoatDescription described(String name, double length, String notes) {
    return described(name, length, Layout.STERNDRIVE, WaterUsedIn.SALT, null, notes, V8);
  }

  private static BoatDescription described(
      String name,
      double length,
      Layout layout,
      WaterUsedIn water,
      Method method,
      String notes,
      EngineDescription... engines) {
    return new BoatDescription(
        name,
        null,
        null,
        length,
        layout,
        List.of(engines),
        null,
        null,
        water,
        false,
        method,
        null,
        notes,
        null,
        null,
        null);
  }

  private static void refusedAt(String field, String because, Runnable description) {
    assertThatThrownBy(description::run)
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field))
        .hasMessageContaining(because);
  }

  @Test
  void spaceAroundANameIsNotPartOfIt() {
    assertThat(described("  Sea Pea ", 7, null).name()).isEqualTo("Sea Pea");
    assertThat(described("Sea Pea", 7, null).notes()).isEmpty();
  }

  @Test
  void whatCannotBeABoatIsRefusedAtItsField() {
    refusedAt("name", "Give the boat a name", () -> described(" ", 7, null));
    refusedAt("name", "At most 60", () -> described("x".repeat(61), 7, null));
    refusedAt("hullLengthM", "from 2 to 40", () -> described("A", 1.9, null));
    refusedAt("hullLengthM", "a number", () -> described("A", Double.NaN, null));
    refusedAt("notes", "2,000", () -> described("A", 7, "n".repeat(2001)));
    refusedAt(
        "hours",
        "from 0",
        () ->
            new EngineDetails(
                null, -1.0, null, "", null, null, null, "", null, null, null, null, null, null,
                null, null, null, "", ""));
    refusedAt("liters", "from 0.05", () -> new SegmentChange("engine", "pump", -1.0, false));
  }

  @Test
  void choicesMustBeMade() {
    refusedAt(
        "layout", "which layout", () -> described("A", 7, null, WaterUsedIn.SALT, null, "", V8));
    refusedAt(
        "waterUsedIn",
        "what water",
        () -> described("A", 7, Layout.STERNDRIVE, null, null, "", V8));
    refusedAt(
        "engines",
        "Describe the engine",
        () -> described("A", 7, Layout.STERNDRIVE, WaterUsedIn.SALT, null, ""));
    refusedAt("fuel", "petrol or diesel", () -> usual(Position.CENTER, null, 4, Cooling.CLOSED));
    refusedAt("cooling", "cools", () -> usual(Position.CENTER, Fuel.DIESEL, 4, null));
  }

  @Test
  void whatContradictsItselfIsRefusedWithTheReason() {
    refusedAt(
        "exhaust",
        "A water lift exhaust does not exist on an outboard",
        () -> Hulls.boat("A", BoatKind.POWER, Layout.OUTBOARD, V8.with(Exhaust.WATER_LIFT)));
    refusedAt(
        "exhaust",
        "cooled by water that has to leave",
        () -> Hulls.boat("A", BoatKind.POWER, Layout.STERNDRIVE, V8.with(Exhaust.DRY)));
    refusedAt(
        "drains",
        "is not how a jet drive",
        () -> Hulls.boat("A", BoatKind.POWER, Layout.JET, V8.with(DrainArrangement.FOUR_DRAINS)));
    refusedAt(
        "parts",
        "A seacock does not exist on this outboard",
        () ->
            Hulls.boat("A", BoatKind.POWER, Layout.OUTBOARD, V8.with(Set.of(EnginePart.SEACOCK))));
    refusedAt(
        "engines",
        "the same place",
        () -> Hulls.boat("A", BoatKind.POWER, Layout.STERNDRIVE, V8, V8));
    refusedAt("engines", "no engine", () -> Hulls.boat("A", BoatKind.SAIL, Layout.NONE, V8));
    refusedAt(
        "accessories",
        "needs domestic water",
        () -> Hulls.airCooled().with(Hulls.answers(Accessory.WATER_HEATER)));
    refusedAt(
        "accessories",
        "said not to be there",
        () ->
            Hulls.boat(
                "A",
                BoatKind.POWER,
                Layout.NONE,
                usual(Position.GENERATOR, Fuel.DIESEL, 3, Cooling.CLOSED)));
  }

  @Test
  void pouringNeedsAThermostatHousing() {
    BoatDescription bare =
        Hulls.boat("A", BoatKind.POWER, Layout.STERNDRIVE, V8.with(Set.of(EnginePart.TAKES_MUFFS)))
            .with(Method.POUR);
    refusedAt("method", "thermostat housing", () -> Boat.of(bare));
    assertThat(Boat.of(Hulls.sterndrive(null).with(Method.POUR)).circuit("engine").methods())
        .contains(Method.POUR);
  }

  @Test
  void whatNobodyAnsweredIsACircuitNobodyKnows() {
    BoatDescription half = Hulls.sterndrive(null).with(Map.of(Accessory.HEATER_CORE, Answer.YES));
    Boat boat = Boat.of(half);
    assertThat(boat.circuit("generator").kind()).isEqualTo(CircuitKind.UNANSWERED);
    assertThat(boat.circuit("heater-core").kind()).isEqualTo(CircuitKind.HEATER_CORE);
    assertThat(boat.hasCircuit("water-heater")).isFalse();
  }
}
